import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { HandoverFormId } from '@/core/render/forms';
import type { HandoverNews } from '@/core/render/handover-news';
import { database } from '../db/open';
import { storageProblem } from '../failures';
import { sweepObjects } from '../objects/objects';
import { startJob } from './job-process';

/** The memory for the objects of a hand-over, in MB: a site of 2,000 pages takes a third of it. */
const MEMORY = 420;

/** The same for parts and components, for which all pages are held beside each other: 1,000 of them take 400 MB. */
const MEMORY_OF_ALL = 2000;

/** How long an archive that is ready waits to be fetched, in ms. */
const KEPT = 10 * 60_000;

/** Archives that are ready, by the key under which they are fetched. */
const ready = new Map<string, { file: string; away(): void }>();

/** What puts away the folders of archives that are made or wait; none is left when the server ends. */
const folders = new Set<() => void>();
process.on('exit', () => folders.forEach((away) => away()));

/** What is made of a site’s files. */
export type HandoverTask = { site: string } & (
  | { make: 'list' }
  /** Of the site as it stands, or of a release, in a form. */
  | { make: 'zip'; target: string; release: number | null; form: HandoverFormId }
  | { make: 'release'; revision: number; note: string }
);

/** Renders a site in a process of its own and gives its news; the process ends when nobody listens any more. */
async function* newsOf(task: HandoverTask): AsyncGenerator<HandoverNews> {
  const allAtOnce = task.make === 'zip' && task.form !== 'website';
  const job = startJob('handover', allAtOnce ? MEMORY_OF_ALL : MEMORY, [JSON.stringify(task)]);
  const heard: HandoverNews[] = [];
  let wake = () => {};
  const tell = (news: HandoverNews) => {
    heard.push(news);
    wake();
  };
  job.on('message', (news) => tell(news as HandoverNews));
  const ended = () =>
    tell({ says: 'failed', reason: 'Making the files came to an end before it was done. Try it again.' });
  job.once('exit', ended).once('error', ended);
  try {
    for (;;) {
      const news = heard.shift();
      if (!news) await new Promise<void>((resolve) => (wake = resolve));
      else {
        yield news;
        if (news.says === 'ready' || news.says === 'failed') return;
      }
    }
  } finally {
    job.kill('SIGKILL');
  }
}

/** The files of a site with their sizes, told while they are rendered. */
export function listFiles(site: string): AsyncGenerator<HandoverNews> {
  return newsOf({ site, make: 'list' });
}

/** Makes an archive of a site, or of a release of it, in a form, and tells how far it is; at the end it can be fetched once under a key. */
export async function* makeZip(
  site: string,
  release: number | null,
  form: HandoverFormId,
): AsyncGenerator<HandoverNews> {
  const folder = mkdtempSync(path.join(tmpdir(), 'gable-ridge-zip-'));
  const away = () => {
    folders.delete(away);
    rmSync(folder, { recursive: true, force: true });
  };
  folders.add(away);
  const file = path.join(folder, 'site.zip');
  let kept = false;
  try {
    for await (const news of newsOf({ site, make: 'zip', target: file, release, form })) {
      if (news.says !== 'ready') yield news;
      else {
        const key = path.basename(folder).slice(-6);
        ready.set(key, { file, away });
        setTimeout(() => takeZip(key)?.away(), KEPT).unref();
        kept = true;
        yield { ...news, key };
      }
    }
  } finally {
    if (!kept) away();
  }
}

/** The sites of which a release is being made: one for the whole process, since routes are bundled apart. */
const shared = globalThis as { gableReleasing?: Set<string> };
const releasing = (shared.gableReleasing ??= new Set());

/** Whether any release is being made: objects that nothing points to yet are of it. */
export const isReleasing = (): boolean => releasing.size > 0;

/** Makes a release of a site as it stood at a revision and tells how far it is; the last news has its number. Stopped, it leaves nothing. */
export async function* makeRelease(
  site: string,
  revision: number,
  note: string,
): AsyncGenerator<HandoverNews> {
  if (releasing.has(site)) {
    yield {
      says: 'failed',
      reason: 'A release of this site is being made already. Wait for it, or stop it.',
    };
    return;
  }
  releasing.add(site);
  let made = false;
  try {
    for await (const news of newsOf({ site, make: 'release', revision, note })) {
      made = news.says === 'ready';
      yield news;
    }
  } finally {
    releasing.delete(site);
    if (!made) setTimeout(sweepLater, ENDED).unref();
  }
}

/** How long a process that was ended needs to let go of the database at the most, in ms. */
const ENDED = 1000;

/** What cannot be swept now is swept at the next start. */
function sweepLater(): void {
  try {
    if (!isReleasing()) sweepObjects(database());
  } catch (error) {
    console.error(storageProblem(error) ?? error);
  }
}

/** An archive that is ready, to be sent and then put away; undefined when there is none under this key. */
export function takeZip(key: string): { file: string; away(): void } | undefined {
  const found = ready.get(key);
  ready.delete(key);
  return found;
}
