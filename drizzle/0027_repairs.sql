CREATE TABLE `repair` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`part_key` varchar(160) NOT NULL,
	`kind` varchar(32) NOT NULL,
	`spot` varchar(80) NOT NULL,
	`size_mm` double NOT NULL,
	`on_date` char(10) NOT NULL,
	`note` varchar(200) NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `repair_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `fitting` ADD `waits_for` varchar(32) DEFAULT 'clean' NOT NULL;--> statement-breakpoint
ALTER TABLE `fitting` ADD `refit_order` int DEFAULT 100 NOT NULL;--> statement-breakpoint
ALTER TABLE `fitting` ADD `hands` int DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `repair` ADD CONSTRAINT `repair_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `repair_of_job` ON `repair` (`job_id`);