CREATE TABLE `answers` (
	`id` text PRIMARY KEY NOT NULL,
	`group_id` text NOT NULL,
	`person_id` text NOT NULL,
	`starts_at` text NOT NULL,
	`data` text NOT NULL,
	FOREIGN KEY (`group_id`) REFERENCES `groups`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`person_id`) REFERENCES `people`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `calendar_entries` (
	`uid` text PRIMARY KEY NOT NULL,
	`group_id` text NOT NULL,
	`person_id` text,
	`date` text NOT NULL,
	`data` text NOT NULL,
	FOREIGN KEY (`group_id`) REFERENCES `groups`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`person_id`) REFERENCES `people`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `calendar_entries_whose` ON `calendar_entries` (`group_id`,`person_id`);--> statement-breakpoint
CREATE TABLE `calendars` (
	`id` text PRIMARY KEY NOT NULL,
	`version` integer NOT NULL,
	`updated_at` text NOT NULL,
	`data` text NOT NULL,
	`group_id` text NOT NULL,
	`person_id` text,
	`copied_at` text,
	`tried_at` text,
	`problem` text,
	`events` integer DEFAULT 0 NOT NULL,
	`times` text,
	FOREIGN KEY (`group_id`) REFERENCES `groups`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`person_id`) REFERENCES `people`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `calendars_group` ON `calendars` (`group_id`);--> statement-breakpoint
CREATE TABLE `feeds` (
	`token` text PRIMARY KEY NOT NULL,
	`group_id` text NOT NULL,
	`person_id` text,
	`alarm_min` integer,
	`created_at` text NOT NULL,
	`revoked_at` text,
	FOREIGN KEY (`group_id`) REFERENCES `groups`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`person_id`) REFERENCES `people`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `messages` (
	`id` text PRIMARY KEY NOT NULL,
	`group_id` text NOT NULL,
	`person_id` text NOT NULL,
	`week_id` text NOT NULL,
	`planned_id` text NOT NULL,
	`break_id` text,
	`break_name` text NOT NULL,
	`date` text NOT NULL,
	`start_min` integer NOT NULL,
	`starts_at` text NOT NULL,
	`due_at` text NOT NULL,
	`sent_at` text,
	`times` integer DEFAULT 0 NOT NULL,
	`state` text NOT NULL,
	FOREIGN KEY (`group_id`) REFERENCES `groups`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`person_id`) REFERENCES `people`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `messages_state` ON `messages` (`state`,`due_at`);--> statement-breakpoint
DROP INDEX `weeks_group_start`;--> statement-breakpoint
ALTER TABLE `weeks` ADD `person_id` text REFERENCES people(id) ON DELETE cascade;--> statement-breakpoint
ALTER TABLE `weeks` ADD `whose` text DEFAULT '' NOT NULL;--> statement-breakpoint
CREATE UNIQUE INDEX `weeks_whose_start` ON `weeks` (`group_id`,`whose`,`start_date`);