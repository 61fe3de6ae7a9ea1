CREATE TABLE `material_cap` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`kind` varchar(32) NOT NULL,
	`product_code` varchar(80) NOT NULL,
	`most_minor` int,
	`most_amount` double,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `material_cap_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `product` ADD `lead_in` varchar(32) DEFAULT 'calendar' NOT NULL;--> statement-breakpoint
ALTER TABLE `send_out` ADD `lead_in` varchar(32) DEFAULT 'calendar' NOT NULL;--> statement-breakpoint
ALTER TABLE `send_out` ADD `leave_at` int;--> statement-breakpoint
ALTER TABLE `send_out` ADD `back_at` int;--> statement-breakpoint
ALTER TABLE `material_cap` ADD CONSTRAINT `material_cap_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `material_cap_of_job` ON `material_cap` (`job_id`);