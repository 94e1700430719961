CREATE TABLE `company` (
	`id` varchar(36) NOT NULL,
	`name` varchar(120) NOT NULL,
	CONSTRAINT `company_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `job` (
	`company_id` varchar(36) NOT NULL,
	`id` varchar(36) NOT NULL,
	`name` varchar(120) NOT NULL,
	`site` varchar(200) NOT NULL,
	`unit` varchar(2) NOT NULL,
	`step` varchar(6) NOT NULL,
	`visit_on` varchar(10),
	`latitude_e6` int NOT NULL,
	`longitude_e6` int NOT NULL,
	`created_at` varchar(24) NOT NULL,
	CONSTRAINT `job_company_id_id_pk` PRIMARY KEY(`company_id`,`id`)
);
--> statement-breakpoint
CREATE TABLE `log_entry` (
	`company_id` varchar(36) NOT NULL,
	`id` varchar(36) NOT NULL,
	`opening_id` varchar(36) NOT NULL,
	`kind` varchar(10) NOT NULL,
	`code` varchar(60) NOT NULL,
	`result` varchar(12) NOT NULL,
	`text` varchar(500) NOT NULL,
	`by_name` varchar(80) NOT NULL,
	`at` varchar(24) NOT NULL,
	`member_id` varchar(36) NOT NULL,
	CONSTRAINT `log_entry_company_id_id_pk` PRIMARY KEY(`company_id`,`id`)
);
--> statement-breakpoint
CREATE TABLE `member` (
	`company_id` varchar(36) NOT NULL,
	`id` varchar(36) NOT NULL,
	`name` varchar(80) NOT NULL,
	CONSTRAINT `member_company_id_id_pk` PRIMARY KEY(`company_id`,`id`),
	CONSTRAINT `member_id` UNIQUE(`id`)
);
--> statement-breakpoint
CREATE TABLE `opening` (
	`company_id` varchar(36) NOT NULL,
	`id` varchar(36) NOT NULL,
	`job_id` varchar(36) NOT NULL,
	`tag` varchar(12) NOT NULL,
	`name` varchar(120) NOT NULL,
	`family` varchar(40) NOT NULL,
	`position` int NOT NULL,
	CONSTRAINT `opening_company_id_id_pk` PRIMARY KEY(`company_id`,`id`),
	CONSTRAINT `opening_position` UNIQUE(`company_id`,`job_id`,`position`)
);
--> statement-breakpoint
CREATE TABLE `order_line` (
	`company_id` varchar(36) NOT NULL,
	`order_id` varchar(36) NOT NULL,
	`line` int NOT NULL,
	`opening_id` varchar(36) NOT NULL,
	`data` json NOT NULL,
	CONSTRAINT `order_line_company_id_order_id_line_pk` PRIMARY KEY(`company_id`,`order_id`,`line`)
);
--> statement-breakpoint
CREATE TABLE `purchase_order` (
	`company_id` varchar(36) NOT NULL,
	`id` varchar(36) NOT NULL,
	`job_id` varchar(36) NOT NULL,
	`number` varchar(40) NOT NULL,
	`released_at` varchar(24) NOT NULL,
	`released_by` varchar(80) NOT NULL,
	CONSTRAINT `purchase_order_company_id_id_pk` PRIMARY KEY(`company_id`,`id`),
	CONSTRAINT `order_number` UNIQUE(`company_id`,`number`)
);
--> statement-breakpoint
CREATE TABLE `reading` (
	`company_id` varchar(36) NOT NULL,
	`id` varchar(36) NOT NULL,
	`opening_id` varchar(36) NOT NULL,
	`slot` varchar(60) NOT NULL,
	`value` int NOT NULL,
	`text` varchar(80) NOT NULL,
	`instrument` varchar(20) NOT NULL,
	`graduation` varchar(8) NOT NULL,
	`level_length` int,
	`taken_by` varchar(80) NOT NULL,
	`taken_at` varchar(24) NOT NULL,
	`note` varchar(500) NOT NULL,
	`member_id` varchar(36) NOT NULL,
	CONSTRAINT `reading_company_id_id_pk` PRIMARY KEY(`company_id`,`id`)
);
--> statement-breakpoint
CREATE TABLE `seal_choice` (
	`company_id` varchar(36) NOT NULL,
	`opening_id` varchar(36) NOT NULL,
	`revision` int NOT NULL,
	`data` json NOT NULL,
	CONSTRAINT `seal_choice_company_id_opening_id_pk` PRIMARY KEY(`company_id`,`opening_id`)
);
--> statement-breakpoint
CREATE TABLE `unit` (
	`company_id` varchar(36) NOT NULL,
	`id` varchar(36) NOT NULL,
	`article` varchar(40) NOT NULL,
	`data` json NOT NULL,
	CONSTRAINT `unit_company_id_id_pk` PRIMARY KEY(`company_id`,`id`),
	CONSTRAINT `unit_article` UNIQUE(`company_id`,`article`)
);
--> statement-breakpoint
CREATE TABLE `wishes` (
	`company_id` varchar(36) NOT NULL,
	`opening_id` varchar(36) NOT NULL,
	`revision` int NOT NULL,
	`data` json NOT NULL,
	CONSTRAINT `wishes_company_id_opening_id_pk` PRIMARY KEY(`company_id`,`opening_id`)
);
--> statement-breakpoint
ALTER TABLE `job` ADD CONSTRAINT `job_company_id_company_id_fk` FOREIGN KEY (`company_id`) REFERENCES `company`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `log_entry` ADD CONSTRAINT `log_opening` FOREIGN KEY (`company_id`,`opening_id`) REFERENCES `opening`(`company_id`,`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `member` ADD CONSTRAINT `member_company_id_company_id_fk` FOREIGN KEY (`company_id`) REFERENCES `company`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `opening` ADD CONSTRAINT `opening_job` FOREIGN KEY (`company_id`,`job_id`) REFERENCES `job`(`company_id`,`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `order_line` ADD CONSTRAINT `line_order` FOREIGN KEY (`company_id`,`order_id`) REFERENCES `purchase_order`(`company_id`,`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `order_line` ADD CONSTRAINT `line_opening` FOREIGN KEY (`company_id`,`opening_id`) REFERENCES `opening`(`company_id`,`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `purchase_order` ADD CONSTRAINT `order_job` FOREIGN KEY (`company_id`,`job_id`) REFERENCES `job`(`company_id`,`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `reading` ADD CONSTRAINT `reading_opening` FOREIGN KEY (`company_id`,`opening_id`) REFERENCES `opening`(`company_id`,`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `seal_choice` ADD CONSTRAINT `seal_choice_opening` FOREIGN KEY (`company_id`,`opening_id`) REFERENCES `opening`(`company_id`,`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `unit` ADD CONSTRAINT `unit_company_id_company_id_fk` FOREIGN KEY (`company_id`) REFERENCES `company`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `wishes` ADD CONSTRAINT `wishes_opening` FOREIGN KEY (`company_id`,`opening_id`) REFERENCES `opening`(`company_id`,`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `reading_of_slot` ON `reading` (`company_id`,`opening_id`,`slot`,`taken_at`);