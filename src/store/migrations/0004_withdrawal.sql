CREATE TABLE `withdrawal` (
	`company_id` varchar(36) NOT NULL,
	`order_id` varchar(36) NOT NULL,
	`reason` varchar(500) NOT NULL,
	`by_name` varchar(80) NOT NULL,
	`at` varchar(24) NOT NULL,
	CONSTRAINT `withdrawal_company_id_order_id_pk` PRIMARY KEY(`company_id`,`order_id`)
);
--> statement-breakpoint
ALTER TABLE `withdrawal` ADD CONSTRAINT `withdrawal_order` FOREIGN KEY (`company_id`,`order_id`) REFERENCES `purchase_order`(`company_id`,`id`) ON DELETE no action ON UPDATE no action;
--> statement-breakpoint
CREATE TRIGGER `withdrawal_no_update` BEFORE UPDATE ON `withdrawal` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'withdrawal is append-only';
--> statement-breakpoint
CREATE TRIGGER `withdrawal_no_delete` BEFORE DELETE ON `withdrawal` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'withdrawal is append-only';
