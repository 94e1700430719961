-- Where somebody put a task of an opening: crew, day, time. Never changed; a later one counts.
CREATE TABLE IF NOT EXISTS `placing` (
	`company_id` varchar(36) NOT NULL,
	`id` varchar(36) NOT NULL,
	`opening_id` varchar(36) NOT NULL,
	`part` varchar(12) NOT NULL,
	`crew_id` varchar(36),
	`day` varchar(10),
	`minute` int,
	`is_fixed` boolean NOT NULL,
	`by_name` varchar(80) NOT NULL,
	`at` varchar(24) NOT NULL,
	`member_id` varchar(36) NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `placing_company_id_id_pk` PRIMARY KEY(`company_id`,`id`),
	CONSTRAINT `placing_opening` FOREIGN KEY (`company_id`,`opening_id`) REFERENCES `opening`(`company_id`,`id`),
	KEY `placing_of_opening` (`company_id`,`opening_id`)
);
--> statement-breakpoint
CREATE TRIGGER `placing_no_update` BEFORE UPDATE ON `placing` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'placing is append-only';
--> statement-breakpoint
CREATE TRIGGER `placing_no_delete` BEFORE DELETE ON `placing` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'placing is append-only';
