import * as v from 'valibot';
import { fileSchema } from '@/core/site/file';
import { MOST_BYTES } from '@/core/site/file-limits';
import { kept, refused, sizeProblem, type Ingestion } from './ingestion';

export interface ReadFile {
  name: string;
  bytes: number;
}

/** A name that can stand in the hand-over: characters that cannot are replaced by hyphens. */
function safeName(name: string): string {
  return name
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .replace(/[^A-Za-z0-9._-]+/g, '-')
    .replace(/^[^A-Za-z0-9]+/, '')
    .slice(-80);
}

/** The bytes of a file to be linked to, under a name that every system can have. What it holds is not looked at: it is only ever downloaded. */
export function ingestFile(bytes: Buffer, name: string): Ingestion<ReadFile> {
  const problem = sizeProblem(bytes, MOST_BYTES.files, 'a file');
  if (problem) return refused(problem);
  const safe = safeName(name);
  if (!v.is(fileSchema.entries.name, safe)) return refused(`“${name}” cannot be the name of a file.`);
  if (/\.(html?|xhtml|svg|js|mjs|css|xml)$/i.test(safe))
    return refused(`“${name}” is code of a website, not a file to be downloaded. Zip it first.`);
  return kept({ name: safe, bytes: bytes.length }, bytes);
}
