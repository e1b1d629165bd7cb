CREATE TABLE `voice_lines` (
	`owner` text DEFAULT '' NOT NULL,
	`id` text NOT NULL,
	`text` text NOT NULL,
	`length_ms` integer NOT NULL,
	`type` text NOT NULL,
	`sound` blob NOT NULL,
	`updated_at` text NOT NULL,
	PRIMARY KEY(`owner`, `id`)
);
