CREATE TABLE `desk_answer` (
	`company_id` varchar(36) NOT NULL,
	`id` varchar(36) NOT NULL,
	`order_id` varchar(36) NOT NULL,
	`received_at` varchar(24) NOT NULL,
	`text` mediumtext NOT NULL,
	`print` varchar(64) NOT NULL,
	CONSTRAINT `desk_answer_company_id_id_pk` PRIMARY KEY(`company_id`,`id`),
	CONSTRAINT `desk_answer_print` UNIQUE(`company_id`,`order_id`,`print`)
);
--> statement-breakpoint
CREATE TABLE `catalogue_state` (
	`company_id` varchar(36) NOT NULL,
	`revision` int NOT NULL,
	CONSTRAINT `catalogue_state_company_id` PRIMARY KEY(`company_id`)
);
--> statement-breakpoint
CREATE TABLE `decision` (
	`company_id` varchar(36) NOT NULL,
	`id` varchar(36) NOT NULL,
	`order_id` varchar(36) NOT NULL,
	`answer_id` varchar(36) NOT NULL,
	`line` int NOT NULL,
	`path` varchar(120) NOT NULL,
	`verdict` varchar(10) NOT NULL,
	`by_name` varchar(80) NOT NULL,
	`at` varchar(24) NOT NULL,
	CONSTRAINT `decision_company_id_id_pk` PRIMARY KEY(`company_id`,`id`)
);
--> statement-breakpoint
CREATE TABLE `firm` (
	`company_id` varchar(36) NOT NULL,
	`revision` int NOT NULL,
	`data` json NOT NULL,
	CONSTRAINT `firm_company_id` PRIMARY KEY(`company_id`)
);
--> statement-breakpoint
CREATE TABLE `job_schools` (
	`company_id` varchar(36) NOT NULL,
	`job_id` varchar(36) NOT NULL,
	`revision` int NOT NULL,
	`data` json NOT NULL,
	CONSTRAINT `job_schools_company_id_job_id_pk` PRIMARY KEY(`company_id`,`job_id`)
);
--> statement-breakpoint
CREATE TABLE `outgoing` (
	`company_id` varchar(36) NOT NULL,
	`id` varchar(36) NOT NULL,
	`order_id` varchar(36) NOT NULL,
	`kind` varchar(10) NOT NULL,
	`body` mediumtext NOT NULL,
	`state` varchar(10) NOT NULL,
	`attempts` int NOT NULL DEFAULT 0,
	`due_at` bigint NOT NULL,
	`claimed_until` bigint NOT NULL DEFAULT 0,
	`trouble` varchar(300) NOT NULL DEFAULT '',
	`created_at` varchar(24) NOT NULL,
	`sent_at` varchar(24),
	CONSTRAINT `outgoing_company_id_id_pk` PRIMARY KEY(`company_id`,`id`)
);
--> statement-breakpoint
CREATE TABLE `receipt` (
	`company_id` varchar(36) NOT NULL,
	`id` varchar(36) NOT NULL,
	`order_id` varchar(36) NOT NULL,
	`line` int NOT NULL,
	`data` json NOT NULL,
	`at` varchar(24) NOT NULL,
	CONSTRAINT `receipt_company_id_id_pk` PRIMARY KEY(`company_id`,`id`)
);
--> statement-breakpoint
ALTER TABLE `purchase_order` DROP INDEX `order_number`;--> statement-breakpoint
ALTER TABLE `unit` DROP INDEX `unit_article`;--> statement-breakpoint
ALTER TABLE `purchase_order` ADD `revision` int DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `purchase_order` ADD `supersedes` varchar(36);--> statement-breakpoint
ALTER TABLE `purchase_order` ADD `maker` varchar(80) DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `unit` ADD `maker` varchar(80) DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `purchase_order` ADD CONSTRAINT `order_revision` UNIQUE(`company_id`,`number`,`revision`);--> statement-breakpoint
UPDATE `unit` SET `maker` = json_value(`data`, '$.maker');--> statement-breakpoint
ALTER TABLE `unit` ADD CONSTRAINT `unit_maker_article` UNIQUE(`company_id`,`maker`,`article`);--> statement-breakpoint
ALTER TABLE `desk_answer` ADD CONSTRAINT `desk_answer_order` FOREIGN KEY (`company_id`,`order_id`) REFERENCES `purchase_order`(`company_id`,`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `catalogue_state` ADD CONSTRAINT `catalogue_state_company_id_company_id_fk` FOREIGN KEY (`company_id`) REFERENCES `company`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `decision` ADD CONSTRAINT `decision_order` FOREIGN KEY (`company_id`,`order_id`) REFERENCES `purchase_order`(`company_id`,`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `firm` ADD CONSTRAINT `firm_company_id_company_id_fk` FOREIGN KEY (`company_id`) REFERENCES `company`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `job_schools` ADD CONSTRAINT `schools_job` FOREIGN KEY (`company_id`,`job_id`) REFERENCES `job`(`company_id`,`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `outgoing` ADD CONSTRAINT `outgoing_order` FOREIGN KEY (`company_id`,`order_id`) REFERENCES `purchase_order`(`company_id`,`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `receipt` ADD CONSTRAINT `receipt_order` FOREIGN KEY (`company_id`,`order_id`) REFERENCES `purchase_order`(`company_id`,`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `outgoing_due` ON `outgoing` (`state`,`due_at`);--> statement-breakpoint
CREATE INDEX `receipt_of_line` ON `receipt` (`company_id`,`order_id`,`line`);--> statement-breakpoint
CREATE TRIGGER `desk_answer_no_update` BEFORE UPDATE ON `desk_answer` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'desk_answer is append-only';
--> statement-breakpoint
CREATE TRIGGER `desk_answer_no_delete` BEFORE DELETE ON `desk_answer` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'desk_answer is append-only';
--> statement-breakpoint
CREATE TRIGGER `decision_no_update` BEFORE UPDATE ON `decision` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'decision is append-only';
--> statement-breakpoint
CREATE TRIGGER `decision_no_delete` BEFORE DELETE ON `decision` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'decision is append-only';
--> statement-breakpoint
CREATE TRIGGER `receipt_no_update` BEFORE UPDATE ON `receipt` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'receipt is append-only';
--> statement-breakpoint
CREATE TRIGGER `receipt_no_delete` BEFORE DELETE ON `receipt` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'receipt is append-only';
--> statement-breakpoint
-- What was sent stays what was sent: only how far it has come changes.
CREATE TRIGGER `outgoing_body_stays` BEFORE UPDATE ON `outgoing` FOR EACH ROW IF NEW.`body` <> OLD.`body` OR NEW.`order_id` <> OLD.`order_id` OR NEW.`id` <> OLD.`id` OR NEW.`company_id` <> OLD.`company_id` THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'what is sent is not changed'; END IF;
