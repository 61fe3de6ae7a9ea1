ALTER TABLE `gate` DROP CONSTRAINT `gate_kind`;--> statement-breakpoint
ALTER TABLE `milestone` DROP CONSTRAINT `milestone_phase`;--> statement-breakpoint
ALTER TABLE `send_out` DROP CONSTRAINT `send_out_phase`;--> statement-breakpoint
ALTER TABLE `gate` ADD CONSTRAINT `gate_kind` CHECK (`gate`.`kind` in ('welded', 'sealed', 'textured', 'guards', 'dry-fit', 'scope', 'level'));--> statement-breakpoint
ALTER TABLE `milestone` ADD CONSTRAINT `milestone_phase` CHECK (`milestone`.`phase` in ('strip', 'metal', 'epoxy', 'filler', 'build', 'mask', 'colour', 'clear', 'finish', 'refit', 'return'));--> statement-breakpoint
ALTER TABLE `send_out` ADD CONSTRAINT `send_out_phase` CHECK (`send_out`.`phase` in ('strip', 'metal', 'epoxy', 'filler', 'build', 'mask', 'colour', 'clear', 'finish', 'refit', 'return'));