CREATE TABLE `devices` (
	`id` text PRIMARY KEY NOT NULL,
	`token` text NOT NULL,
	`group_id` text NOT NULL,
	`person_id` text NOT NULL,
	`data` text NOT NULL,
	`created_at` text NOT NULL,
	FOREIGN KEY (`token`) REFERENCES `desk_pages`(`token`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`group_id`) REFERENCES `groups`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`person_id`) REFERENCES `people`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `devices_person` ON `devices` (`person_id`);--> statement-breakpoint
CREATE TABLE `push_keys` (
	`id` text PRIMARY KEY NOT NULL,
	`public_key` text NOT NULL,
	`data` text NOT NULL
);
