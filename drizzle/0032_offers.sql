CREATE TABLE `offer` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`number` int NOT NULL,
	`document` json NOT NULL,
	`answer` varchar(32) NOT NULL,
	`answered_by` varchar(80) NOT NULL,
	`answered_where` varchar(80) NOT NULL,
	`answered_on` char(10),
	`made_on` char(10) NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `offer_id` PRIMARY KEY(`id`),
	CONSTRAINT `offer_answer` CHECK(`offer`.`answer` in ('open', 'accepted', 'refused'))
);
--> statement-breakpoint
ALTER TABLE `shop` ADD `offer_terms` json;--> statement-breakpoint
ALTER TABLE `offer` ADD CONSTRAINT `offer_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `offer_of_job` ON `offer` (`job_id`);