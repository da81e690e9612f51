'use client';

import { useEffect, useState } from 'react';
import { ROOT_TEXT_PX } from '@/core/lengths/length';
import type { FitSurvey } from '@/core/fit/survey';
import type { AssemblyKind } from '@/core/properties/assembly';
import type { Id } from '@/core/properties/id';
import type { Site } from '@/core/site/site';
import { changeBetween } from '@/workers/document-change';
import type { BarForecast, FitAnswer, FitQuestion } from '@/workers/fit-messages';
import { workerQuestions } from './worker-questions';

/** Asks the worker; the answer comes with the number of the question. */
export type AskFit = (question: FitQuestion, answered: (answer: FitAnswer) => void) => void;

const fitWorker = (): AskFit =>
  workerQuestions<FitQuestion, FitAnswer>(
    () => new Worker(new URL('../workers/fit.worker.ts', import.meta.url), { type: 'module' }),
  );

/** What is asked for: the survey of an assembly, or the forecast of one of its bars. */
export interface FitPlace {
  kind: AssemblyKind;
  assembly: Id;
  bar: Id | null;
}

/**
 * Surveys and forecasts of fit, one at a time: what is asked for while one is worked out waits, and only the newest of its kind is
 * worked out, so that typing never runs ahead of them.
 */
export function fitSurveys(ask: AskFit = fitWorker()) {
  let sent: object = {};
  let number = 0;
  let busy = false;
  const waiting = new Map<'survey' | 'forecast', () => void>();

  return (site: Site, place: FitPlace, answered: (answer: FitAnswer) => void): void => {
    const what = place.bar === null ? 'survey' : 'forecast';
    const send = () => {
      busy = true;
      number += 1;
      const change = changeBetween(sent as Record<string, unknown>, { ...site });
      sent = site;
      const page = site.pageOrder[0] ?? null;
      const language = site.languages[0]!;
      ask({ number, change, ...place, page, language, root: ROOT_TEXT_PX }, (answer) => {
        busy = false;
        // What shows at once comes before what looks ahead.
        const next = waiting.has('survey') ? 'survey' : 'forecast';
        const other = waiting.get(next);
        waiting.delete(next);
        answered(answer);
        other?.();
      });
    };
    if (busy) waiting.set(what, send);
    else send();
  };
}

/** One worker for the whole application. */
let shared: ReturnType<typeof fitSurveys> | null = null;

/** The answer for a place as it was last worked out; null until it was. */
function useFit(site: Site, { kind, assembly, bar }: FitPlace): FitAnswer | null {
  const [answer, setAnswer] = useState<{ of: string; answer: FitAnswer } | null>(null);
  const of = `${assembly} ${bar ?? ''}`;
  useEffect(() => {
    if (!site[kind][assembly]) return;
    shared ??= fitSurveys();
    shared(site, { kind, assembly, bar }, (found) => setAnswer({ of, answer: found }));
  }, [site, kind, assembly, bar, of]);
  return answer?.of === of ? answer.answer : null;
}

/** How the bars of an assembly stand; null until it was first worked out. */
export function useFitSurvey(site: Site, kind: AssemblyKind, assembly: Id): FitSurvey | null {
  const answer = useFit(site, { kind, assembly, bar: null });
  return answer !== null && 'survey' in answer ? answer.survey : null;
}

/** What is foreseen of a bar; null until it was first worked out. */
export function useForecast(site: Site, kind: AssemblyKind, assembly: Id, bar: Id): BarForecast | null {
  const answer = useFit(site, { kind, assembly, bar });
  return answer !== null && 'forecast' in answer ? answer.forecast : null;
}
