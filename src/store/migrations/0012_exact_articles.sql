-- Articles that differ only in case or accents are different articles.
ALTER TABLE `unit` MODIFY `maker` varchar(80) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL DEFAULT '', MODIFY `article` varchar(40) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL;
