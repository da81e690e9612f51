'use client';

import { useEffect, useState } from 'react';
import { useStore } from 'zustand';
import { ROOT_TEXT_PX } from '@/core/lengths/length';
import type { BarPlace } from '@/core/fit/forecasts';
import type { Suggestions } from '@/core/fit/suggestions';
import type { FooterSurvey } from '@/core/fit/footer-survey';
import type { OpenedSurvey } from '@/core/fit/opened-survey';
import type { FitSurvey } from '@/core/fit/survey';
import type { Span } from '@/core/lengths/piecewise';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import type { Id } from '@/core/ids/id';
import { firstPageOf } from '@/core/site/placing';
import type { Site } from '@/core/site/site';
import { takeWay, waySolvedBefore } from '@/core/fit/way-down';
import { unmeasured } from '@/core/text/advances';
import { changeBetween } from '@/workers/document-change';
import type {
  BarForecast,
  BarWidths,
  FitAnswer,
  FitAnswers,
  FitQuestion,
  FitWish,
} from '@/workers/fit-messages';
import { afterPainting } from './after-painting';
import { useAdvancesStore } from './open-site-context';
import type { AdvancesStore } from './text-advances';
import { whenSettled } from './when-settled';
import { workerQuestions } from './worker-questions';

/** Asks the worker; the answer comes with the number of the question. */
export type AskFit = (question: FitQuestion, answered: (answer: FitAnswer) => void) => void;

function fitWorker(): AskFit {
  const worker = new Worker(new URL('../workers/fit.worker.ts', import.meta.url), { type: 'module' });
  return workerQuestions<FitQuestion, FitAnswer>(() => worker);
}

/** The assembly that is asked about. */
export interface FitPlace {
  kind: AssemblyKind;
  assembly: Id;
}

/** What shows at once comes before what looks ahead. */
const urgency: readonly FitWish['what'][] = ['survey', 'opened', 'footer', 'room', 'suggestions', 'forecast'];

/**
 * What is asked of the fit worker, one at a time: what is asked for while one is worked out waits, and only the newest of its kind
 * is worked out, so that typing never runs ahead of them.
 */
export function fitSurveys(ask: AskFit = fitWorker()) {
  let sent: Partial<Site> = {};
  let number = 0;
  let busy = false;
  const waiting = new Map<FitWish['what'], () => void>();

  return (
    { site, texts }: { site: Site; texts: AdvancesStore },
    place: FitPlace,
    wish: FitWish,
    answered: (answer: FitAnswer) => void,
  ): void => {
    const send = () => {
      busy = true;
      number += 1;
      const change = changeBetween({ ...sent }, { ...site });
      const known = sent.id === site.id ? null : texts.known;
      sent = site;
      const page = firstPageOf(site, place.assembly)?.id ?? null;
      const language = site.languages[0]!;
      const assembly = site[place.kind][place.assembly]!;
      // What comes to be known of texts later is no reason to ask anew. Where views are drawn, they have solved it already.
      const way = waySolvedBefore(site, texts.getState().advances, assembly);
      ask(
        { number, change, texts: known, ...place, way, wish, page, language, root: ROOT_TEXT_PX },
        (answer) => {
          busy = false;
          const next = urgency.find((what) => waiting.has(what));
          const other = next && waiting.get(next);
          if (next) waiting.delete(next);
          texts.learn(answer.texts);
          if (answer.way) takeWay(site, texts.getState().advances, assembly, answer.way);
          answered(answer);
          other?.();
        },
      );
    };
    if (busy) waiting.set(wish.what, send);
    else send();
  };
}

/** One worker for the whole application. */
let shared: ReturnType<typeof fitSurveys> | null = null;

/** What was worked out elsewhere of an assembly. */
interface Taken extends FitPlace {
  answers: Partial<FitAnswers>;
}
const taken = new WeakMap<Site, Taken>();

/** Takes over what was worked out elsewhere of an assembly of the very same site: it is told at once, and asked here when nothing else is to be done. */
export function takeSurveys(site: Site, place: FitPlace, answers: Partial<FitAnswers>): void {
  taken.set(site, { ...place, answers });
}

/** Calls off the survey that is about to be asked for. */
let callOff = () => {};

/**
 * Has an assembly surveyed before its site is drawn: by then it is known how wide its texts are, where its rules begin and how it stands. The
 * views that show it ahead are painted first, which the worker would take the machine from. Ends when that is so; not where a newer one is
 * asked about meanwhile.
 */
export function surveyAhead(site: Site, texts: AdvancesStore, place: FitPlace): Promise<void> {
  shared ??= fitSurveys();
  const ask = shared;
  callOff();
  return new Promise((resolve) => {
    callOff = afterPainting(() =>
      ask({ site, texts }, place, { what: 'survey' }, ({ survey }) => {
        if (survey?.complete) takeSurveys(site, place, { survey });
        resolve();
      }),
    );
  });
}

/** The answer to a wish, and whether a newer one is being worked out. */
export interface Answered<T> {
  answer: T;
  stale: boolean;
}

/** The answer to a wish as it was last worked out for this assembly and bar; null until it was. */
function useFit<Name extends FitWish['what']>(
  site: Site,
  { kind, assembly }: FitPlace,
  wish: FitWish & { what: Name },
): Answered<FitAnswers[Name]> | null {
  const key = JSON.stringify(wish);
  const texts = useAdvancesStore();
  // What is known of texts from the start is told with the first question.
  const begun = useStore(texts, ({ advances }) => advances !== unmeasured);
  const of = `${assembly} ${'bar' in wish ? wish.bar : ''}`;
  const [found, setFound] = useState<{ of: string; site: Site; key: string; answer: FitAnswer } | null>(null);
  const elsewhere = taken.get(site);
  const known =
    elsewhere?.kind === kind && elsewhere.assembly === assembly ? elsewhere.answers[wish.what] : undefined;
  const isKnown = known !== undefined;
  useEffect(() => {
    if (!begun || !site[kind][assembly]) return;
    const ask = () => {
      shared ??= fitSurveys();
      shared({ site, texts }, { kind, assembly }, JSON.parse(key) as FitWish, (answer) =>
        setFound({ of, site, key, answer }),
      );
    };
    // So that the first edit finds it there, and works out only what it changes.
    if (isKnown) return whenSettled(ask);
    ask();
  }, [begun, site, kind, assembly, key, of, texts, isKnown]);
  const answer = found?.of === of ? found.answer[wish.what] : undefined;
  const stale = found?.site !== site || found.key !== key;
  // Of this very state, what was taken over is as good as what is worked out here.
  const told = stale && isKnown ? { answer: known, stale: false } : { answer, stale };
  return told.answer === undefined ? null : { ...told, answer: told.answer as FitAnswers[Name] };
}

/** How the bars of an assembly stand; null until it was first worked out. */
export function useFitSurvey(site: Site, kind: AssemblyKind, assembly: Id): FitSurvey | null {
  return useFit(site, { kind, assembly }, { what: 'survey' })?.answer ?? null;
}

/** What opens in an assembly, and where it stands; null until it was first worked out. */
export function useOpenedSurvey(site: Site, kind: AssemblyKind, assembly: Id): OpenedSurvey | null {
  return useFit(site, { kind, assembly }, { what: 'opened' })?.answer ?? null;
}

/** How a footer stands at every width, and whether it is of an earlier state of the site; null until it was first worked out. */
export function useFooterSurvey(site: Site, footer: Id): { answer: FooterSurvey; stale: boolean } | null {
  return useFit(site, { kind: 'footers', assembly: footer }, { what: 'footer' });
}

/** What is foreseen of a bar; null until it was first worked out. */
export function useForecast(site: Site, { kind, assembly, bar }: BarPlace): BarForecast | null {
  return useFit(site, { kind, assembly }, { what: 'forecast', bar })?.answer ?? null;
}

/** The room of a bar over a span of widths in a language, and how it stands there; null until it was first worked out. */
export function useBarWidths(
  site: Site,
  { kind, assembly, bar }: BarPlace,
  over: { span: Span; language: string },
): BarWidths | null {
  return useFit(site, { kind, assembly }, { what: 'room', bar, ...over })?.answer ?? null;
}

/** What makes a bar fit down to a width in CSS px; null until it was first worked out. */
export function useSuggestions(
  site: Site,
  { kind, assembly, bar }: BarPlace,
  down: number,
): Answered<Suggestions> | null {
  return useFit(site, { kind, assembly }, { what: 'suggestions', bar, down });
}
