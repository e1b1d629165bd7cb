CREATE TABLE `accounts` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`called` text NOT NULL,
	`roles` text NOT NULL,
	`password` text NOT NULL,
	`created_at` text NOT NULL,
	`closed_at` text
);
--> statement-breakpoint
CREATE UNIQUE INDEX `accounts_called_unique` ON `accounts` (`called`);--> statement-breakpoint
CREATE TABLE `deeds` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`at` text NOT NULL,
	`last_at` text NOT NULL,
	`times` integer DEFAULT 1 NOT NULL,
	`account_id` text NOT NULL,
	`did` text NOT NULL,
	`thing` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `deeds_at` ON `deeds` (`last_at`);--> statement-breakpoint
CREATE TABLE `shares` (
	`kind` text NOT NULL,
	`thing_id` text NOT NULL,
	`account_id` text NOT NULL,
	`may` text NOT NULL,
	PRIMARY KEY(`kind`, `thing_id`, `account_id`),
	FOREIGN KEY (`account_id`) REFERENCES `accounts`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `sign_ins` (
	`id` text PRIMARY KEY NOT NULL,
	`account_id` text NOT NULL,
	`data` text NOT NULL,
	`ends_at` text NOT NULL,
	FOREIGN KEY (`account_id`) REFERENCES `accounts`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `sign_ins_account` ON `sign_ins` (`account_id`);--> statement-breakpoint
CREATE TABLE `__new_settings` (
	`id` text NOT NULL,
	`version` integer NOT NULL,
	`updated_at` text NOT NULL,
	`shape` integer DEFAULT 0 NOT NULL,
	`data` text NOT NULL,
	`owner` text DEFAULT '' NOT NULL,
	PRIMARY KEY(`owner`, `id`)
);
--> statement-breakpoint
INSERT INTO `__new_settings`("id", "version", "updated_at", "shape", "data", "owner") SELECT "id", "version", "updated_at", "shape", "data", '' FROM `settings`;--> statement-breakpoint
DROP TABLE `settings`;--> statement-breakpoint
ALTER TABLE `__new_settings` RENAME TO `settings`;--> statement-breakpoint
ALTER TABLE `breaks` ADD `owner` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `groups` ADD `owner` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `moves` ADD `owner` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `sessions` ADD `owner` text DEFAULT '' NOT NULL;