ALTER TABLE `job` ADD `figures` json;--> statement-breakpoint
ALTER TABLE `shop` ADD `figures` json;