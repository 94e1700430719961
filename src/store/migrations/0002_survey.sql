CREATE TABLE `answer` (
	`company_id` varchar(36) NOT NULL,
	`id` varchar(36) NOT NULL,
	`opening_id` varchar(36) NOT NULL,
	`slot` varchar(60) NOT NULL,
	`kind` varchar(12) NOT NULL,
	`code` varchar(60) NOT NULL,
	`note` varchar(500) NOT NULL,
	`taken_by` varchar(80) NOT NULL,
	`taken_at` varchar(24) NOT NULL,
	`member_id` varchar(36) NOT NULL,
	CONSTRAINT `answer_company_id_id_pk` PRIMARY KEY(`company_id`,`id`)
);
--> statement-breakpoint
CREATE TABLE `photo` (
	`company_id` varchar(36) NOT NULL,
	`id` varchar(36) NOT NULL,
	`opening_id` varchar(36) NOT NULL,
	`slot` varchar(60),
	`width` int NOT NULL,
	`height` int NOT NULL,
	`note` varchar(500) NOT NULL,
	`taken_by` varchar(80) NOT NULL,
	`taken_at` varchar(24) NOT NULL,
	`member_id` varchar(36) NOT NULL,
	`picture` mediumblob NOT NULL,
	`small` mediumblob NOT NULL,
	CONSTRAINT `photo_company_id_id_pk` PRIMARY KEY(`company_id`,`id`)
);
--> statement-breakpoint
ALTER TABLE `reading` ADD `deviation` int;--> statement-breakpoint
ALTER TABLE `reading` ADD `device` varchar(80) DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `answer` ADD CONSTRAINT `answer_opening` FOREIGN KEY (`company_id`,`opening_id`) REFERENCES `opening`(`company_id`,`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `photo` ADD CONSTRAINT `photo_opening` FOREIGN KEY (`company_id`,`opening_id`) REFERENCES `opening`(`company_id`,`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE TRIGGER `answer_no_update` BEFORE UPDATE ON `answer` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'answer is append-only';
--> statement-breakpoint
CREATE TRIGGER `answer_no_delete` BEFORE DELETE ON `answer` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'answer is append-only';
--> statement-breakpoint
CREATE TRIGGER `photo_no_update` BEFORE UPDATE ON `photo` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'photo is append-only';
--> statement-breakpoint
CREATE TRIGGER `photo_no_delete` BEFORE DELETE ON `photo` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'photo is append-only';
