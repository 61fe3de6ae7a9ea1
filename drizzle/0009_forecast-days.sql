CREATE TABLE `forecast_day` (
	`job_id` varchar(160) NOT NULL,
	`on_date` char(10) NOT NULL,
	`promised` char(10) NOT NULL,
	`planned` char(10) NOT NULL,
	`p50` char(10) NOT NULL,
	`p80` char(10) NOT NULL,
	`kept` double NOT NULL,
	`planned_labour_min` int NOT NULL,
	`p50_labour_min` int NOT NULL,
	`p80_labour_min` int NOT NULL,
	CONSTRAINT `forecast_day_job_id_on_date_pk` PRIMARY KEY(`job_id`,`on_date`),
	CONSTRAINT `forecast_kept` CHECK(`forecast_day`.`kept` between 0 and 1)
);
--> statement-breakpoint
ALTER TABLE `forecast_day` ADD CONSTRAINT `forecast_day_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;