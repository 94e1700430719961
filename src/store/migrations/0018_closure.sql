-- By what a hole is shut for the night, where a door in it does not lock by dark.
ALTER TABLE `placing` ADD COLUMN IF NOT EXISTS `closure` varchar(200);
