CREATE TABLE `blend` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`part_key` varchar(160) NOT NULL,
	`line` varchar(120) NOT NULL,
	`material` varchar(120) NOT NULL,
	`width_mm` double NOT NULL,
	`timing` varchar(32) NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `blend_id` PRIMARY KEY(`id`),
	CONSTRAINT `blend_timing` CHECK(`blend`.`timing` in ('colour', 'clear'))
);
--> statement-breakpoint
CREATE TABLE `cover` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`what` varchar(80) NOT NULL,
	`harm` varchar(32) NOT NULL,
	`cover_with` varchar(120) NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `cover_id` PRIMARY KEY(`id`),
	CONSTRAINT `cover_harm` CHECK(`cover`.`harm` in ('stripper', 'dust', 'overspray', 'solvent', 'compound'))
);
--> statement-breakpoint
CREATE TABLE `milestone` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`trade` varchar(32) NOT NULL,
	`what` varchar(80) NOT NULL,
	`tie` varchar(32) NOT NULL,
	`phase` varchar(32) NOT NULL,
	`on_date` char(10),
	`access_lost` varchar(200) NOT NULL,
	`done` boolean NOT NULL,
	`told_date` char(10),
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `milestone_id` PRIMARY KEY(`id`),
	CONSTRAINT `milestone_tie` CHECK(`milestone`.`tie` in ('before', 'after')),
	CONSTRAINT `milestone_phase` CHECK(`milestone`.`phase` in ('strip', 'metal', 'epoxy', 'filler', 'build', 'mask', 'colour', 'clear', 'finish', 'refit'))
);
--> statement-breakpoint
CREATE TABLE `opening` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`part_key` varchar(160) NOT NULL,
	`what` varchar(80) NOT NULL,
	`length_m` double NOT NULL,
	`method` varchar(32) NOT NULL,
	`barrier` varchar(120) NOT NULL,
	`exit_path` varchar(120) NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `opening_id` PRIMARY KEY(`id`),
	CONSTRAINT `opening_method` CHECK(`opening`.`method` in ('foam', 'back-taped', 'wrapped', 'sprayed-together')),
	CONSTRAINT `opening_length` CHECK(`opening`.`length_m` >= 0)
);
--> statement-breakpoint
CREATE TABLE `send_out` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`what` varchar(80) NOT NULL,
	`part_key` varchar(160) NOT NULL,
	`vendor` varchar(80) NOT NULL,
	`lead_days` int NOT NULL,
	`sent_on` char(10),
	`due_on` char(10),
	`returned_on` char(10),
	`condition_text` varchar(200) NOT NULL,
	`phase` varchar(32) NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `send_out_id` PRIMARY KEY(`id`),
	CONSTRAINT `send_out_phase` CHECK(`send_out`.`phase` in ('strip', 'metal', 'epoxy', 'filler', 'build', 'mask', 'colour', 'clear', 'finish', 'refit'))
);
--> statement-breakpoint
ALTER TABLE `fitting` ADD `fasteners` varchar(120) DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `person` ADD `pace` double DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `photo` ADD `gate_id` varchar(160);--> statement-breakpoint
ALTER TABLE `place` ADD `zone` varchar(32);--> statement-breakpoint
ALTER TABLE `place` ADD `air_with` json;--> statement-breakpoint
ALTER TABLE `blend` ADD CONSTRAINT `blend_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `cover` ADD CONSTRAINT `cover_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `milestone` ADD CONSTRAINT `milestone_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `opening` ADD CONSTRAINT `opening_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `send_out` ADD CONSTRAINT `send_out_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `blend_of_job` ON `blend` (`job_id`);--> statement-breakpoint
CREATE INDEX `cover_of_job` ON `cover` (`job_id`);--> statement-breakpoint
CREATE INDEX `milestone_of_job` ON `milestone` (`job_id`);--> statement-breakpoint
CREATE INDEX `opening_of_job` ON `opening` (`job_id`);--> statement-breakpoint
CREATE INDEX `send_out_of_job` ON `send_out` (`job_id`);