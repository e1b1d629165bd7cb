CREATE TABLE `led_feeds` (
	`token` text PRIMARY KEY NOT NULL,
	`owner` text DEFAULT '' NOT NULL,
	`alarm_min` integer,
	`created_at` text NOT NULL,
	`revoked_at` text
);
