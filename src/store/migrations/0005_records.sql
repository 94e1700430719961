CREATE TABLE `opening_edit` (
	`company_id` varchar(36) NOT NULL,
	`opening_id` varchar(36) NOT NULL,
	`kind` varchar(20) NOT NULL,
	`revision` int NOT NULL,
	`version` int NOT NULL,
	`data` json NOT NULL,
	CONSTRAINT `opening_edit_company_id_opening_id_kind_pk` PRIMARY KEY(`company_id`,`opening_id`,`kind`)
);
--> statement-breakpoint
ALTER TABLE `opening_edit` ADD CONSTRAINT `edit_opening` FOREIGN KEY (`company_id`,`opening_id`) REFERENCES `opening`(`company_id`,`id`) ON DELETE no action ON UPDATE no action;
--> statement-breakpoint
ALTER TABLE `reading` ADD `occasion` varchar(12) NOT NULL DEFAULT 'survey';
--> statement-breakpoint
ALTER TABLE `reading` ADD `version` int NOT NULL DEFAULT 1;
--> statement-breakpoint
ALTER TABLE `answer` ADD `version` int NOT NULL DEFAULT 1;
--> statement-breakpoint
ALTER TABLE `log_entry` ADD `value` json;
--> statement-breakpoint
ALTER TABLE `log_entry` ADD `version` int NOT NULL DEFAULT 1;
--> statement-breakpoint
ALTER TABLE `unit` ADD `version` int NOT NULL DEFAULT 1;
--> statement-breakpoint
ALTER TABLE `order_line` ADD `version` int NOT NULL DEFAULT 1;
--> statement-breakpoint
ALTER TABLE `receipt` ADD `version` int NOT NULL DEFAULT 1;
--> statement-breakpoint
ALTER TABLE `firm` ADD `version` int NOT NULL DEFAULT 1;
--> statement-breakpoint
ALTER TABLE `job_schools` ADD `version` int NOT NULL DEFAULT 1;
