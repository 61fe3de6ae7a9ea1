CREATE TABLE `film_reading` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`part_key` varchar(160) NOT NULL,
	`um` double NOT NULL,
	`from_left_mm` double,
	`from_top_mm` double,
	`gauge` varchar(32) NOT NULL,
	`source` varchar(32) NOT NULL,
	`on_date` char(10) NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `film_reading_id` PRIMARY KEY(`id`),
	CONSTRAINT `film_reading_um` CHECK(`film_reading`.`um` >= 0 and `film_reading`.`um` <= 20000),
	CONSTRAINT `film_reading_gauge` CHECK(`film_reading`.`gauge` in ('magnetic', 'eddy', 'ultrasonic', 'cut-edge'))
);
--> statement-breakpoint
CREATE TABLE `find` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`part_key` varchar(160) NOT NULL,
	`hours` double NOT NULL,
	`what` varchar(200) NOT NULL,
	`on_date` char(10) NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `find_id` PRIMARY KEY(`id`),
	CONSTRAINT `find_hours` CHECK(`find`.`hours` >= 0)
);
--> statement-breakpoint
CREATE TABLE `fitting` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`name` varchar(80) NOT NULL,
	`part_key` varchar(160) NOT NULL,
	`tag` varchar(32) NOT NULL,
	`remove_min` double NOT NULL,
	`refit_min` double NOT NULL,
	`mask_min` double NOT NULL,
	`choice` varchar(32) NOT NULL,
	`needs` varchar(32) NOT NULL,
	`bench_min` double NOT NULL,
	`ready_on` char(10),
	`state` varchar(32) NOT NULL,
	`condition_text` varchar(120) NOT NULL,
	`note` varchar(200) NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `fitting_id` PRIMARY KEY(`id`),
	CONSTRAINT `fitting_minutes` CHECK(`fitting`.`remove_min` >= 0 and `fitting`.`refit_min` >= 0 and `fitting`.`mask_min` >= 0),
	CONSTRAINT `fitting_choice` CHECK(`fitting`.`choice` in ('advised', 'remove', 'mask'))
);
--> statement-breakpoint
CREATE TABLE `gate` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`section_key` varchar(160) NOT NULL,
	`kind` varchar(32) NOT NULL,
	`what` varchar(120) NOT NULL,
	`gap_mm` double,
	`flush_mm` double,
	`attempts` int NOT NULL,
	`done` boolean NOT NULL,
	`done_on` char(10),
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `gate_id` PRIMARY KEY(`id`),
	CONSTRAINT `gate_kind` CHECK(`gate`.`kind` in ('welded', 'sealed', 'textured', 'guards', 'dry-fit'))
);
--> statement-breakpoint
CREATE TABLE `hole` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`part_key` varchar(160) NOT NULL,
	`diameter_mm` double NOT NULL,
	`from_left_mm` double NOT NULL,
	`from_top_mm` double NOT NULL,
	`action` varchar(32) NOT NULL,
	`sealant` varchar(80) NOT NULL,
	`done` boolean NOT NULL,
	`note` varchar(200) NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `hole_id` PRIMARY KEY(`id`),
	CONSTRAINT `hole_action` CHECK(`hole`.`action` in ('fill', 'keep', 'reopen')),
	CONSTRAINT `hole_size` CHECK(`hole`.`diameter_mm` > 0)
);
--> statement-breakpoint
CREATE TABLE `mark` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`part_key` varchar(160) NOT NULL,
	`kind` varchar(32) NOT NULL,
	`x` double NOT NULL,
	`y` double NOT NULL,
	`size_mm` double NOT NULL,
	`depth_mm` double,
	`note` varchar(200) NOT NULL,
	`mended` boolean NOT NULL,
	`round` int NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `mark_id` PRIMARY KEY(`id`),
	CONSTRAINT `mark_kind` CHECK(`mark`.`kind` in ('dent', 'rust', 'peel', 'crack', 'chip', 'dull', 'high', 'low')),
	CONSTRAINT `mark_size` CHECK(`mark`.`size_mm` >= 0 and (`mark`.`depth_mm` is null or `mark`.`depth_mm` >= 0))
);
--> statement-breakpoint
CREATE TABLE `own_part` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`part_key` varchar(160) NOT NULL,
	`part` json NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `own_part_id` PRIMARY KEY(`id`),
	CONSTRAINT `own_part_of_job` UNIQUE(`job_id`,`part_key`)
);
--> statement-breakpoint
CREATE TABLE `part_survey` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`part_key` varchar(160) NOT NULL,
	`survey` json NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `part_survey_id` PRIMARY KEY(`id`),
	CONSTRAINT `part_survey_of_job` UNIQUE(`job_id`,`part_key`)
);
--> statement-breakpoint
CREATE TABLE `photo` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`part_key` varchar(160),
	`step_key` varchar(160),
	`mark_id` varchar(160),
	`caption` varchar(200) NOT NULL,
	`taken_on` char(10) NOT NULL,
	`sha256` char(64) NOT NULL,
	`width_px` int NOT NULL,
	`height_px` int NOT NULL,
	`bytes` int NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `photo_id` PRIMARY KEY(`id`),
	CONSTRAINT `photo_size` CHECK(`photo`.`width_px` > 0 and `photo`.`height_px` > 0)
);
--> statement-breakpoint
ALTER TABLE `job` ADD `built_year` int;--> statement-breakpoint
ALTER TABLE `job` ADD `prior_repair` varchar(32) DEFAULT 'none' NOT NULL;--> statement-breakpoint
ALTER TABLE `film_reading` ADD CONSTRAINT `film_reading_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `find` ADD CONSTRAINT `find_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `fitting` ADD CONSTRAINT `fitting_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `gate` ADD CONSTRAINT `gate_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `hole` ADD CONSTRAINT `hole_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `mark` ADD CONSTRAINT `mark_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `own_part` ADD CONSTRAINT `own_part_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `part_survey` ADD CONSTRAINT `part_survey_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `photo` ADD CONSTRAINT `photo_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `film_reading_of_job` ON `film_reading` (`job_id`);--> statement-breakpoint
CREATE INDEX `find_of_job` ON `find` (`job_id`);--> statement-breakpoint
CREATE INDEX `fitting_of_job` ON `fitting` (`job_id`);--> statement-breakpoint
CREATE INDEX `gate_of_job` ON `gate` (`job_id`);--> statement-breakpoint
CREATE INDEX `hole_of_job` ON `hole` (`job_id`);--> statement-breakpoint
CREATE INDEX `mark_of_job` ON `mark` (`job_id`);--> statement-breakpoint
CREATE INDEX `photo_of_job` ON `photo` (`job_id`);