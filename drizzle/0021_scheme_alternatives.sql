CREATE TABLE `alternative` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`name` varchar(80) NOT NULL,
	`scheme` json NOT NULL,
	`if_unmatched_colour_key` varchar(160),
	`most_attempts` int NOT NULL,
	`last_day` char(10),
	`chosen_by` varchar(80) NOT NULL,
	`chosen_on` char(10),
	`note` varchar(200) NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `alternative_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `loose_item` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`what` varchar(80) NOT NULL,
	`kind` varchar(32) NOT NULL,
	`colour_key` varchar(160),
	`finish` varchar(80) NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `loose_item_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `match_attempt` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`colour_key` varchar(160) NOT NULL,
	`on_date` char(10) NOT NULL,
	`change` varchar(120) NOT NULL,
	`verdict` varchar(32) NOT NULL,
	`light` varchar(80) NOT NULL,
	`note` varchar(200) NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `match_attempt_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `colour` ADD `coats` int;--> statement-breakpoint
ALTER TABLE `section` ADD `inside_colour` varchar(160);--> statement-breakpoint
ALTER TABLE `alternative` ADD CONSTRAINT `alternative_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `loose_item` ADD CONSTRAINT `loose_item_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `match_attempt` ADD CONSTRAINT `match_attempt_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `alternative_of_job` ON `alternative` (`job_id`);--> statement-breakpoint
CREATE INDEX `loose_item_of_job` ON `loose_item` (`job_id`);--> statement-breakpoint
CREATE INDEX `match_attempt_of_job` ON `match_attempt` (`job_id`);