CREATE TABLE `server_settings` (
	`name` text PRIMARY KEY NOT NULL,
	`value` text NOT NULL
);
--> statement-breakpoint
ALTER TABLE `edits` ADD `edit_id` text;--> statement-breakpoint
CREATE UNIQUE INDEX `edits_id` ON `edits` (`site`,`edit_id`);