import type { HandoverNews, ListedFile } from '@/core/render/handover-news';
import { websiteReadme } from '@/core/render/website-readme';
import { dataDir, openBeside, openToRead, type Db } from '../db/open';
import { failureOf } from '../failures';
import { ahead } from '../handover/ahead';
import { allFiles, formFiles, type HandedOver } from '../handover/rendered';
import { writeZip, type ZippedFile } from '../handover/zip';
import { hashOf, packedObject } from '../objects/objects';
import { documentOf } from '../releases/document';
import { ChangedMeanwhile, freeze } from '../releases/freeze';
import { releasedFiles } from '../releases/released-files';
import { loadSite, type StoredSite } from '../sites/store';
import type { HandoverTask } from './handover';

const tell = (news: HandoverNews) => process.send!(news);

/** How many files are told of at once. */
const BATCH = 50;

/** Tells every so often how many files of so many are done. */
const telling = (count: number) => (done: number) => {
  if (done % BATCH === 0 || done === count) tell({ says: 'done', done });
};

function stored(db: Db, id: string): StoredSite {
  const found = loadSite(db, id);
  if (!found) throw new Error('This site is no longer there.');
  return found;
}

async function list(db: Db, id: string): Promise<void> {
  const { count, files } = await allFiles(db, stored(db, id).site);
  tell({ says: 'count', count });
  const listed = async ({ path, bytes, readable }: HandedOver): Promise<ListedFile> => {
    const { hash, size, bytes: packed } = await packedObject(await hashOf(bytes), bytes, readable);
    return { path, hash, bytes: size, compressed: packed.length, readable };
  };
  let batch: ListedFile[] = [];
  for await (const file of ahead(files, listed)) {
    batch.push(file);
    if (batch.length < BATCH) continue;
    tell({ says: 'files', files: batch });
    batch = [];
  }
  tell({ says: 'files', files: batch });
}

/** The files that an archive holds in a form, one made after another, with what says what stands where. */
async function archived(
  db: Db,
  { site: id, release: number, form }: HandoverTask & { make: 'zip' },
): Promise<{ count: number; files: AsyncIterable<ZippedFile> }> {
  const site = documentOf(db, id, number);
  if (!site) throw new Error('This site is no longer there.');
  if (form !== 'website') return formFiles(db, site, form);
  const { count, files } = number === null ? await allFiles(db, site) : releasedFiles(db, id, number);
  return {
    count: count + 1,
    files: (async function* () {
      yield { path: 'README.md', bytes: Buffer.from(websiteReadme(site)) };
      yield* files;
    })(),
  };
}

async function zip(db: Db, task: HandoverTask & { make: 'zip' }): Promise<void> {
  const { count, files } = await archived(db, task);
  tell({ says: 'count', count });
  await writeZip(task.target, files, telling(count));
}

async function release(db: Db, id: string, revision: number, note: string): Promise<number> {
  const found = stored(db, id);
  if (found.revision !== revision)
    throw new ChangedMeanwhile('The site was changed since its release was asked for. Make it again.');
  let told = telling(0);
  return freeze(db, { ...found, note }, new Date(), {
    count(count) {
      told = telling(count);
      tell({ says: 'count', count });
    },
    done: (done) => told(done),
  });
}

/** Does what is asked, and gives what is told of it at its end. */
async function work(task: HandoverTask): Promise<{ release?: number }> {
  if (task.make === 'release')
    return { release: await release(openBeside(dataDir()), task.site, task.revision, task.note) };
  const db = openToRead(dataDir());
  await (task.make === 'list' ? list(db, task.site) : zip(db, task));
  return {};
}

const reasonOf = (error: unknown) =>
  error instanceof ChangedMeanwhile ? error.message : failureOf(error).reason;

process.on('disconnect', () => process.exit());
const [task] = process.argv.slice(2);
work(JSON.parse(task!) as HandoverTask).then(
  (made) =>
    process.send!(
      { says: 'ready', megabytes: process.resourceUsage().maxRSS / 1024, ...made } satisfies HandoverNews,
      () => process.exit(),
    ),
  (error: unknown) =>
    process.send!({ says: 'failed', reason: reasonOf(error) } satisfies HandoverNews, () => process.exit(1)),
);
