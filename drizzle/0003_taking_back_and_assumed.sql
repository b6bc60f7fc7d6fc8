CREATE TABLE `edit_backs` (
	`site` text NOT NULL,
	`revision` integer NOT NULL,
	`body` text NOT NULL,
	PRIMARY KEY(`site`, `revision`),
	FOREIGN KEY (`site`) REFERENCES `sites`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
ALTER TABLE `conductors` ADD `assumed` text DEFAULT '[]' NOT NULL;--> statement-breakpoint
ALTER TABLE `doors` ADD `last_wire` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `readings` ADD `meter` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `readings` ADD `serial` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `readings` ADD `withdrawn` text;--> statement-breakpoint
ALTER TABLE `sites` ADD `company` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `sites` ADD `contact` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `sites` ADD `reference` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `sites` ADD `last_door` integer DEFAULT 0 NOT NULL;