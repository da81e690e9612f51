import { promisify } from 'node:util';
import { gzip } from 'node:zlib';
import type { HandoverNews, ListedFile } from '@/core/render/handover-news';
import { dataDir, openToRead } from '../db/open';
import { failureOf } from '../failures';
import { ahead } from '../handover/ahead';
import { allFiles, type HandedOver } from '../handover/rendered';
import { writeZip } from '../handover/zip';
import { loadSite } from '../sites/store';

const gzipped = promisify<Buffer, Buffer>(gzip);
const tell = (news: HandoverNews) => process.send!(news);

/** How many files are told of at once. */
const BATCH = 50;

/** Renders all files of a site: writes them into an archive where a target is named, else tells what they are. */
async function handOver(id: string, target: string | undefined): Promise<void> {
  const db = openToRead(dataDir());
  const stored = loadSite(db, id);
  if (!stored) throw new Error('This site is no longer there.');
  const { count, files } = await allFiles(db, stored.site);
  tell({ says: 'count', count });
  if (target !== undefined) {
    await writeZip(target, files, (done) => {
      if (done % BATCH === 0 || done === count) tell({ says: 'done', done });
    });
    return;
  }
  const listed = async ({ path, bytes, readable }: HandedOver): Promise<ListedFile> => ({
    path,
    bytes: bytes.length,
    compressed: (await gzipped(bytes)).length,
    readable,
  });
  let batch: ListedFile[] = [];
  for await (const file of ahead(files, listed)) {
    batch.push(file);
    if (batch.length < BATCH) continue;
    tell({ says: 'files', files: batch });
    batch = [];
  }
  tell({ says: 'files', files: batch });
}

process.on('disconnect', () => process.exit());
const [id, target] = process.argv.slice(2);
handOver(id!, target).then(
  () =>
    process.send!(
      { says: 'ready', megabytes: process.resourceUsage().maxRSS / 1024 } satisfies HandoverNews,
      () => process.exit(),
    ),
  (error: unknown) =>
    process.send!({ says: 'failed', reason: failureOf(error).reason } satisfies HandoverNews, () =>
      process.exit(1),
    ),
);
