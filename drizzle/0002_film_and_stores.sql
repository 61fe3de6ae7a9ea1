CREATE TABLE `stock_move` (
	`id` varchar(160) NOT NULL,
	`product` varchar(160) NOT NULL,
	`kind` varchar(32) NOT NULL,
	`amount` double NOT NULL,
	`cost_minor` bigint NOT NULL,
	`on_date` char(10) NOT NULL,
	`until_date` char(10),
	`job_number` varchar(32) NOT NULL,
	`phase` varchar(32) NOT NULL,
	`batch` varchar(60) NOT NULL,
	`note` varchar(200) NOT NULL,
	`corrects` varchar(160),
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `stock_move_id` PRIMARY KEY(`id`),
	CONSTRAINT `stock_move_kind` CHECK(`stock_move`.`kind` in ('ordered', 'received', 'drawn', 'counted', 'borrowed', 'given-back', 'lent', 'got-back', 'scrapped')),
	CONSTRAINT `stock_move_amount` CHECK(`stock_move`.`kind` = 'counted' or `stock_move`.`amount` >= 0),
	CONSTRAINT `stock_move_cost` CHECK(`stock_move`.`cost_minor` >= 0)
);
--> statement-breakpoint
CREATE TABLE `trial` (
	`id` varchar(160) NOT NULL,
	`purpose` varchar(80) NOT NULL,
	`name` varchar(80) NOT NULL,
	`price_minor_each` bigint NOT NULL,
	`used` double NOT NULL,
	`area_m2` double NOT NULL,
	`minutes` double NOT NULL,
	`note` varchar(200) NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `trial_id` PRIMARY KEY(`id`),
	CONSTRAINT `trial_figures` CHECK(`trial`.`area_m2` > 0 and `trial`.`used` >= 0 and `trial`.`minutes` >= 0)
);
--> statement-breakpoint
ALTER TABLE `place` ADD `profile` json;--> statement-breakpoint
ALTER TABLE `product` ADD `shelf_life_days` int;--> statement-breakpoint
ALTER TABLE `section` ADD `ladder` varchar(32);--> statement-breakpoint
ALTER TABLE `shop` ADD `voc_limit_g_l` double;--> statement-breakpoint
CREATE INDEX `stock_move_of_product` ON `stock_move` (`product`);