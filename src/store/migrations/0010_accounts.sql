-- Who signs in, and by what. The columns are the sign-in library's; a member is a person's place in one company.
CREATE TABLE IF NOT EXISTS `user` (
	`id` varchar(36) NOT NULL,
	`name` varchar(80) NOT NULL,
	`email` varchar(200) NOT NULL,
	`email_verified` boolean NOT NULL DEFAULT false,
	`image` varchar(400),
	`created_at` timestamp(3) NOT NULL DEFAULT current_timestamp(3),
	`updated_at` timestamp(3) NOT NULL DEFAULT current_timestamp(3),
	CONSTRAINT `user_id` PRIMARY KEY(`id`),
	CONSTRAINT `user_email` UNIQUE(`email`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `session` (
	`id` varchar(36) NOT NULL,
	`token` varchar(100) NOT NULL,
	`user_id` varchar(36) NOT NULL,
	`expires_at` timestamp(3) NOT NULL DEFAULT current_timestamp(3),
	`ip_address` varchar(60),
	`user_agent` varchar(400),
	`created_at` timestamp(3) NOT NULL DEFAULT current_timestamp(3),
	`updated_at` timestamp(3) NOT NULL DEFAULT current_timestamp(3),
	CONSTRAINT `session_id` PRIMARY KEY(`id`),
	CONSTRAINT `session_token` UNIQUE(`token`),
	CONSTRAINT `session_user` FOREIGN KEY (`user_id`) REFERENCES `user`(`id`) ON DELETE CASCADE
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `account` (
	`id` varchar(36) NOT NULL,
	`account_id` varchar(200) NOT NULL,
	`provider_id` varchar(60) NOT NULL,
	`user_id` varchar(36) NOT NULL,
	`access_token` text,
	`refresh_token` text,
	`id_token` text,
	`access_token_expires_at` timestamp(3) NULL,
	`refresh_token_expires_at` timestamp(3) NULL,
	`scope` text,
	`password` varchar(400),
	`created_at` timestamp(3) NOT NULL DEFAULT current_timestamp(3),
	`updated_at` timestamp(3) NOT NULL DEFAULT current_timestamp(3),
	CONSTRAINT `account_id` PRIMARY KEY(`id`),
	CONSTRAINT `account_user` FOREIGN KEY (`user_id`) REFERENCES `user`(`id`) ON DELETE CASCADE
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `verification` (
	`id` varchar(36) NOT NULL,
	`identifier` varchar(255) NOT NULL,
	`value` text NOT NULL,
	`expires_at` timestamp(3) NOT NULL DEFAULT current_timestamp(3),
	`created_at` timestamp(3) NOT NULL DEFAULT current_timestamp(3),
	`updated_at` timestamp(3) NOT NULL DEFAULT current_timestamp(3),
	CONSTRAINT `verification_id` PRIMARY KEY(`id`),
	KEY `verification_identifier` (`identifier`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `rate_limit` (
	`id` varchar(36) NOT NULL,
	`key` varchar(255) NOT NULL,
	`count` int NOT NULL,
	`last_request` bigint NOT NULL,
	CONSTRAINT `rate_limit_id` PRIMARY KEY(`id`),
	CONSTRAINT `rate_limit_key` UNIQUE(`key`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `invitation` (
	`company_id` varchar(36) NOT NULL,
	`id` varchar(36) NOT NULL,
	`email` varchar(200) NOT NULL,
	`name` varchar(80) NOT NULL,
	`role` varchar(12) NOT NULL,
	`print` varchar(64) NOT NULL,
	`invited_by` varchar(36) NOT NULL,
	`created_at` varchar(24) NOT NULL,
	`expires_at` varchar(24) NOT NULL,
	`accepted_at` varchar(24),
	`revoked_at` varchar(24),
	CONSTRAINT `invitation_company_id_id_pk` PRIMARY KEY(`company_id`,`id`),
	CONSTRAINT `invitation_print` UNIQUE(`print`),
	CONSTRAINT `invitation_company` FOREIGN KEY (`company_id`) REFERENCES `company`(`id`)
);
--> statement-breakpoint
ALTER TABLE `member` ADD `user_id` varchar(36);
--> statement-breakpoint
ALTER TABLE `member` ADD CONSTRAINT `member_user` UNIQUE(`company_id`,`user_id`);
--> statement-breakpoint
ALTER TABLE `outgoing` MODIFY `order_id` varchar(36);
