-- Of each opening: a revision that counts up with every change of anything it stands on, and what was summed up of it at one of them.
CREATE TABLE IF NOT EXISTS `opening_state` (
	`company_id` varchar(36) NOT NULL,
	`opening_id` varchar(36) NOT NULL,
	`revision` int NOT NULL DEFAULT 1,
	`summary_of` varchar(160) NOT NULL DEFAULT '',
	`fresh_until` varchar(24),
	`summary` json,
	`scene` json,
	`ordering` json,
	CONSTRAINT `opening_state_company_id_opening_id_pk` PRIMARY KEY(`company_id`,`opening_id`),
	CONSTRAINT `state_opening` FOREIGN KEY (`company_id`,`opening_id`) REFERENCES `opening`(`company_id`,`id`)
);
--> statement-breakpoint
ALTER TABLE `job` ADD `opening_seq` int NOT NULL DEFAULT 0;
--> statement-breakpoint
ALTER TABLE `company` ADD `order_seq` int NOT NULL DEFAULT 0;
--> statement-breakpoint
ALTER TABLE `company` ADD `turn` int NOT NULL DEFAULT 0;
--> statement-breakpoint
UPDATE `job` SET `opening_seq` = (SELECT COALESCE(MAX(`position`) + 1, 0) FROM `opening` WHERE `opening`.`company_id` = `job`.`company_id` AND `opening`.`job_id` = `job`.`id`);
--> statement-breakpoint
UPDATE `company` SET `order_seq` = (SELECT COUNT(DISTINCT `number`) FROM `purchase_order` WHERE `purchase_order`.`company_id` = `company`.`id`);
--> statement-breakpoint
INSERT IGNORE INTO `opening_state` (`company_id`, `opening_id`) SELECT `company_id`, `id` FROM `opening`;
--> statement-breakpoint
CREATE TRIGGER `state_begins` AFTER INSERT ON `opening` FOR EACH ROW INSERT IGNORE INTO `opening_state` (`company_id`, `opening_id`) VALUES (NEW.`company_id`, NEW.`id`);
--> statement-breakpoint
CREATE TRIGGER `state_of_opening` AFTER UPDATE ON `opening` FOR EACH ROW UPDATE `opening_state` SET `revision` = `revision` + 1 WHERE `company_id` = NEW.`company_id` AND `opening_id` = NEW.`id`;
--> statement-breakpoint
CREATE TRIGGER `state_of_edit` AFTER UPDATE ON `opening_edit` FOR EACH ROW UPDATE `opening_state` SET `revision` = `revision` + 1 WHERE `company_id` = NEW.`company_id` AND `opening_id` = NEW.`opening_id`;
--> statement-breakpoint
CREATE TRIGGER `state_of_reading` AFTER INSERT ON `reading` FOR EACH ROW UPDATE `opening_state` SET `revision` = `revision` + 1 WHERE `company_id` = NEW.`company_id` AND `opening_id` = NEW.`opening_id`;
--> statement-breakpoint
CREATE TRIGGER `state_of_answer` AFTER INSERT ON `answer` FOR EACH ROW UPDATE `opening_state` SET `revision` = `revision` + 1 WHERE `company_id` = NEW.`company_id` AND `opening_id` = NEW.`opening_id`;
--> statement-breakpoint
CREATE TRIGGER `state_of_photo` AFTER INSERT ON `photo` FOR EACH ROW UPDATE `opening_state` SET `revision` = `revision` + 1 WHERE `company_id` = NEW.`company_id` AND `opening_id` = NEW.`opening_id`;
--> statement-breakpoint
CREATE TRIGGER `state_of_log_entry` AFTER INSERT ON `log_entry` FOR EACH ROW UPDATE `opening_state` SET `revision` = `revision` + 1 WHERE `company_id` = NEW.`company_id` AND `opening_id` = NEW.`opening_id`;
--> statement-breakpoint
CREATE TRIGGER `state_of_line` AFTER INSERT ON `order_line` FOR EACH ROW UPDATE `opening_state` SET `revision` = `revision` + 1 WHERE `company_id` = NEW.`company_id` AND `opening_id` = NEW.`opening_id`;
--> statement-breakpoint
CREATE TRIGGER `state_of_superseded` AFTER INSERT ON `purchase_order` FOR EACH ROW UPDATE `opening_state` SET `revision` = `revision` + 1 WHERE `company_id` = NEW.`company_id` AND `opening_id` IN (SELECT `opening_id` FROM `order_line` WHERE `company_id` = NEW.`company_id` AND `order_id` = NEW.`supersedes`);
--> statement-breakpoint
CREATE TRIGGER `state_of_withdrawal` AFTER INSERT ON `withdrawal` FOR EACH ROW UPDATE `opening_state` SET `revision` = `revision` + 1 WHERE `company_id` = NEW.`company_id` AND `opening_id` IN (SELECT `opening_id` FROM `order_line` WHERE `company_id` = NEW.`company_id` AND `order_id` = NEW.`order_id`);
--> statement-breakpoint
CREATE TRIGGER `state_of_receipt` AFTER INSERT ON `receipt` FOR EACH ROW UPDATE `opening_state` SET `revision` = `revision` + 1 WHERE `company_id` = NEW.`company_id` AND `opening_id` IN (SELECT `opening_id` FROM `order_line` WHERE `company_id` = NEW.`company_id` AND `order_id` = NEW.`order_id`);
