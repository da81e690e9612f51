import { createStore, type StoreApi } from 'zustand/vanilla';
import { textKey, unmeasured, type Advances, type Lineage } from '@/core/text/advances';
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

/** One who asks: it is drawn again when what it was answered in vain has been measured, and only then. */
interface Asker {
  store: StoreApi<{ advances: Advances }>;
  /** The keys of what the advances at hand were asked for in vain. */
  unanswered: Set<string>;
}

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

  const lineage: Lineage = { missed: 0 };
  const fresh = (asker: Asker): void => {
    const unanswered = (asker.unanswered = new Set<string>());
    const miss = (key: string, source: FontSource): Set<string> => {
      lineage.missed += 1;
      unanswered.add(key);
      return wantedOf(source);
    };
    const advances: Advances = {
      lineage,
      of(source, text) {
        const key = textKey(source, text);
        const width = known.widths.get(key);
        if (width !== undefined) return width;
        miss(key, source).add(text);
        return null;
      },
      metrics(source) {
        const key = textKey(source, '');
        const reach = known.metrics.get(key);
        if (reach) return reach;
        miss(key, source);
        return null;
      },
    };
    asker.store.setState({ advances });
  };
  // Until what is kept is recalled nothing is asked for: what is drawn first has to be as the server drew it.
  const asker = (): Asker => ({
    store: createStore(() => ({ advances: unmeasured })),
    unanswered: new Set(),
  });
  const main = asker();
  const askers = new Set([main]);
  const begun = ({ store }: Asker) => store.getState().advances !== unmeasured;
  const hasBegun = () => begun(main);
  const begin = () => askers.forEach(fresh);

  /** Adds what was measured; gives those who asked for any of it in vain. */
  const add = (measured: MeasuredTexts): Asker[] => {
    addMeasured(known, measured);
    const keys = [...measured.widths.keys(), ...measured.metrics.keys()];
    return [...askers].filter(({ unanswered }) => keys.some((key) => unanswered.has(key)));
  };

  /** Adds what was measured, and has drawn anew what waited for it. */
  const learn = (measured: MeasuredTexts): void => {
    clearTimeout(patience);
    const waited = add(measured);
    if (hasBegun()) waited.forEach(fresh);
    else begin();
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
    ...main.store,
    /**
     * Advances for what is drawn aside, such as a specimen: texts that it alone shows have nothing else worked out anew, nor what others
     * show it. They are told as long as it has joined; joining gives what ends that.
     */
    aside() {
      const one = asker();
      const join = () => {
        askers.add(one);
        if (hasBegun() && !begun(one)) fresh(one);
        return () => void askers.delete(one);
      };
      return { ...one.store, join };
    },
    /** All that is known. */
    known,
    /** Takes up what is kept of an earlier visit; from then on what is not known is asked for. */
    recall(): void {
      const measured = kept.recall();
      if (measured === null) return;
      add(measured);
      if (patience === undefined) begin();
    },
    /** Asks for what is not known from now on, unless somebody else is waited for. */
    begin(): void {
      if (!hasBegun() && patience === undefined) begin();
    },
    /** Before anything was asked for, waits for what somebody else measures; not for ever. */
    waitFor(): void {
      if (!hasBegun()) patience ??= setTimeout(() => learn(nothingMeasured()), PATIENCE);
    },
    learn,
    /** Has what measures texts ready before the first one is typed. */
    prepare(): void {
      number += 1;
      ask({ number, fonts: [] }, () => {});
    },
  };
}
