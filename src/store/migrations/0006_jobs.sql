ALTER TABLE `job` ADD `revision` int NOT NULL DEFAULT 1;
--> statement-breakpoint
ALTER TABLE `job` ADD `customer_name` varchar(120) NOT NULL DEFAULT '';
--> statement-breakpoint
ALTER TABLE `job` ADD `customer_phone` varchar(60) NOT NULL DEFAULT '';
--> statement-breakpoint
ALTER TABLE `job` ADD `customer_email` varchar(200) NOT NULL DEFAULT '';
--> statement-breakpoint
ALTER TABLE `job` ADD `delivery` varchar(400) NOT NULL DEFAULT '';
--> statement-breakpoint
ALTER TABLE `job` ADD `notes` varchar(4000) NOT NULL DEFAULT '';
--> statement-breakpoint
ALTER TABLE `job` ADD `place_name` varchar(120) NOT NULL DEFAULT '';
--> statement-breakpoint
ALTER TABLE `job` ADD `time_zone` varchar(60);
--> statement-breakpoint
ALTER TABLE `job` ADD `archived_at` varchar(24);
--> statement-breakpoint
ALTER TABLE `job` MODIFY `latitude_e6` int;
--> statement-breakpoint
ALTER TABLE `job` MODIFY `longitude_e6` int;
--> statement-breakpoint
ALTER TABLE `opening` ADD `revision` int NOT NULL DEFAULT 1;
--> statement-breakpoint
ALTER TABLE `opening` ADD `archived_at` varchar(24);
--> statement-breakpoint
UPDATE `job` SET `latitude_e6` = NULL, `longitude_e6` = NULL WHERE `latitude_e6` = 54100000 AND `longitude_e6` = -200000 AND `place_name` = '';
