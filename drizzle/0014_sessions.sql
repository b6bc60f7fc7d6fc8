CREATE TABLE `sessions` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`codes` integer NOT NULL,
	`device` text NOT NULL,
	`address` text NOT NULL,
	`since` integer NOT NULL,
	`last_seen` integer NOT NULL,
	`until` integer NOT NULL
);
--> statement-breakpoint
DELETE FROM `server_settings` WHERE `name` = 'session-key';
