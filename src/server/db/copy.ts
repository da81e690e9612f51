import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { sentFile } from '../sent-file';
import type { Db } from './open';

/** A whole copy of the database as one file, made by the database itself while it is in use (SQLite, "Online Backup API"). */
export async function copyOfData(db: Db): Promise<ReadableStream> {
  const folder = mkdtempSync(path.join(tmpdir(), 'gable-ridge-copy-'));
  const file = path.join(folder, 'copy.db');
  const away = () => rmSync(folder, { recursive: true, force: true });
  try {
    await db.$client.backup(file);
  } catch (error) {
    away();
    throw error;
  }
  return await sentFile(file, away);
}
