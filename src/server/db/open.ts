import { mkdirSync } from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { drizzle, type BetterSQLite3Database } from 'drizzle-orm/better-sqlite3';
import { migrate } from 'drizzle-orm/better-sqlite3/migrator';
import * as schema from './schema';

export type Db = BetterSQLite3Database<typeof schema>;

/** Where the data lies: `DATA_DIR`, else `data` in the working folder. */
function dataDir(): string {
  return path.resolve(/*turbopackIgnore: true*/ process.env.DATA_DIR ?? 'data');
}

/** Opens the database in a folder, made if need be, and brings its tables up to date. What a transaction wrote is on disk when it returns. */
export function openDatabase(folder: string): Db {
  mkdirSync(folder, { recursive: true });
  const connection = new Database(path.join(folder, 'gable.db'));
  connection.pragma('journal_mode = WAL');
  connection.pragma('synchronous = FULL');
  connection.pragma('foreign_keys = ON');
  const db = drizzle(connection, { schema });
  migrate(db, { migrationsFolder: path.resolve(/*turbopackIgnore: true*/ 'src/server/db/migrations') });
  return db;
}

const shared = globalThis as { gableDb?: Db };

/** The one open database of this process. */
export function database(): Db {
  return (shared.gableDb ??= openDatabase(dataDir()));
}
