-- A door small is a few paths, worked out once, and no longer a whole scene.
ALTER TABLE `opening_state` CHANGE `scene` `small` json;
