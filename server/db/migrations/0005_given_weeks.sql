CREATE TABLE `given_weeks` (
	`week_id` text PRIMARY KEY NOT NULL,
	`group_id` text NOT NULL,
	`person_id` text,
	`start_date` text NOT NULL,
	`given_at` text NOT NULL,
	`data` text,
	`before` text,
	FOREIGN KEY (`week_id`) REFERENCES `weeks`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`group_id`) REFERENCES `groups`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`person_id`) REFERENCES `people`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `given_weeks_group` ON `given_weeks` (`group_id`);--> statement-breakpoint
ALTER TABLE `feeds` ADD `busy` integer DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `feeds` ADD `length_min` integer;--> statement-breakpoint
INSERT INTO `given_weeks` (`week_id`, `group_id`, `person_id`, `start_date`, `given_at`) SELECT `id`, `group_id`, `person_id`, `start_date`, `updated_at` FROM `weeks`;
