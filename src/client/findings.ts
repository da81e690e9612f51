'use client';

import { useEffect, useState, useSyncExternalStore } from 'react';
import type { Finding } from '@/core/checks/finding';
import type { Moved } from '@/core/checks/moved';
import type { Site } from '@/core/site/site';
import type { ChecksAnswer, ChecksQuestion, MovedAnswer, MovedQuestion } from '@/workers/checks-messages';
import { changeBetween } from '@/workers/document-change';
import { workerQuestions } from './worker-questions';

/** What was found in a site, as it was when it was looked at. */
export interface Findings {
  site: Site;
  all: readonly Finding[];
  /** What else the last edits changed; null where there were none. */
  moved: readonly Moved[] | null;
  /** Why that state could not be looked at; what was found is of the one before then. */
  failed: string | null;
}

/** Asks the worker; the answer comes with the number of the question. */
interface AskChecks {
  (question: ChecksQuestion, answered: (answer: ChecksAnswer) => void): void;
}

/** One worker for the whole application: each answer is to its question. */
const askWorker = workerQuestions<ChecksQuestion | MovedQuestion, ChecksAnswer | MovedAnswer>(
  () =>
    new Worker(new URL('../workers/checks.worker.ts', import.meta.url), { type: 'module', name: 'checks' }),
);
let number = 0;

/** Looks a site over, one state of it at a time: of those that come while one is looked at, only the newest is looked at after it. */
export function siteChecks(ask: AskChecks = askWorker as AskChecks) {
  let sent: object = {};
  let busy = false;
  let waiting: Site | null = null;
  let found: Findings | null = null;
  let opened: Site | null = null;
  const listeners = new Set<() => void>();

  const send = (site: Site): void => {
    busy = true;
    number += 1;
    const change = changeBetween(sent as Record<string, unknown>, { ...site });
    sent = site;
    const edited = found?.site.id !== site.id && opened?.id === site.id && opened !== site;
    ask({ number, change, ...(edited ? { opened: opened! } : {}) }, (answer) => {
      busy = false;
      found =
        'findings' in answer
          ? { site, all: answer.findings, moved: answer.moved, failed: null }
          : { site, all: found?.all ?? [], moved: null, failed: answer.failed };
      for (const listener of listeners) listener();
      const next = waiting;
      waiting = null;
      if (next) send(next);
    });
  };
  return {
    /** Looks at a state, unless it was looked at before; `again` also where that failed. */
    look(site: Site, again = false): void {
      if (busy) waiting = sent === site ? null : site;
      else if (found?.site !== site || (again && found.failed !== null)) send(site);
    },
    /** Remembers a site as it was opened, so that what its first edits move can be told. */
    opens(site: Site): void {
      if (opened?.id !== site.id) opened = site;
    },
    found: (): Findings | null => found,
    subscribe(listener: () => void): () => void {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
  };
}

let shared: ReturnType<typeof siteChecks> | null = null;
const checksHere = () => (shared ??= siteChecks());

/** How long nothing has to be edited before a site is looked over while one works elsewhere, in ms. */
export const QUIET = 1500;
/** The same before it is looked over for the first time: what was opened just now has more to do. */
const FIRST = 5000;

/** Looks once more at what could not be looked at. */
export const lookAgain = (site: Site): void => checksHere().look(site, true);

/** What was found in a site, and whether it is of an earlier state; null until it was first looked at. It is looked over once nothing was edited for a while, in ms. */
export function useFindings(site: Site, quiet: number): (Omit<Findings, 'site'> & { stale: boolean }) | null {
  const found = useSyncExternalStore(
    (listener) => checksHere().subscribe(listener),
    () => checksHere().found(),
    () => null,
  );
  const first = found?.site.id !== site.id;
  useEffect(() => {
    checksHere().opens(site);
    const timer = setTimeout(() => checksHere().look(site), first && quiet > 0 ? FIRST : quiet);
    return () => clearTimeout(timer);
  }, [site, quiet, first]);
  if (found === null || found.site.id !== site.id) return null;
  const { all, moved, failed } = found;
  return { all, moved, failed, stale: found.site !== site };
}

/** What moved between two states of a site, or why that cannot be told; null until it is known. */
export type MovedBetween = { moved: readonly Moved[] } | { failed: string } | null;

/** What moved between two states of a site; null while that is worked out. */
export function useMovedBetween(before: Site, after: Site): MovedBetween {
  const [told, setTold] = useState<{ before: Site; after: Site; answer: MovedBetween } | null>(null);
  useEffect(() => {
    let late = false;
    number += 1;
    askWorker({ number, before, after }, (answer) => {
      if (!late) setTold({ before, after, answer: answer as MovedAnswer });
    });
    return () => {
      late = true;
    };
  }, [before, after]);
  return told?.before === before && told.after === after ? told.answer : null;
}
