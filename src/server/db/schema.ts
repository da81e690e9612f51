import { blob, foreignKey, index, integer, primaryKey, sqliteTable, text } from 'drizzle-orm/sqlite-core';

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

/** Bytes that never change, by the SHA-256 (hex) of what they are unpacked: documents of saved points, files of releases. The same bytes are kept once. */
export const objects = sqliteTable('objects', {
  hash: text().primaryKey(),
  packing: text({ enum: ['br', 'none'] }).notNull(),
  /** How many bytes it is unpacked. */
  size: integer().notNull(),
  bytes: blob({ mode: 'buffer' }).notNull(),
});

const siteId = () =>
  text()
    .notNull()
    .references(() => sites.id, { onDelete: 'cascade' });
const objectHash = () =>
  text()
    .notNull()
    .references(() => objects.hash);

/** Named moments of a site: the whole document as it was, as an object. */
export const savedPoints = sqliteTable(
  'savedPoints',
  {
    site: siteId(),
    id: text().notNull(),
    name: text().notNull(),
    /** What it was made for: by the designer, or by itself before something. */
    made: text({ enum: ['byHand', 'release', 'import', 'upgrade'] }).notNull(),
    revision: integer().notNull(),
    document: objectHash(),
    at: integer({ mode: 'timestamp_ms' }).notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.site, table.id] }),
    index('savedPoints_document').on(table.document),
  ],
);

/** Rendered files of a site, frozen under a number. */
export const releases = sqliteTable(
  'releases',
  {
    site: siteId(),
    number: integer().notNull(),
    note: text().notNull(),
    revision: integer().notNull(),
    /** The saved point that was made before it. */
    point: text().notNull(),
    at: integer({ mode: 'timestamp_ms' }).notNull(),
  },
  (table) => [primaryKey({ columns: [table.site, table.number] })],
);

/** The files of releases, each an object. */
export const releaseFiles = sqliteTable(
  'releaseFiles',
  {
    site: text().notNull(),
    release: integer().notNull(),
    path: text().notNull(),
    hash: objectHash(),
    readable: integer({ mode: 'boolean' }).notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.site, table.release, table.path] }),
    foreignKey({
      columns: [table.site, table.release],
      foreignColumns: [releases.site, releases.number],
    }).onDelete('cascade'),
    index('releaseFiles_hash').on(table.hash),
  ],
);

/** Where the practice host serves a site, and which release of it; null while it is taken down. */
export const hosting = sqliteTable('hosting', {
  site: siteId().primaryKey(),
  port: integer().notNull(),
  release: integer(),
});

/** What was live when: each publishing, the last one last; null where the site was taken down. */
export const publishings = sqliteTable('publishings', {
  id: integer().primaryKey({ autoIncrement: true }),
  site: siteId(),
  release: integer(),
  at: integer({ mode: 'timestamp_ms' }).notNull(),
});
