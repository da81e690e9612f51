import { blob, index, integer, primaryKey, sqliteTable, text } from 'drizzle-orm/sqlite-core';

/** A site: what is not a part of it with a row of its own (name, bands, brand, placing, order of pages). */
export const sites = sqliteTable('sites', {
  id: text().primaryKey(),
  name: text().notNull(),
  revision: integer().notNull(),
  root: text({ mode: 'json' }).notNull(),
  createdAt: integer({ mode: 'timestamp_ms' }).notNull(),
  updatedAt: integer({ mode: 'timestamp_ms' }).notNull(),
});

/** A page, menu, header, drawer, footer or piece of artwork. */
export const parts = sqliteTable(
  'parts',
  {
    site: text()
      .notNull()
      .references(() => sites.id, { onDelete: 'cascade' }),
    kind: text().notNull(),
    id: text().notNull(),
    body: text({ mode: 'json' }).notNull(),
  },
  (table) => [primaryKey({ columns: [table.site, table.kind, table.id] })],
);

/** What was done, in order: edits with what takes them back, and steps of undo and redo over them. */
export const revisions = sqliteTable(
  'revisions',
  {
    site: text()
      .notNull()
      .references(() => sites.id, { onDelete: 'cascade' }),
    revision: integer().notNull(),
    kind: text({ enum: ['edit', 'undo', 'redo', 'upgrade'] }).notNull(),
    of: integer(),
    group: text(),
    /** The id that the browser gave to the request, so that one sent twice is carried out once. */
    batch: text(),
    /** The window that it came from: undo takes back what one did oneself. */
    window: text(),
    title: text().notNull(),
    patches: text({ mode: 'json' }).notNull(),
    inverse: text({ mode: 'json' }).notNull(),
    at: integer({ mode: 'timestamp_ms' }).notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.site, table.revision] }),
    index('revisions_batch').on(table.site, table.batch),
  ],
);

/** Bytes of artwork, fonts and files by their SHA-256 (hex); the same picture in two sites is kept once. */
export const blobs = sqliteTable('blobs', {
  hash: text().primaryKey(),
  bytes: blob({ mode: 'buffer' }).notNull(),
});

/** As what bytes were looked at when they came: what was taken as a file to be linked to was never looked through for scripts. */
export const blobKinds = sqliteTable(
  'blobKinds',
  {
    hash: text()
      .notNull()
      .references(() => blobs.hash, { onDelete: 'cascade' }),
    kind: text({ enum: ['artwork', 'fonts', 'files'] }).notNull(),
  },
  (table) => [primaryKey({ columns: [table.hash, table.kind] })],
);
