CREATE TABLE `calendars` (
	`site` text NOT NULL,
	`id` text NOT NULL,
	`body` text NOT NULL,
	PRIMARY KEY(`site`, `id`),
	FOREIGN KEY (`site`) REFERENCES `sites`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `hours` (
	`site` text NOT NULL,
	`id` text NOT NULL,
	`body` text NOT NULL,
	PRIMARY KEY(`site`, `id`),
	FOREIGN KEY (`site`) REFERENCES `sites`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `access_levels` (
	`site` text NOT NULL,
	`id` text NOT NULL,
	`body` text NOT NULL,
	PRIMARY KEY(`site`, `id`),
	FOREIGN KEY (`site`) REFERENCES `sites`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
ALTER TABLE `doors` ADD `free_passage` text;--> statement-breakpoint
ALTER TABLE `doors` ADD `opening_hours` text;--> statement-breakpoint
ALTER TABLE `people` ADD `group_name` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `people` ADD `levels` text DEFAULT '[]' NOT NULL;--> statement-breakpoint
ALTER TABLE `people` ADD `valid_from` text;--> statement-breakpoint
ALTER TABLE `people` ADD `valid_until` text;--> statement-breakpoint
ALTER TABLE `sites` ADD `time_zone` text DEFAULT '' NOT NULL;