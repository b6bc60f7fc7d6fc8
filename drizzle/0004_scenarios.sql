CREATE TABLE `scenarios` (
	`site` text NOT NULL,
	`id` text NOT NULL,
	`door` text NOT NULL,
	`body` text NOT NULL,
	PRIMARY KEY(`site`, `id`),
	FOREIGN KEY (`site`) REFERENCES `sites`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`site`,`door`) REFERENCES `doors`(`site`,`id`) ON UPDATE no action ON DELETE no action
);
