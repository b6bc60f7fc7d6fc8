CREATE TABLE `server_settings` (
	`name` text PRIMARY KEY NOT NULL,
	`value` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `withdrawn_edits` (
	`site` text NOT NULL,
	`edit_id` text NOT NULL,
	`at` text NOT NULL,
	PRIMARY KEY(`site`, `edit_id`),
	FOREIGN KEY (`site`) REFERENCES `sites`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
ALTER TABLE `edits` ADD `edit_id` text;--> statement-breakpoint
CREATE UNIQUE INDEX `edits_id` ON `edits` (`site`,`edit_id`);