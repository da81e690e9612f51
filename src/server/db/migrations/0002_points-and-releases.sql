CREATE TABLE `hosting` (
	`site` text PRIMARY KEY NOT NULL,
	`port` integer NOT NULL,
	`release` integer,
	FOREIGN KEY (`site`) REFERENCES `sites`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `objects` (
	`hash` text PRIMARY KEY NOT NULL,
	`packing` text NOT NULL,
	`size` integer NOT NULL,
	`bytes` blob NOT NULL
);
--> statement-breakpoint
CREATE TABLE `publishings` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`site` text NOT NULL,
	`release` integer,
	`at` integer NOT NULL,
	FOREIGN KEY (`site`) REFERENCES `sites`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `releaseFiles` (
	`site` text NOT NULL,
	`release` integer NOT NULL,
	`path` text NOT NULL,
	`hash` text NOT NULL,
	`readable` integer NOT NULL,
	PRIMARY KEY(`site`, `release`, `path`),
	FOREIGN KEY (`hash`) REFERENCES `objects`(`hash`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`site`,`release`) REFERENCES `releases`(`site`,`number`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `releaseFiles_hash` ON `releaseFiles` (`hash`);--> statement-breakpoint
CREATE TABLE `releases` (
	`site` text NOT NULL,
	`number` integer NOT NULL,
	`note` text NOT NULL,
	`revision` integer NOT NULL,
	`point` text NOT NULL,
	`at` integer NOT NULL,
	PRIMARY KEY(`site`, `number`),
	FOREIGN KEY (`site`) REFERENCES `sites`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `savedPoints` (
	`site` text NOT NULL,
	`id` text NOT NULL,
	`name` text NOT NULL,
	`made` text NOT NULL,
	`revision` integer NOT NULL,
	`document` text NOT NULL,
	`at` integer NOT NULL,
	PRIMARY KEY(`site`, `id`),
	FOREIGN KEY (`site`) REFERENCES `sites`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`document`) REFERENCES `objects`(`hash`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `savedPoints_document` ON `savedPoints` (`document`);