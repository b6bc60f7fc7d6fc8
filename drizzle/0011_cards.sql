CREATE TABLE `card_formats` (
	`site` text NOT NULL,
	`id` text NOT NULL,
	`body` text NOT NULL,
	PRIMARY KEY(`site`, `id`),
	FOREIGN KEY (`site`) REFERENCES `sites`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
ALTER TABLE `people` ADD `cards` text DEFAULT '[]' NOT NULL;--> statement-breakpoint
ALTER TABLE `people` ADD `fingers` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `people` ADD `phone` text DEFAULT '' NOT NULL;--> statement-breakpoint
UPDATE `people` SET `cards` = json_array(json_object('facility', `card_facility`, 'number', `card_number`, 'format', 'bits-26', 'given', NULL, 'by', '', 'lost', NULL, 'slots', json('{}'))) WHERE `card_number` IS NOT NULL AND `card_facility` IS NOT NULL;
