CREATE TABLE `agreed_plan` (
	`job_id` varchar(160) NOT NULL,
	`input_hash` char(64) NOT NULL,
	`accepted_at` int NOT NULL,
	`plan` json NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `agreed_plan_job_id` PRIMARY KEY(`job_id`)
);
--> statement-breakpoint
CREATE TABLE `closure` (
	`id` varchar(160) NOT NULL,
	`shop_id` varchar(160) NOT NULL,
	`on_date` char(10) NOT NULL,
	`reason` varchar(80) NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `closure_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `day_off` (
	`id` varchar(160) NOT NULL,
	`person_id` varchar(160) NOT NULL,
	`from_date` char(10) NOT NULL,
	`to_date` char(10) NOT NULL,
	`reason` varchar(80) NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `day_off_id` PRIMARY KEY(`id`),
	CONSTRAINT `day_off_order` CHECK(`day_off`.`to_date` >= `day_off`.`from_date`)
);
--> statement-breakpoint
CREATE TABLE `edit_record` (
	`id` int AUTO_INCREMENT NOT NULL,
	`room` varchar(160) NOT NULL,
	`author` varchar(160) NOT NULL,
	`label` varchar(80) NOT NULL,
	`inverse` json NOT NULL,
	`at_minute` int NOT NULL,
	`undone` boolean NOT NULL DEFAULT false,
	CONSTRAINT `edit_record_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `job` (
	`id` varchar(160) NOT NULL,
	`name` varchar(80) NOT NULL,
	`owner` varchar(80) NOT NULL,
	`body_kind` varchar(32) NOT NULL,
	`dimensions` json NOT NULL,
	`level` varchar(32) NOT NULL,
	`state` varchar(32) NOT NULL,
	`arrival` char(10) NOT NULL,
	`promised` char(10) NOT NULL,
	`cap_labour_hours` double NOT NULL,
	`cap_materials_minor` int NOT NULL,
	`cap_booth_hours` double NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `job_id` PRIMARY KEY(`id`),
	CONSTRAINT `job_level` CHECK(`job`.`level` in ('Keep', 'Work', 'Road', 'Show', 'Mirror')),
	CONSTRAINT `job_state` CHECK(`job`.`state` in ('surveyed', 'planned', 'running', 'finished')),
	CONSTRAINT `job_caps` CHECK(`job`.`cap_labour_hours` >= 0 and `job`.`cap_materials_minor` >= 0 and `job`.`cap_booth_hours` >= 0)
);
--> statement-breakpoint
CREATE TABLE `measured_part` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`part_key` varchar(160) NOT NULL,
	`outside_m2` double NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `measured_part_id` PRIMARY KEY(`id`),
	CONSTRAINT `measured_part_of_job` UNIQUE(`job_id`,`part_key`),
	CONSTRAINT `measured_part_area` CHECK(`measured_part`.`outside_m2` > 0 and `measured_part`.`outside_m2` <= 1000)
);
--> statement-breakpoint
CREATE TABLE `operation_rate` (
	`id` varchar(160) NOT NULL,
	`shop_id` varchar(160) NOT NULL,
	`rate` double NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `operation_rate_id` PRIMARY KEY(`id`),
	CONSTRAINT `operation_rate_rate` CHECK(`operation_rate`.`rate` between 0 and 10000)
);
--> statement-breakpoint
CREATE TABLE `person` (
	`id` varchar(160) NOT NULL,
	`shop_id` varchar(160) NOT NULL,
	`name` varchar(80) NOT NULL,
	`skills` json NOT NULL,
	`position` int NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `person_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `place` (
	`id` varchar(160) NOT NULL,
	`shop_id` varchar(160) NOT NULL,
	`name` varchar(80) NOT NULL,
	`kind` varchar(32) NOT NULL,
	`length_m` double NOT NULL,
	`width_m` double NOT NULL,
	`height_m` double NOT NULL,
	`air_c` double NOT NULL,
	`position` int NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `place_id` PRIMARY KEY(`id`),
	CONSTRAINT `place_kind` CHECK(`place`.`kind` in ('booth', 'bay', 'wash', 'bench', 'yard')),
	CONSTRAINT `place_size` CHECK(`place`.`length_m` > 0 and `place`.`width_m` > 0 and `place`.`height_m` > 0)
);
--> statement-breakpoint
CREATE TABLE `product` (
	`id` varchar(160) NOT NULL,
	`name` varchar(80) NOT NULL,
	`kind` varchar(32) NOT NULL,
	`unit` varchar(32) NOT NULL,
	`lead_days` int NOT NULL,
	`hazards` json NOT NULL,
	`packs` json NOT NULL,
	`coating` json,
	`position` int NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `product_id` PRIMARY KEY(`id`),
	CONSTRAINT `product_lead` CHECK(`product`.`lead_days` between 0 and 365)
);
--> statement-breakpoint
CREATE TABLE `section` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`section_key` varchar(32) NOT NULL,
	`position` int NOT NULL,
	`name` varchar(80) NOT NULL,
	`group_key` varchar(32) NOT NULL,
	`loose` boolean NOT NULL,
	`substrate` varchar(32) NOT NULL,
	`system_key` varchar(32) NOT NULL,
	`old_finish` varchar(32) NOT NULL,
	`depth` varchar(32) NOT NULL,
	`level` varchar(32) NOT NULL,
	`colour_name` varchar(80) NOT NULL,
	`colour_hex` varchar(32) NOT NULL,
	`coats` json NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `section_id` PRIMARY KEY(`id`),
	CONSTRAINT `section_of_job` UNIQUE(`job_id`,`section_key`),
	CONSTRAINT `section_level` CHECK(`section`.`level` in ('Keep', 'Work', 'Road', 'Show', 'Mirror')),
	CONSTRAINT `section_depth` CHECK(`section`.`depth` in ('scuff', 'stable', 'bare'))
);
--> statement-breakpoint
CREATE TABLE `shift` (
	`id` varchar(160) NOT NULL,
	`shop_id` varchar(160) NOT NULL,
	`weekday` int NOT NULL,
	`start_min` int NOT NULL,
	`end_min` int NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `shift_id` PRIMARY KEY(`id`),
	CONSTRAINT `shift_weekday` CHECK(`shift`.`weekday` between 1 and 7),
	CONSTRAINT `shift_order` CHECK(`shift`.`start_min` >= 0 and `shift`.`end_min` > `shift`.`start_min` and `shift`.`end_min` <= 1440)
);
--> statement-breakpoint
CREATE TABLE `shop` (
	`id` varchar(160) NOT NULL,
	`name` varchar(80) NOT NULL,
	`time_zone` varchar(80) NOT NULL,
	`currency` varchar(32) NOT NULL,
	`labour_rate_minor_per_hour` int NOT NULL,
	`booth_rate_minor_per_hour` int NOT NULL,
	`tax_bp` int NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `shop_id` PRIMARY KEY(`id`),
	CONSTRAINT `shop_rates` CHECK(`shop`.`labour_rate_minor_per_hour` >= 0 and `shop`.`booth_rate_minor_per_hour` >= 0),
	CONSTRAINT `shop_tax` CHECK(`shop`.`tax_bp` between 0 and 10000)
);
--> statement-breakpoint
CREATE TABLE `sign_off` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`step_key` varchar(160) NOT NULL,
	`name` varchar(80) NOT NULL,
	`licence` varchar(80) NOT NULL,
	`on_date` char(10) NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `sign_off_id` PRIMARY KEY(`id`),
	CONSTRAINT `sign_off_of_job` UNIQUE(`job_id`,`step_key`)
);
--> statement-breakpoint
CREATE TABLE `step_fact` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`step_key` varchar(160) NOT NULL,
	`status` varchar(32) NOT NULL,
	`start_minute` int NOT NULL,
	`end_minute` int,
	`remaining_min` int,
	`person_minutes` int NOT NULL,
	`materials_minor` int NOT NULL,
	`uses` json NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `step_fact_id` PRIMARY KEY(`id`),
	CONSTRAINT `step_fact_of_job` UNIQUE(`job_id`,`step_key`),
	CONSTRAINT `step_fact_status` CHECK(`step_fact`.`status` in ('done', 'running')),
	CONSTRAINT `step_fact_end` CHECK(`step_fact`.`status` = 'running' or (`step_fact`.`end_minute` is not null and `step_fact`.`end_minute` >= `step_fact`.`start_minute`)),
	CONSTRAINT `step_fact_amounts` CHECK(`step_fact`.`person_minutes` >= 0 and `step_fact`.`materials_minor` >= 0)
);
--> statement-breakpoint
CREATE TABLE `working_plan` (
	`job_id` varchar(160) NOT NULL,
	`input_hash` char(64) NOT NULL,
	`on_date` char(10) NOT NULL,
	`program_version` varchar(32) NOT NULL,
	`plan` json NOT NULL,
	CONSTRAINT `working_plan_job_id` PRIMARY KEY(`job_id`)
);
--> statement-breakpoint
ALTER TABLE `agreed_plan` ADD CONSTRAINT `agreed_plan_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `closure` ADD CONSTRAINT `closure_shop_id_shop_id_fk` FOREIGN KEY (`shop_id`) REFERENCES `shop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `day_off` ADD CONSTRAINT `day_off_person_id_person_id_fk` FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `measured_part` ADD CONSTRAINT `measured_part_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `operation_rate` ADD CONSTRAINT `operation_rate_shop_id_shop_id_fk` FOREIGN KEY (`shop_id`) REFERENCES `shop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `person` ADD CONSTRAINT `person_shop_id_shop_id_fk` FOREIGN KEY (`shop_id`) REFERENCES `shop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `place` ADD CONSTRAINT `place_shop_id_shop_id_fk` FOREIGN KEY (`shop_id`) REFERENCES `shop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `section` ADD CONSTRAINT `section_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `shift` ADD CONSTRAINT `shift_shop_id_shop_id_fk` FOREIGN KEY (`shop_id`) REFERENCES `shop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `sign_off` ADD CONSTRAINT `sign_off_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `step_fact` ADD CONSTRAINT `step_fact_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `working_plan` ADD CONSTRAINT `working_plan_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `edit_record_last` ON `edit_record` (`room`,`author`,`id`);