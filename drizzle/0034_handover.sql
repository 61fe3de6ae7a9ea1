CREATE TABLE `decision` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`what` varchar(200) NOT NULL,
	`part_key` varchar(80) NOT NULL,
	`find_id` varchar(80) NOT NULL,
	`gate_id` varchar(80) NOT NULL,
	`ways` json NOT NULL,
	`asked_on` char(10) NOT NULL,
	`answer` varchar(32) NOT NULL,
	`chosen` int,
	`answered_by` varchar(80) NOT NULL,
	`answered_on` char(10),
	`said` varchar(200) NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `decision_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `handover_signature` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`side` varchar(32) NOT NULL,
	`signed_by` varchar(80) NOT NULL,
	`signed_where` varchar(80) NOT NULL,
	`signed_on` char(10) NOT NULL,
	`bound` json NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `handover_signature_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `provenance` (
	`id` varchar(160) NOT NULL,
	`job_id` varchar(160) NOT NULL,
	`kind` varchar(32) NOT NULL,
	`part_key` varchar(80) NOT NULL,
	`what` varchar(120) NOT NULL,
	`reads` varchar(80) NOT NULL,
	`on_date` char(10) NOT NULL,
	`note` varchar(200) NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `provenance_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `work_note` (
	`id` varchar(160) NOT NULL,
	`operation_code` varchar(80) NOT NULL,
	`product_code` varchar(80) NOT NULL,
	`body_kind` varchar(80) NOT NULL,
	`place` varchar(80) NOT NULL,
	`cause` varchar(200) NOT NULL,
	`cure` varchar(200) NOT NULL,
	`job_number` varchar(80) NOT NULL,
	`part_key` varchar(80) NOT NULL,
	`step_key` varchar(160) NOT NULL,
	`written_by` varchar(80) NOT NULL,
	`on_date` char(10) NOT NULL,
	`retired_on` char(10),
	`retired_why` varchar(200) NOT NULL DEFAULT '',
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `work_note_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `colour` ADD `recipe` json;--> statement-breakpoint
ALTER TABLE `job` ADD `reserve_place` varchar(120) DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `job` ADD `kept_where` varchar(32) DEFAULT 'garage' NOT NULL;--> statement-breakpoint
ALTER TABLE `job` ADD `money_depth` varchar(32) DEFAULT 'phases' NOT NULL;--> statement-breakpoint
ALTER TABLE `photo` ADD `sample_id` varchar(160);--> statement-breakpoint
ALTER TABLE `photo` ADD `face` varchar(8);--> statement-breakpoint
ALTER TABLE `photo` ADD `coat` int;--> statement-breakpoint
ALTER TABLE `photo` ADD `tag` varchar(16) DEFAULT 'work' NOT NULL;--> statement-breakpoint
ALTER TABLE `photo` ADD `for_owner` boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `product` ADD `sheet_dated` char(10);--> statement-breakpoint
ALTER TABLE `shop` ADD `letterhead` json;--> statement-breakpoint
ALTER TABLE `shop` ADD `mark_sha256` varchar(160) DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `decision` ADD CONSTRAINT `decision_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `handover_signature` ADD CONSTRAINT `handover_signature_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `provenance` ADD CONSTRAINT `provenance_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `decision_of_job` ON `decision` (`job_id`);--> statement-breakpoint
CREATE INDEX `handover_signature_of_job` ON `handover_signature` (`job_id`);--> statement-breakpoint
CREATE INDEX `provenance_of_job` ON `provenance` (`job_id`);--> statement-breakpoint
CREATE INDEX `work_note_of_operation` ON `work_note` (`operation_code`);