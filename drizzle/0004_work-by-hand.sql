CREATE TABLE `added_step` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`operation` varchar(32) NOT NULL,
	`name` varchar(80) NOT NULL,
	`section_key` varchar(160) NOT NULL,
	`person_minutes` int NOT NULL,
	`after_step` varchar(160) NOT NULL,
	`before_step` varchar(160),
	`note` varchar(200) NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `added_step_id` PRIMARY KEY(`id`),
	CONSTRAINT `added_step_minutes` CHECK(`added_step`.`person_minutes` >= 0)
);
--> statement-breakpoint
CREATE TABLE `operation` (
	`id` varchar(160) NOT NULL,
	`shop_id` varchar(160) NOT NULL,
	`entry` json NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `operation_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `mark` DROP CONSTRAINT `mark_kind`;--> statement-breakpoint
ALTER TABLE `job` ADD `schools` json;--> statement-breakpoint
ALTER TABLE `section` ADD `schools` json;--> statement-breakpoint
ALTER TABLE `section` ADD `rounds` json;--> statement-breakpoint
ALTER TABLE `section` ADD `stop_rule` json;--> statement-breakpoint
ALTER TABLE `step_edit` ADD `after_step` varchar(160);--> statement-breakpoint
ALTER TABLE `step_edit` ADD `override` boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `step_edit` ADD `person` varchar(160);--> statement-breakpoint
ALTER TABLE `added_step` ADD CONSTRAINT `added_step_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `operation` ADD CONSTRAINT `operation_shop_id_shop_id_fk` FOREIGN KEY (`shop_id`) REFERENCES `shop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `mark` ADD CONSTRAINT `mark_kind` CHECK (`mark`.`kind` in ('dent', 'rust', 'peel', 'crack', 'chip', 'dull', 'high', 'low', 'pinhole', 'feather', 'rub-through'));