CREATE TABLE `sides` (
	`site` text NOT NULL,
	`id` text NOT NULL,
	`body` text NOT NULL,
	PRIMARY KEY(`site`, `id`),
	FOREIGN KEY (`site`) REFERENCES `sites`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`site`,`id`) REFERENCES `doors`(`site`,`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `spaces` (
	`site` text NOT NULL,
	`id` text NOT NULL,
	`body` text NOT NULL,
	PRIMARY KEY(`site`, `id`),
	FOREIGN KEY (`site`) REFERENCES `sites`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `zones` (
	`site` text NOT NULL,
	`id` text NOT NULL,
	`body` text NOT NULL,
	PRIMARY KEY(`site`, `id`),
	FOREIGN KEY (`site`) REFERENCES `sites`(`id`) ON UPDATE no action ON DELETE cascade
);
