CREATE TABLE IF NOT EXISTS `firm_logo` (
	`company_id` char(36) NOT NULL,
	`picture` mediumblob NOT NULL,
	`width` int NOT NULL,
	`height` int NOT NULL,
	`set_at` varchar(24) NOT NULL,
	CONSTRAINT `firm_logo_company_id` PRIMARY KEY(`company_id`),
	CONSTRAINT `firm_logo_company` FOREIGN KEY (`company_id`) REFERENCES `company`(`id`)
);
