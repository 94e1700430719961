-- Between which hours of a job loud and dusty work may be done; null where nobody minds.
ALTER TABLE `job` ADD COLUMN IF NOT EXISTS `loud_from` int, ADD COLUMN IF NOT EXISTS `loud_to` int;
