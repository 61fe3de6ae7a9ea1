CREATE TABLE `owner_link` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`token_sha256` char(64) NOT NULL,
	`for_whom` varchar(80) NOT NULL,
	`made_on` char(10) NOT NULL,
	`until_date` char(10) NOT NULL,
	`revoked_on` varchar(10),
	`uses` int NOT NULL DEFAULT 0,
	`last_used_min` bigint,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `owner_link_id` PRIMARY KEY(`id`),
	CONSTRAINT `owner_link_token` UNIQUE(`token_sha256`)
);
--> statement-breakpoint
CREATE TABLE `owner_word` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`kind` varchar(32) NOT NULL,
	`about` varchar(80) NOT NULL,
	`said` varchar(600) NOT NULL,
	`said_by` varchar(80) NOT NULL,
	`at_minute` bigint NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `owner_word_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `owner_link` ADD CONSTRAINT `owner_link_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `owner_word` ADD CONSTRAINT `owner_word_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `owner_link_of_job` ON `owner_link` (`job_id`);--> statement-breakpoint
CREATE INDEX `owner_word_of_job` ON `owner_word` (`job_id`);