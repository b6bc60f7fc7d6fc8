CREATE TABLE `simulated_controllers` (
	`site` text NOT NULL,
	`device` text NOT NULL,
	`network` text NOT NULL,
	`taken_at` text,
	`configuration` text,
	PRIMARY KEY(`site`, `device`),
	FOREIGN KEY (`site`) REFERENCES `sites`(`id`) ON UPDATE no action ON DELETE cascade
);
