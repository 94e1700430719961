-- Rows that are never changed: the database itself refuses.
CREATE TRIGGER `reading_no_update` BEFORE UPDATE ON `reading` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'reading is append-only';
--> statement-breakpoint
CREATE TRIGGER `reading_no_delete` BEFORE DELETE ON `reading` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'reading is append-only';
--> statement-breakpoint
CREATE TRIGGER `log_entry_no_update` BEFORE UPDATE ON `log_entry` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'log_entry is append-only';
--> statement-breakpoint
CREATE TRIGGER `log_entry_no_delete` BEFORE DELETE ON `log_entry` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'log_entry is append-only';
--> statement-breakpoint
CREATE TRIGGER `purchase_order_no_update` BEFORE UPDATE ON `purchase_order` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'purchase_order is append-only';
--> statement-breakpoint
CREATE TRIGGER `purchase_order_no_delete` BEFORE DELETE ON `purchase_order` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'purchase_order is append-only';
--> statement-breakpoint
CREATE TRIGGER `order_line_no_update` BEFORE UPDATE ON `order_line` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'order_line is append-only';
--> statement-breakpoint
CREATE TRIGGER `order_line_no_delete` BEFORE DELETE ON `order_line` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'order_line is append-only';
