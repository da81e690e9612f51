import { readSiteFile } from '@/core/formats/site-file';
import { problemText } from '@/core/site/problem';
import type { Site } from '@/core/site/site';
import type { BytesOf } from '@/server/bytes/blobs';
import { measuringWith } from '@/server/text/measured';
import { CouldNot, type Surroundings } from './command';
import { textOnDisk } from './text-on-disk';

/** A site as its file has it: the document, its bytes, and what measures its texts. */
export interface SiteOnDisk {
  site: Site;
  bytesOf: BytesOf;
  measured: ReturnType<typeof measuringWith>;
}

/** Reads a site file; throws with what is wrong with it, place by place. */
export function siteOnDisk(around: Surroundings, typed: string): SiteOnDisk {
  const reading = readSiteFile(textOnDisk(around, typed));
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
