CREATE TABLE `blobKinds` (
	`hash` text NOT NULL,
	`kind` text NOT NULL,
	PRIMARY KEY(`hash`, `kind`),
	FOREIGN KEY (`hash`) REFERENCES `blobs`(`hash`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
ALTER TABLE `revisions` ADD `window` text;--> statement-breakpoint
CREATE INDEX `revisions_batch` ON `revisions` (`site`,`batch`);--> statement-breakpoint
INSERT OR IGNORE INTO `blobKinds` (`hash`, `kind`)
SELECT `blobs`.`hash`, `parts`.`kind` FROM `parts` JOIN `blobs` ON `blobs`.`hash` = json_extract(`parts`.`body`, '$.hash')
WHERE `parts`.`kind` IN ('artwork', 'files') AND json_valid(`parts`.`body`);
--> statement-breakpoint
INSERT OR IGNORE INTO `blobKinds` (`hash`, `kind`)
SELECT `blobs`.`hash`, 'fonts' FROM `parts`, json_each(CASE WHEN json_valid(`parts`.`body`) THEN `parts`.`body` ELSE '{}' END, '$.files') AS `file`
JOIN `blobs` ON `blobs`.`hash` = json_extract(`file`.`value`, '$.hash')
WHERE `parts`.`kind` = 'fonts';
