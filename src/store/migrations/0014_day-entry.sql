-- What was noted of a day: what is in the van, what weather is likely. Never changed.
CREATE TABLE IF NOT EXISTS `day_entry` (
	`company_id` varchar(36) NOT NULL,
	`id` varchar(36) NOT NULL,
	`day` varchar(10) NOT NULL,
	`kind` varchar(10) NOT NULL,
	`entry_key` varchar(80) NOT NULL,
	`result` varchar(20) NOT NULL,
	`by_name` varchar(80) NOT NULL,
	`at` varchar(24) NOT NULL,
	`member_id` varchar(36) NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	CONSTRAINT `day_entry_company_id_id_pk` PRIMARY KEY(`company_id`,`id`),
	CONSTRAINT `day_entry_company` FOREIGN KEY (`company_id`) REFERENCES `company`(`id`),
	KEY `day_entry_of_day` (`company_id`,`day`)
);
--> statement-breakpoint
CREATE TRIGGER `day_entry_no_update` BEFORE UPDATE ON `day_entry` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'day_entry is append-only';
--> statement-breakpoint
CREATE TRIGGER `day_entry_no_delete` BEFORE DELETE ON `day_entry` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'day_entry is append-only';
