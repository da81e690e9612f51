'use client';

import { useEffect, useSyncExternalStore } from 'react';
import type { Finding } from '@/core/checks/finding';
import type { Moved } from '@/core/checks/moved';
import type { Site } from '@/core/site/site';
import type { ChecksAnswer, ChecksQuestion } from '@/workers/checks-messages';
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
type AskChecks = (question: ChecksQuestion, answered: (answer: ChecksAnswer) => void) => void;

const checksWorker = (): AskChecks =>
  workerQuestions<ChecksQuestion, ChecksAnswer>(
    () => new Worker(new URL('../workers/checks.worker.ts', import.meta.url), { type: 'module' }),
  );

/** Looks a site over, one state of it at a time: of those that come while one is looked at, only the newest is looked at after it. */
export function siteChecks(ask: AskChecks = checksWorker()) {
  let sent: object = {};
  let number = 0;
  let busy = false;
  let waiting: Site | null = null;
  let found: Findings | null = null;
  const listeners = new Set<() => void>();

  const send = (site: Site): void => {
    busy = true;
    number += 1;
    const change = changeBetween(sent as Record<string, unknown>, { ...site });
    sent = site;
    ask({ number, change }, (answer) => {
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
    found: (): Findings | null => found,
    subscribe(listener: () => void): () => void {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
  };
}

/** One worker for the whole application. */
let shared: ReturnType<typeof siteChecks> | null = null;
const checksHere = () => (shared ??= siteChecks());

/** How long nothing has to be edited before a site is looked over while one works elsewhere, in ms. */
export const QUIET = 1500;

/** Looks once more at what could not be looked at. */
export const lookAgain = (site: Site): void => checksHere().look(site, true);

/** What was found in a site, and whether it is of an earlier state; null until it was first looked at. It is looked over once nothing was edited for a while, in ms. */
export function useFindings(site: Site, quiet: number): (Omit<Findings, 'site'> & { stale: boolean }) | null {
  const found = useSyncExternalStore(
    (listener) => checksHere().subscribe(listener),
    () => checksHere().found(),
    () => null,
  );
  useEffect(() => {
    const timer = setTimeout(() => checksHere().look(site), quiet);
    return () => clearTimeout(timer);
  }, [site, quiet]);
  if (found === null || found.site.id !== site.id) return null;
  const { all, moved, failed } = found;
  return { all, moved, failed, stale: found.site !== site };
}
