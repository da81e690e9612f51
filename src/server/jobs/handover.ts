import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { HandoverNews } from '@/core/render/handover-news';
import { startJob } from './job-process';

/** The memory for the objects of a hand-over, in MB: a site of 2,000 pages takes a third of it. */
const MEMORY = 420;

/** How long an archive that is ready waits to be fetched, in ms. */
const KEPT = 10 * 60_000;

/** Archives that are ready, by the key under which they are fetched. */
const ready = new Map<string, { file: string; away(): void }>();

/** What puts away the folders of archives that are made or wait; none is left when the server ends. */
const folders = new Set<() => void>();
process.on('exit', () => folders.forEach((away) => away()));

/** Renders a site in a process of its own and gives its news; the process ends when nobody listens any more. */
async function* newsOf(args: readonly string[]): AsyncGenerator<HandoverNews> {
  const job = startJob('handover', MEMORY, args);
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
  return newsOf([site]);
}

/** Makes an archive of all files of a site and tells how far it is; at the end it can be fetched once under a key. */
export async function* makeZip(site: string): AsyncGenerator<HandoverNews> {
  const folder = mkdtempSync(path.join(tmpdir(), 'gable-ridge-zip-'));
  const away = () => {
    folders.delete(away);
    rmSync(folder, { recursive: true, force: true });
  };
  folders.add(away);
  const file = path.join(folder, 'site.zip');
  let kept = false;
  try {
    for await (const news of newsOf([site, file])) {
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

/** An archive that is ready, to be sent and then put away; undefined when there is none under this key. */
export function takeZip(key: string): { file: string; away(): void } | undefined {
  const found = ready.get(key);
  ready.delete(key);
  return found;
}
