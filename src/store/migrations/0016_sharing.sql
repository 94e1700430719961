-- What was shown to a customer by a link of their own, frozen as it was shown; that it was ended; what they signed. Never changed.
CREATE TABLE IF NOT EXISTS `share` (
	`company_id` varchar(36) NOT NULL,
	`id` varchar(36) NOT NULL,
	`opening_id` varchar(36) NOT NULL,
	`kind` varchar(10) NOT NULL,
	`print` varchar(64) NOT NULL,
	`shown` longtext NOT NULL,
	`by_name` varchar(80) NOT NULL,
	`at` varchar(24) NOT NULL,
	`expires_at` varchar(24) NOT NULL,
	`member_id` varchar(36) NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `share_company_id_id_pk` PRIMARY KEY(`company_id`,`id`),
	CONSTRAINT `share_print` UNIQUE(`print`),
	CONSTRAINT `share_opening` FOREIGN KEY (`company_id`,`opening_id`) REFERENCES `opening`(`company_id`,`id`),
	KEY `share_of_opening` (`company_id`,`opening_id`)
);
--> statement-breakpoint
CREATE TRIGGER `share_no_update` BEFORE UPDATE ON `share` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'share is append-only';
--> statement-breakpoint
CREATE TRIGGER `share_no_delete` BEFORE DELETE ON `share` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'share is append-only';
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `share_end` (
	`company_id` varchar(36) NOT NULL,
	`share_id` varchar(36) NOT NULL,
	`by_name` varchar(80) NOT NULL,
	`at` varchar(24) NOT NULL,
	`member_id` varchar(36) NOT NULL,
	CONSTRAINT `share_end_pk` PRIMARY KEY(`company_id`,`share_id`),
	CONSTRAINT `share_end_share` FOREIGN KEY (`company_id`,`share_id`) REFERENCES `share`(`company_id`,`id`)
);
--> statement-breakpoint
CREATE TRIGGER `share_end_no_update` BEFORE UPDATE ON `share_end` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'share_end is append-only';
--> statement-breakpoint
CREATE TRIGGER `share_end_no_delete` BEFORE DELETE ON `share_end` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'share_end is append-only';
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `signing` (
	`company_id` varchar(36) NOT NULL,
	`share_id` varchar(36) NOT NULL,
	`data` longtext NOT NULL,
	`at` varchar(24) NOT NULL,
	`witness` varchar(80),
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `signing_pk` PRIMARY KEY(`company_id`,`share_id`),
	CONSTRAINT `signing_share` FOREIGN KEY (`company_id`,`share_id`) REFERENCES `share`(`company_id`,`id`)
);
--> statement-breakpoint
CREATE TRIGGER `signing_no_update` BEFORE UPDATE ON `signing` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'signing is append-only';
--> statement-breakpoint
CREATE TRIGGER `signing_no_delete` BEFORE DELETE ON `signing` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'signing is append-only';
