ALTER TABLE `people` DROP COLUMN `card_facility`;--> statement-breakpoint
ALTER TABLE `people` DROP COLUMN `card_number`;