CREATE TABLE `construction` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`name` varchar(80) NOT NULL,
	`colour_key` varchar(160) NOT NULL,
	`strip_key` varchar(160) NOT NULL,
	`place` int NOT NULL,
	`shape` json NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `construction_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `construction` ADD CONSTRAINT `construction_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `construction_of_job` ON `construction` (`job_id`);