import { readFileSync, statSync } from 'node:fs';
import { readSiteFile } from '@/core/formats/site-file';
import { megabytes, MOST_SITE_FILE } from '@/core/site/file-limits';
import { problemText } from '@/core/site/problem';
import type { Site } from '@/core/site/site';
import type { BytesOf } from '@/server/bytes/blobs';
import { measuringWith } from '@/server/text/measured';
import { CouldNot, type Surroundings } from './command';

/** A site as its file has it: the document, its bytes, and what measures its texts. */
export interface SiteOnDisk {
  site: Site;
  bytesOf: BytesOf;
  measured: ReturnType<typeof measuringWith>;
}

const reasons: Readonly<Record<string, string>> = {
  ENOENT: 'there is no such file',
  EISDIR: 'it is a folder',
  EACCES: 'it may not be read',
};

/** The text of a file. */
function textOf(path: string, typed: string): string {
  try {
    const { size } = statSync(path);
    if (size > MOST_SITE_FILE)
      throw new CouldNot(
        `${typed} has ${megabytes(size)} MB; at most ${megabytes(MOST_SITE_FILE)} MB are read.`,
      );
    return readFileSync(path, 'utf8');
  } catch (error) {
    if (error instanceof CouldNot) throw error;
    const { code = '', message } = error as NodeJS.ErrnoException;
    throw new CouldNot(`${typed} cannot be read: ${reasons[code] ?? message}.`);
  }
}

/** Reads a site file; throws with what is wrong with it, place by place. */
export function siteOnDisk({ pathOf }: Surroundings, typed: string): SiteOnDisk {
  const reading = readSiteFile(textOf(pathOf(typed), typed));
  if (!reading.ok)
    throw new CouldNot(
      [
        `${typed} is no site file that can be read:`,
        ...reading.problems.map((each) => `  ${problemText(each)}`),
      ].join('\n'),
    );
  const { site, bytes } = reading.file;
  const bytesOf = (hash: string) => Buffer.from(bytes[hash]!, 'base64');
  return { site, bytesOf, measured: measuringWith(bytesOf) };
}
