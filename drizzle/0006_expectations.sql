ALTER TABLE `doors` ADD `expectations` text DEFAULT '[]' NOT NULL;--> statement-breakpoint
UPDATE `doors` SET `brief` = json_set(`brief`, '$.keyOverride', null) WHERE json_type(`brief`, '$.keyOverride') IS NULL;
