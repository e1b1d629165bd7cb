PRAGMA foreign_keys=OFF;
--> statement-breakpoint
CREATE TABLE `__new_sessions` (
	`id` text PRIMARY KEY NOT NULL,
	`version` integer NOT NULL,
	`updated_at` text NOT NULL,
	`shape` integer DEFAULT 0 NOT NULL,
	`data` text NOT NULL,
	`owner` text DEFAULT '' NOT NULL,
	`group_id` text,
	`break_id` text,
	`started_at` text NOT NULL,
	`brief` text,
	`deleted_at` text,
	FOREIGN KEY (`group_id`) REFERENCES `groups`(`id`) ON UPDATE no action ON DELETE set null,
	FOREIGN KEY (`break_id`) REFERENCES `breaks`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
INSERT INTO `__new_sessions`("id", "version", "updated_at", "shape", "data", "owner", "group_id", "break_id", "started_at") SELECT "id", "version", "updated_at", "shape", "data", "owner", "group_id", "break_id", "started_at" FROM `sessions`;
--> statement-breakpoint
DROP TABLE `sessions`;
--> statement-breakpoint
ALTER TABLE `__new_sessions` RENAME TO `sessions`;
--> statement-breakpoint
PRAGMA foreign_keys=ON;
--> statement-breakpoint
CREATE INDEX `sessions_started` ON `sessions` (`started_at`);
--> statement-breakpoint
CREATE TABLE `measures` (
	`id` text PRIMARY KEY NOT NULL,
	`version` integer NOT NULL,
	`updated_at` text NOT NULL,
	`shape` integer DEFAULT 0 NOT NULL,
	`data` text NOT NULL,
	`group_id` text NOT NULL,
	`person_id` text,
	`session_id` text,
	`taken_at` text NOT NULL,
	FOREIGN KEY (`group_id`) REFERENCES `groups`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`person_id`) REFERENCES `people`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`session_id`) REFERENCES `sessions`(`id`) ON UPDATE no action ON DELETE set null
);
--> statement-breakpoint
CREATE INDEX `measures_group` ON `measures` (`group_id`,`taken_at`);
