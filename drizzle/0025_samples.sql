CREATE TABLE `sample` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`colour_key` varchar(160) NOT NULL,
	`on_date` char(10) NOT NULL,
	`shown` varchar(32) NOT NULL,
	`width_mm` int NOT NULL,
	`height_mm` int NOT NULL,
	`verdict` varchar(32) NOT NULL,
	`by` varchar(80) NOT NULL,
	`light` varchar(80) NOT NULL,
	`beside` varchar(80) NOT NULL,
	`note` varchar(200) NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `sample_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `shop` ADD `approval_from` varchar(32) DEFAULT 'Road' NOT NULL;--> statement-breakpoint
ALTER TABLE `shop` ADD `sample_side_mm` int DEFAULT 300 NOT NULL;--> statement-breakpoint
ALTER TABLE `sample` ADD CONSTRAINT `sample_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `sample_of_job` ON `sample` (`job_id`);