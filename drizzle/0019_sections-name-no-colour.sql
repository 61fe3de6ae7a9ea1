ALTER TABLE `section` DROP COLUMN `colour_name`;--> statement-breakpoint
ALTER TABLE `section` DROP COLUMN `colour_hex`;