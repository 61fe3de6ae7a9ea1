CREATE TABLE `scope_change` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`what` varchar(200) NOT NULL,
	`hours` double NOT NULL,
	`money_minor` bigint NOT NULL,
	`days` int NOT NULL,
	`agreed_by` varchar(80) NOT NULL,
	`on_date` char(10) NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `scope_change_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `step_edit` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`step_key` varchar(160) NOT NULL,
	`person_minutes` int,
	`skipped` boolean NOT NULL,
	`note` varchar(200) NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `step_edit_id` PRIMARY KEY(`id`),
	CONSTRAINT `step_edit_of_job` UNIQUE(`job_id`,`step_key`),
	CONSTRAINT `step_edit_minutes` CHECK(`step_edit`.`person_minutes` is null or `step_edit`.`person_minutes` >= 0)
);
--> statement-breakpoint
ALTER TABLE `scope_change` ADD CONSTRAINT `scope_change_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `step_edit` ADD CONSTRAINT `step_edit_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `scope_change_of_job` ON `scope_change` (`job_id`);