-- Who changed what, when, from what to what: in the change's own transaction, and never changed itself.
CREATE TABLE IF NOT EXISTS `audit` (
	`company_id` varchar(36) NOT NULL,
	`id` varchar(36) NOT NULL,
	`at` varchar(24) NOT NULL,
	`member_id` varchar(36) NOT NULL,
	`by_name` varchar(80) NOT NULL,
	`verb` varchar(20) NOT NULL,
	`subject` varchar(12) NOT NULL,
	`subject_id` varchar(36) NOT NULL,
	`job_id` varchar(36),
	`about` varchar(200) NOT NULL DEFAULT '',
	`changes` json NOT NULL,
	CONSTRAINT `audit_company_id_id_pk` PRIMARY KEY(`company_id`,`id`),
	CONSTRAINT `audit_company` FOREIGN KEY (`company_id`) REFERENCES `company`(`id`),
	KEY `audit_of_subject` (`company_id`,`subject`,`subject_id`),
	KEY `audit_of_job` (`company_id`,`job_id`)
);
--> statement-breakpoint
CREATE TRIGGER `audit_no_update` BEFORE UPDATE ON `audit` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'audit is append-only';
--> statement-breakpoint
CREATE TRIGGER `audit_no_delete` BEFORE DELETE ON `audit` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'audit is append-only';
