CREATE TABLE `coat_system` (
	`id` varchar(160) NOT NULL,
	`shop_id` varchar(160) NOT NULL,
	`entry` json NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `coat_system_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `ladder` (
	`id` varchar(160) NOT NULL,
	`shop_id` varchar(160) NOT NULL,
	`entry` json NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `ladder_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `learned_factor` (
	`id` varchar(160) NOT NULL,
	`shop_id` varchar(160) NOT NULL,
	`factor` double NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `learned_factor_id` PRIMARY KEY(`id`),
	CONSTRAINT `learned_factor_factor` CHECK(`learned_factor`.`factor` between 0.1 and 10)
);
--> statement-breakpoint
CREATE TABLE `log_entry` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`position` int NOT NULL,
	`step_key` varchar(160) NOT NULL,
	`kind` varchar(32) NOT NULL,
	`at_minute` int NOT NULL,
	`people` json NOT NULL,
	`parts` json NOT NULL,
	`remaining_min` int,
	`redo` varchar(80) NOT NULL,
	`coat` json,
	`note` varchar(200) NOT NULL,
	`corrects` varchar(160),
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `log_entry_id` PRIMARY KEY(`id`),
	CONSTRAINT `log_entry_kind` CHECK(`log_entry`.`kind` in ('began', 'left', 'ended', 'coat', 'wiped', 'touched', 'sealed', 'inspected', 'note')),
	CONSTRAINT `log_entry_left` CHECK(`log_entry`.`remaining_min` is null or `log_entry`.`remaining_min` >= 0)
);
--> statement-breakpoint
ALTER TABLE `place` ADD `forecast` json;--> statement-breakpoint
ALTER TABLE `coat_system` ADD CONSTRAINT `coat_system_shop_id_shop_id_fk` FOREIGN KEY (`shop_id`) REFERENCES `shop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `ladder` ADD CONSTRAINT `ladder_shop_id_shop_id_fk` FOREIGN KEY (`shop_id`) REFERENCES `shop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `learned_factor` ADD CONSTRAINT `learned_factor_shop_id_shop_id_fk` FOREIGN KEY (`shop_id`) REFERENCES `shop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `log_entry` ADD CONSTRAINT `log_entry_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `log_entry_of_job` ON `log_entry` (`job_id`,`at_minute`);