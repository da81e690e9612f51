import { mkdirSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { unzipSync } from 'fflate';

/** Unpacks a zip into a new folder and gives the folder. */
export function unpack(zipFile: string): string {
  const folder = mkdtempSync(path.join(tmpdir(), 'gable-ridge-export-'));
  for (const [name, bytes] of Object.entries(unzipSync(readFileSync(zipFile)))) {
    const target = path.join(folder, name);
    mkdirSync(path.dirname(target), { recursive: true });
    writeFileSync(target, bytes);
  }
  return folder;
}
