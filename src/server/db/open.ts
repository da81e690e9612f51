import { mkdirSync } from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { drizzle, type BetterSQLite3Database } from 'drizzle-orm/better-sqlite3';
import { migrate } from 'drizzle-orm/better-sqlite3/migrator';
import * as schema from './schema';

export type Db = BetterSQLite3Database<typeof schema> & { $client: Database.Database };

/** The file of the database in its folder. */
const DATABASE_FILE = 'gable.db';

/** How long a statement waits for another program to let go of the database, in ms. All else waits meanwhile. */
const PATIENCE = 400;

/** Where the data lies: `DATA_DIR`, else `data` in the working folder. */
export function dataDir(): string {
  return path.resolve(/*turbopackIgnore: true*/ process.env.DATA_DIR ?? 'data');
}

/**
 * Opens the database in a folder, made if need be, and brings its tables up to date. What a transaction wrote is on disk when it returns.
 * All that was written stands in the main file then, so that a copy of it alone is whole.
 */
export function openDatabase(folder: string): Db {
  mkdirSync(folder, { recursive: true });
  const connection = new Database(path.join(folder, DATABASE_FILE), { timeout: PATIENCE });
  connection.pragma('journal_mode = WAL');
  connection.pragma('synchronous = FULL');
  connection.pragma('foreign_keys = ON');
  const db = drizzle(connection, { schema });
  migrate(db, { migrationsFolder: path.resolve(/*turbopackIgnore: true*/ 'src/server/db/migrations') });
  intoMainFile(db);
  return db;
}

/** Opens the database of a folder to be read only, beside the server that writes to it. */
export function openToRead(folder: string): Db {
  const connection = new Database(path.join(folder, DATABASE_FILE), { timeout: PATIENCE, readonly: true });
  return drizzle(connection, { schema });
}

/** Opens the database of a folder to write objects into it, beside the server: in short transactions, so that neither waits long for the other. */
export function openBeside(folder: string): Db {
  const connection = new Database(path.join(folder, DATABASE_FILE), { timeout: 10 * PATIENCE });
  connection.pragma('synchronous = FULL');
  connection.pragma('foreign_keys = ON');
  return drizzle(connection, { schema });
}

/** Brings what was written into the main file (SQLite, "Write-Ahead Logging", 3.3), as far as nobody reads at the moment. */
export function intoMainFile(db: Db): void {
  db.$client.pragma('wal_checkpoint(TRUNCATE)');
}

/**
 * Holds a folder for this process until it ends, however it ends; false where another process holds it. The lock is one of SQLite’s on a
 * file of its own, which the system lets go with the process.
 */
export function holdFolder(folder: string): boolean {
  if (shared.gableLock) return true;
  mkdirSync(folder, { recursive: true });
  const lock = new Database(path.join(folder, 'gable.lock'), { timeout: 0 });
  try {
    lock.pragma('locking_mode = EXCLUSIVE');
    lock.exec('BEGIN EXCLUSIVE; COMMIT');
    shared.gableLock = lock;
    return true;
  } catch (error) {
    lock.close();
    if (String((error as { code?: string }).code).startsWith('SQLITE_BUSY')) return false;
    throw error;
  }
}

const shared = globalThis as { gableDb?: Db; gableLock?: Database.Database };

/** The one open database of this process. */
export function database(): Db {
  return (shared.gableDb ??= openDatabase(dataDir()));
}

/** Closes the database, which brings all that was written into its main file. */
export function closeDatabase(): void {
  shared.gableDb?.$client.close();
  shared.gableLock?.close();
  delete shared.gableDb;
  delete shared.gableLock;
}
