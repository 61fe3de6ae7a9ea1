ALTER TABLE `person` ADD `hours` json;--> statement-breakpoint
ALTER TABLE `place` ADD `closed` json;--> statement-breakpoint
ALTER TABLE `place` ADD `rented` json;