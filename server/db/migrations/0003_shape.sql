ALTER TABLE `break_versions` ADD `shape` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `breaks` ADD `shape` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `calendars` ADD `shape` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `groups` ADD `shape` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `moves` ADD `shape` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `people` ADD `shape` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `sessions` ADD `shape` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `settings` ADD `shape` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `weeks` ADD `shape` integer DEFAULT 0 NOT NULL;