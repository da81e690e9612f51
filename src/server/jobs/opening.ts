import type { OpenedWith } from '@/core/render/opening';
import type { Site } from '@/core/site/site';
import { dataDir } from '../db/open';
import type { StoredSite } from '../sites/store';
import { giveUp, lastingJob } from './job-process';

export interface OpeningQuestion {
  number: number;
  site: Site;
  revision: number;
  opened: OpenedWith;
}
/** `OpeningAt` as JSON, or why it could not be worked out. */
export type OpeningAnswer = { number: number } & ({ text: string } | { failed: string });

/** The memory for a site of 2,000 pages and what is known of its texts, in MB. */
const MEMORY = 256;

/** How long an answer is waited for, in ms: the page is not done loading before. The browser begins by itself much earlier. */
const PATIENCE = 30_000;

/** One for the whole process: what starts the server is bundled apart from what answers. */
const shared = globalThis as {
  /** The number of the last question, and what was worked out of a state of a site, by what it is opened with. */
  gableOpenings?: { number: number; known: WeakMap<Site, Map<string, Promise<string>>> };
};
const state = (shared.gableOpenings ??= { number: 0, known: new WeakMap() });

function ask(question: Omit<OpeningQuestion, 'number'>): Promise<string> {
  const job = lastingJob('opening', MEMORY, [dataDir()]);
  state.number += 1;
  const number = state.number;
  return new Promise((resolve, reject) => {
    const done = () => {
      clearTimeout(timer);
      job.off('message', hear).off('exit', fail).off('error', fail);
    };
    const fail = (why: unknown) => {
      done();
      reject(new Error(`The workbench is worked out in the browser: ${String(why)}`));
    };
    const hear = (heard: unknown) => {
      const answer = heard as OpeningAnswer;
      if (answer.number !== number) return;
      if ('failed' in answer) return fail(answer.failed);
      done();
      resolve(answer.text);
    };
    const timer = setTimeout(() => {
      giveUp('opening');
      job.kill('SIGKILL');
    }, PATIENCE).unref();
    job.on('message', hear).once('exit', fail).once('error', fail);
    job.send({ number, ...question } satisfies OpeningQuestion, (error) => error && fail(error));
  });
}

/**
 * What the workbench needs to be opened with an assembly (`OpeningAt`), as JSON: React takes one text over faster than many objects. It is
 * worked out beside the server, which answers others meanwhile.
 */
export function openingText({ site, revision }: StoredSite, opened: OpenedWith): Promise<string> {
  const key = `${opened.kind} ${opened.assembly}`;
  const ofSite = state.known.get(site) ?? new Map<string, Promise<string>>();
  state.known.set(site, ofSite);
  const text = ofSite.get(key) ?? ask({ site, revision, opened });
  ofSite.set(key, text);
  // What could not be worked out now may be the next time.
  text.catch(() => ofSite.delete(key));
  return text;
}
