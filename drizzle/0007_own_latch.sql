UPDATE `doors` SET `brief` = json_set(`brief`, '$.ownLatch', null) WHERE json_type(`brief`, '$.ownLatch') IS NULL;
