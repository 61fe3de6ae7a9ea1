ALTER TABLE `shop` ADD `keep_for_min` int DEFAULT 240 NOT NULL;--> statement-breakpoint
ALTER TABLE `shop` ADD CONSTRAINT `shop_keep` CHECK (`shop`.`keep_for_min` between 0 and 14400);