import { createStore } from 'zustand/vanilla';
import { textKey, unmeasured, type Advances, type FontMetrics } from '@/core/text/advances';
import type { FontSource } from '@/core/text/font-source';
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

/**
 * What the browser knows of the widths of a site's texts. What is asked for and not known yet is measured soon after, all of
 * it at once; then the store holds new advances, and what was drawn without them is drawn again. All of it begins with `recall`, which
 * takes up what was measured on an earlier visit.
 */
export function advancesStore(site: string, ask: Ask = textWorker(), kept: KeptWidths = browserWidths) {
  const known = new Map<string, number>();
  const reaches = new Map<string, FontMetrics>();
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

  const fresh = (): Advances => ({
    of(source, text) {
      const width = known.get(textKey(source, text));
      if (width !== undefined) return width;
      wantedOf(source).add(text);
      return null;
    },
    metrics(source) {
      const reach = reaches.get(textKey(source, ''));
      if (!reach) wantedOf(source);
      return reach ?? null;
    },
  });
  // Until what is kept is recalled nothing is asked for: what is drawn first has to be as the server drew it.
  const store = createStore<{ advances: Advances }>()(() => ({ advances: unmeasured }));

  const askForMissing = () => {
    const fonts = [...missing.values()].map(({ source, texts }) => ({
      source,
      address: fontAddress(site, source),
      texts: [...texts],
    }));
    missing.clear();
    number += 1;
    ask({ number, fonts }, ({ advances, metrics }) => {
      fonts.forEach(({ source, texts }, font) => {
        const reach = metrics[font];
        if (reach) reaches.set(textKey(source, ''), reach);
        texts.forEach((text, index) => {
          const width = advances[font]?.[index];
          if (width !== undefined) known.set(textKey(source, text), width);
        });
      });
      if (advances.every((of) => of === null)) return;
      store.setState({ advances: fresh() });
      clearTimeout(keeping);
      keeping = setTimeout(() => kept.keep({ widths: known, metrics: reaches }), QUIET);
    });
  };

  /** Takes up what is kept of an earlier visit; from then on it is told what is known, and asked for what is not. */
  const recall = () => {
    const measured = kept.recall();
    for (const [key, width] of measured?.widths ?? []) known.set(key, width);
    for (const [key, reach] of measured?.metrics ?? []) reaches.set(key, reach);
    store.setState({ advances: fresh() });
  };
  return { ...store, recall };
}
