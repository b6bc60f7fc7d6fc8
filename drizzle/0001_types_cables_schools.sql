CREATE TABLE `cables` (
	`site` text NOT NULL,
	`id` text NOT NULL,
	`door` text NOT NULL,
	`name` text NOT NULL,
	`make` text NOT NULL,
	`screen` text NOT NULL,
	PRIMARY KEY(`site`, `id`),
	FOREIGN KEY (`site`) REFERENCES `sites`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`site`,`door`) REFERENCES `doors`(`site`,`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `device_types` (
	`site` text NOT NULL,
	`id` text NOT NULL,
	`body` text NOT NULL,
	PRIMARY KEY(`site`, `id`),
	FOREIGN KEY (`site`) REFERENCES `sites`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
ALTER TABLE `doors` ADD `schools` text DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE `sites` ADD `colours` text DEFAULT '{}' NOT NULL;