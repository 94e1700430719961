-- What is left of an opening for the years after, and what it has to tell, kept beside its summary.
ALTER TABLE `opening_state` ADD COLUMN IF NOT EXISTS `after_kept` json;
