CREATE TABLE `account` (
	`id` varchar(160) NOT NULL,
	`name` varchar(80) NOT NULL,
	`sign_in` varchar(60) NOT NULL,
	`role` varchar(32) NOT NULL,
	`person_id` varchar(160),
	`licence` varchar(60) NOT NULL DEFAULT '',
	`ended` boolean NOT NULL DEFAULT false,
	`is_demo` boolean NOT NULL DEFAULT false,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `account_id` PRIMARY KEY(`id`),
	CONSTRAINT `account_sign_in` UNIQUE(`sign_in`),
	CONSTRAINT `account_role` CHECK(`account`.`role` in ('manager', 'planner', 'painter', 'crew', 'store', 'reader', 'engineer'))
);
--> statement-breakpoint
CREATE TABLE `attempt_count` (
	`key` varchar(255) NOT NULL,
	`points` int NOT NULL DEFAULT 0,
	`expire` bigint unsigned,
	CONSTRAINT `attempt_count_key` PRIMARY KEY(`key`)
);
--> statement-breakpoint
CREATE TABLE `credential` (
	`account_id` varchar(160) NOT NULL,
	`kind` varchar(32) NOT NULL,
	`secret` text NOT NULL,
	`changed_at` bigint NOT NULL,
	`last_step` bigint NOT NULL DEFAULT 0,
	CONSTRAINT `credential_account_id_kind_pk` PRIMARY KEY(`account_id`,`kind`)
);
--> statement-breakpoint
CREATE TABLE `instance` (
	`id` varchar(160) NOT NULL,
	`bound` varchar(80) NOT NULL,
	`pid` int NOT NULL,
	`started_at` bigint NOT NULL,
	`seen_at` bigint NOT NULL,
	CONSTRAINT `instance_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `lease` (
	`name` varchar(32) NOT NULL,
	`holder` varchar(160) NOT NULL,
	`until_s` bigint NOT NULL,
	`done_at` bigint NOT NULL DEFAULT 0,
	CONSTRAINT `lease_name` PRIMARY KEY(`name`)
);
--> statement-breakpoint
CREATE TABLE `room_lock` (
	`name` varchar(160) NOT NULL,
	`turns` bigint NOT NULL DEFAULT 0,
	CONSTRAINT `room_lock_name` PRIMARY KEY(`name`)
);
--> statement-breakpoint
CREATE TABLE `one_time_link` (
	`token_sha256` char(64) NOT NULL,
	`account_id` varchar(160) NOT NULL,
	`ends_at` bigint NOT NULL,
	CONSTRAINT `one_time_link_token_sha256` PRIMARY KEY(`token_sha256`)
);
--> statement-breakpoint
CREATE TABLE `session` (
	`token_sha256` char(64) NOT NULL,
	`account_id` varchar(160) NOT NULL,
	`tablet_id` varchar(160),
	`how` varchar(32) NOT NULL,
	`is_half` boolean NOT NULL DEFAULT false,
	`started_at` bigint NOT NULL,
	`seen_at` bigint NOT NULL,
	`ends_at` bigint NOT NULL,
	`agent` varchar(120) NOT NULL,
	CONSTRAINT `session_token_sha256` PRIMARY KEY(`token_sha256`)
);
--> statement-breakpoint
CREATE TABLE `tablet` (
	`id` varchar(160) NOT NULL,
	`name` varchar(80) NOT NULL,
	`place_id` varchar(160),
	`role` varchar(32) NOT NULL,
	`secret_sha256` char(64) NOT NULL,
	`code_ends_at` bigint NOT NULL,
	`paired_at` bigint,
	`ended` boolean NOT NULL DEFAULT false,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `tablet_id` PRIMARY KEY(`id`),
	CONSTRAINT `tablet_secret` UNIQUE(`secret_sha256`),
	CONSTRAINT `tablet_role` CHECK(`tablet`.`role` in ('painter', 'crew', 'store'))
);
--> statement-breakpoint
CREATE TABLE `trash` (
	`id` varchar(160) NOT NULL,
	`job` varchar(160) NOT NULL,
	`label` varchar(80) NOT NULL,
	`author` varchar(160) NOT NULL,
	`put_at` bigint NOT NULL,
	`ends_at` bigint NOT NULL,
	`content` longtext NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `trash_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `edit_record` ADD `deed` varchar(40) DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `edit_record` ADD `tablet_id` varchar(160);--> statement-breakpoint
ALTER TABLE `sign_off` ADD `signed_by` varchar(160) DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `sign_off` ADD `bound` json;--> statement-breakpoint
ALTER TABLE `credential` ADD CONSTRAINT `credential_account_id_account_id_fk` FOREIGN KEY (`account_id`) REFERENCES `account`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `one_time_link` ADD CONSTRAINT `one_time_link_account_id_account_id_fk` FOREIGN KEY (`account_id`) REFERENCES `account`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `session` ADD CONSTRAINT `session_account_id_account_id_fk` FOREIGN KEY (`account_id`) REFERENCES `account`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `session` ADD CONSTRAINT `session_tablet_id_tablet_id_fk` FOREIGN KEY (`tablet_id`) REFERENCES `tablet`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `session_of_account` ON `session` (`account_id`);--> statement-breakpoint
CREATE INDEX `session_ends` ON `session` (`ends_at`);--> statement-breakpoint
CREATE INDEX `trash_ends` ON `trash` (`ends_at`);