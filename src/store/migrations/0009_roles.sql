ALTER TABLE `member` ADD `role` varchar(12) NOT NULL DEFAULT 'owner';
--> statement-breakpoint
ALTER TABLE `member` ADD `left_at` varchar(24);
--> statement-breakpoint
ALTER TABLE `reading` ADD `unchecked` boolean NOT NULL DEFAULT false;
