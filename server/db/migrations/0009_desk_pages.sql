CREATE TABLE `desk_pages` (
	`token` text PRIMARY KEY NOT NULL,
	`group_id` text NOT NULL,
	`person_id` text,
	`data` text,
	`created_at` text NOT NULL,
	`revoked_at` text,
	FOREIGN KEY (`group_id`) REFERENCES `groups`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`person_id`) REFERENCES `people`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `desk_pages_group` ON `desk_pages` (`group_id`);