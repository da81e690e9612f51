import { createStore } from 'zustand/vanilla';
import { textKey, unmeasured, type Advances } from '@/core/text/advances';
import type { FontSource } from '@/core/text/font-source';
import { addMeasured, nothingMeasured, type MeasuredTexts } from '@/core/text/measuring';
import { fontAddress } from '@/workers/font-shape';
import type { TextAnswer, TextQuestion } from '@/workers/text-messages';
import { browserWidths, type KeptWidths } from './kept-widths';
import { workerQuestions } from './worker-questions';

/** Asks the worker; the answer comes with the number of the question. */
export type Ask = (question: TextQuestion, answered: (answer: TextAnswer) => void) => void;

/** A worker that shapes texts; on the server, which draws screens for the first time, nothing is measured. */
const textWorker = (): Ask =>
  typeof Worker === 'undefined'
    ? () => {}
    : workerQuestions<TextQuestion, TextAnswer>(
        () => new Worker(new URL('../workers/text.worker.ts', import.meta.url), { type: 'module' }),
      );

/** How long nothing more has to be measured before what was is kept, in ms. */
const QUIET = 1000;

/** How long somebody else is waited for that may have failed, in ms. */
export const PATIENCE = 10_000;

export type AdvancesStore = ReturnType<typeof advancesStore>;

/**
 * What the browser knows of the widths of a site's texts. What is asked for and not known yet is measured soon after, all of
 * it at once; then the store holds new advances, and what was drawn without them is drawn again. It begins with `recall`, which
 * takes up what was measured on an earlier visit, or where there is nothing of that, with `begin`; but where somebody else measures nearly
 * all of it on its way (`waitFor`), with what that one tells (`learn`).
 */
export function advancesStore(site: string, ask: Ask = textWorker(), kept: KeptWidths = browserWidths) {
  const known = nothingMeasured();
  /** The keys of what the advances at hand were asked for in vain. */
  let unanswered = new Set<string>();
  /** Ends the wait for somebody else; nothing where nobody is waited for. */
  let patience: ReturnType<typeof setTimeout> | undefined;
  let keeping: ReturnType<typeof setTimeout> | undefined;
  const missing = new Map<string, { source: FontSource; texts: Set<string> }>();
  let number = 0;

  /** The texts that a font is asked for next. */
  const wantedOf = (source: FontSource): Set<string> => {
    const key = textKey(source, '');
    if (missing.size === 0) queueMicrotask(askForMissing);
    const wanted = missing.get(key) ?? { source, texts: new Set() };
    missing.set(key, wanted);
    return wanted.texts;
  };

  const fresh = (): Advances => {
    unanswered = new Set();
    return {
      of(source, text) {
        const key = textKey(source, text);
        const width = known.widths.get(key);
        if (width !== undefined) return width;
        unanswered.add(key);
        wantedOf(source).add(text);
        return null;
      },
      metrics(source) {
        const key = textKey(source, '');
        const reach = known.metrics.get(key);
        if (reach) return reach;
        unanswered.add(key);
        wantedOf(source);
        return null;
      },
    };
  };
  // Until what is kept is recalled nothing is asked for: what is drawn first has to be as the server drew it.
  const store = createStore<{ advances: Advances }>()(() => ({ advances: unmeasured }));
  const hasBegun = () => store.getState().advances !== unmeasured;

  /** Adds what was measured; says whether the advances at hand were asked for any of it. */
  const add = (measured: MeasuredTexts): boolean => {
    addMeasured(known, measured);
    return [...measured.widths.keys(), ...measured.metrics.keys()].some((key) => unanswered.has(key));
  };

  /** Adds what was measured, and has drawn anew what waited for it. */
  const learn = (measured: MeasuredTexts): void => {
    clearTimeout(patience);
    if (add(measured) || !hasBegun()) store.setState({ advances: fresh() });
    if (measured.widths.size === 0) return;
    clearTimeout(keeping);
    keeping = setTimeout(() => kept.keep(known), QUIET);
  };

  const askForMissing = () => {
    const fonts = [...missing.values()].map(({ source, texts }) => ({
      source,
      address: fontAddress(site, source),
      texts: [...texts],
    }));
    missing.clear();
    number += 1;
    ask({ number, fonts }, ({ advances, metrics }) => {
      const measured = nothingMeasured();
      fonts.forEach(({ source, texts }, font) => {
        const reach = metrics[font];
        if (reach) measured.metrics.set(textKey(source, ''), reach);
        texts.forEach((text, index) => {
          const width = advances[font]?.[index];
          if (width !== undefined) measured.widths.set(textKey(source, text), width);
        });
      });
      learn(measured);
    });
  };

  return {
    ...store,
    /** All that is known. */
    known,
    /** Takes up what is kept of an earlier visit; from then on what is not known is asked for. */
    recall(): void {
      const measured = kept.recall();
      if (measured === null) return;
      add(measured);
      if (patience === undefined) store.setState({ advances: fresh() });
    },
    /** Asks for what is not known from now on, unless somebody else is waited for. */
    begin(): void {
      if (!hasBegun() && patience === undefined) store.setState({ advances: fresh() });
    },
    /** Before anything was asked for, waits for what somebody else measures; not for ever. */
    waitFor(): void {
      if (!hasBegun()) patience ??= setTimeout(() => learn(nothingMeasured()), PATIENCE);
    },
    learn,
  };
}
