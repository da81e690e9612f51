CREATE TABLE `blobs` (
	`hash` text PRIMARY KEY NOT NULL,
	`bytes` blob NOT NULL
);
--> statement-breakpoint
CREATE TABLE `parts` (
	`site` text NOT NULL,
	`kind` text NOT NULL,
	`id` text NOT NULL,
	`body` text NOT NULL,
	PRIMARY KEY(`site`, `kind`, `id`),
	FOREIGN KEY (`site`) REFERENCES `sites`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `revisions` (
	`site` text NOT NULL,
	`revision` integer NOT NULL,
	`kind` text NOT NULL,
	`of` integer,
	`group` text,
	`batch` text,
	`title` text NOT NULL,
	`patches` text NOT NULL,
	`inverse` text NOT NULL,
	`at` integer NOT NULL,
	PRIMARY KEY(`site`, `revision`),
	FOREIGN KEY (`site`) REFERENCES `sites`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `sites` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`revision` integer NOT NULL,
	`root` text NOT NULL,
	`createdAt` integer NOT NULL,
	`updatedAt` integer NOT NULL
);
