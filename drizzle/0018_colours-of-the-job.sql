CREATE TABLE `colour` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`name` varchar(80) NOT NULL,
	`hex` varchar(32) NOT NULL,
	`lab` json,
	`finish` varchar(32) NOT NULL,
	`system_key` varchar(32),
	`code` varchar(80) NOT NULL,
	`repeatability` varchar(32) NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `colour_id` PRIMARY KEY(`id`),
	CONSTRAINT `colour_finish` CHECK(`colour`.`finish` in ('dense-solid', 'weak-solid', 'metallic', 'pearl', 'candy', 'flake', 'texture', 'leaf')),
	CONSTRAINT `colour_repeatability` CHECK(`colour`.`repeatability` in ('standard', 'recipe', 'one-off'))
);
--> statement-breakpoint
ALTER TABLE `section` ADD `colour` varchar(160) NOT NULL;--> statement-breakpoint
ALTER TABLE `colour` ADD CONSTRAINT `colour_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `colour_of_job` ON `colour` (`job_id`);--> statement-breakpoint
UPDATE `section` `s` JOIN (SELECT `id`, FIRST_VALUE(`section_key`) OVER (PARTITION BY `job_id`, BINARY `colour_name` ORDER BY `position`, `id`) AS `first_key` FROM `section`) `f` ON `f`.`id` = `s`.`id` SET `s`.`colour` = CONCAT('c.', `f`.`first_key`);--> statement-breakpoint
INSERT IGNORE INTO `colour` (`id`, `job_id`, `name`, `hex`, `lab`, `finish`, `system_key`, `code`, `repeatability`, `version`) SELECT CONCAT(`job_id`, '/', `colour`), `job_id`, `colour_name`, `colour_hex`, NULL, 'dense-solid', NULL, '', 'standard', 1 FROM `section` WHERE `colour` = CONCAT('c.', `section_key`);
