ALTER TABLE `edit_record` ADD `kind` varchar(32) DEFAULT 'edit' NOT NULL;--> statement-breakpoint
ALTER TABLE `edit_record` ADD `changes` json;--> statement-breakpoint
ALTER TABLE `edit_record` ADD `panels` json;--> statement-breakpoint
ALTER TABLE `edit_record` ADD `request_key` varchar(64);--> statement-breakpoint
ALTER TABLE `edit_record` ADD `undoable` boolean DEFAULT true NOT NULL;--> statement-breakpoint
ALTER TABLE `edit_record` ADD CONSTRAINT `edit_record_request` UNIQUE(`request_key`);--> statement-breakpoint
CREATE INDEX `edit_record_room` ON `edit_record` (`room`,`id`);