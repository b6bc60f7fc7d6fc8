CREATE TABLE `conductors` (
	`site` text NOT NULL,
	`id` text NOT NULL,
	`door` text NOT NULL,
	`number` text NOT NULL,
	`from_device` text NOT NULL,
	`from_pin` text NOT NULL,
	`to_device` text NOT NULL,
	`to_pin` text NOT NULL,
	`colour` text NOT NULL,
	`gauge` text NOT NULL,
	`length_m` real NOT NULL,
	`cable` text NOT NULL,
	`origin` text NOT NULL,
	PRIMARY KEY(`site`, `id`),
	FOREIGN KEY (`site`) REFERENCES `sites`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`site`,`door`) REFERENCES `doors`(`site`,`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`site`,`from_device`) REFERENCES `devices`(`site`,`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`site`,`to_device`) REFERENCES `devices`(`site`,`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `devices` (
	`site` text NOT NULL,
	`id` text NOT NULL,
	`door` text,
	`tag` text NOT NULL,
	`type` text NOT NULL,
	`place` text NOT NULL,
	`settings` text NOT NULL,
	`notes` text NOT NULL,
	PRIMARY KEY(`site`, `id`),
	FOREIGN KEY (`site`) REFERENCES `sites`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`site`,`door`) REFERENCES `doors`(`site`,`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `doors` (
	`site` text NOT NULL,
	`id` text NOT NULL,
	`position` integer NOT NULL,
	`name` text NOT NULL,
	`brief` text NOT NULL,
	`dead_state` text,
	`notes` text NOT NULL,
	PRIMARY KEY(`site`, `id`),
	FOREIGN KEY (`site`) REFERENCES `sites`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `edits` (
	`site` text NOT NULL,
	`revision` integer NOT NULL,
	`at` text NOT NULL,
	`author` text NOT NULL,
	`doors` text NOT NULL,
	`body` text NOT NULL,
	PRIMARY KEY(`site`, `revision`),
	FOREIGN KEY (`site`) REFERENCES `sites`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `edits_at` ON `edits` (`site`,`at`);--> statement-breakpoint
CREATE TABLE `keypad_memories` (
	`site` text NOT NULL,
	`device` text NOT NULL,
	`memory` text NOT NULL,
	PRIMARY KEY(`site`, `device`),
	FOREIGN KEY (`site`) REFERENCES `sites`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`site`,`device`) REFERENCES `devices`(`site`,`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `people` (
	`site` text NOT NULL,
	`id` text NOT NULL,
	`name` text NOT NULL,
	`role` text NOT NULL,
	`doors` text NOT NULL,
	`slots` text NOT NULL,
	`card_facility` integer,
	`card_number` integer,
	`code` text NOT NULL,
	PRIMARY KEY(`site`, `id`),
	FOREIGN KEY (`site`) REFERENCES `sites`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `readings` (
	`site` text NOT NULL,
	`id` text NOT NULL,
	`door` text NOT NULL,
	`check_id` text NOT NULL,
	`value` real,
	`passed` integer NOT NULL,
	`low` real,
	`high` real,
	`by` text NOT NULL,
	`at` text NOT NULL,
	`note` text NOT NULL,
	PRIMARY KEY(`site`, `id`),
	FOREIGN KEY (`site`) REFERENCES `sites`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`site`,`door`) REFERENCES `doors`(`site`,`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `sites` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`address` text DEFAULT '' NOT NULL,
	`region` text DEFAULT 'europe' NOT NULL,
	`units` text DEFAULT 'metric' NOT NULL,
	`notes` text DEFAULT '' NOT NULL,
	`revision` integer DEFAULT 0 NOT NULL
);
