ALTER TABLE `place` ADD `outdoors` boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `shop` ADD `loud_hours` json;--> statement-breakpoint
ALTER TABLE `shop` ADD `site` json;