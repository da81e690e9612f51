import { textKey, type Advances, type FontMetrics, type Lineage } from './advances';
import type { FontSource } from './font-source';
import type { Shape } from './shaper';

/** What was measured: widths of texts in em by their keys (`textKey`), and how far fonts reach by the key of the empty text. */
export interface MeasuredTexts {
  widths: Map<string, number>;
  metrics: Map<string, FontMetrics>;
}

export const nothingMeasured = (): MeasuredTexts => ({ widths: new Map(), metrics: new Map() });

/** Adds to what was measured what was measured elsewhere. */
export function addMeasured(to: MeasuredTexts, { widths, metrics }: MeasuredTexts): void {
  for (const [key, width] of widths) to.widths.set(key, width);
  for (const [key, reach] of metrics) to.metrics.set(key, reach);
}

/** The same as lists, which JSON can hold. */
export interface ListedTexts {
  widths: readonly (readonly [string, number])[];
  metrics: readonly (readonly [string, FontMetrics])[];
}

export const listed = ({ widths, metrics }: MeasuredTexts): ListedTexts => ({
  widths: [...widths],
  metrics: [...metrics],
});

export const fromLists = ({ widths, metrics }: ListedTexts): MeasuredTexts => ({
  widths: new Map(widths),
  metrics: new Map(metrics),
});

/** The same advances, and all that they are asked for and know. */
export function noting({ of, lacks, metrics }: Advances): { advances: Advances; texts: MeasuredTexts } {
  const texts = nothingMeasured();
  const advances: Advances = {
    of(source, text) {
      const width = of(source, text);
      if (width !== null) texts.widths.set(textKey(source, text), width);
      return width;
    },
    lacks,
    metrics(source) {
      const reach = metrics?.(source) ?? null;
      if (reach) texts.metrics.set(textKey(source, ''), reach);
      return reach;
    },
  };
  return { advances, texts };
}

/**
 * Does work with texts measured. A font that is missing is asked for, and the work done again; what was measured stays known. A
 * font that cannot be had leaves its texts unmeasured. What is measured is added to what is known.
 */
export function measuring(
  shapeOf: (source: FontSource) => Promise<Shape | null>,
  known: MeasuredTexts = nothingMeasured(),
) {
  const shapes = new Map<string, Shape | null>();
  const lineage: Lineage = { missed: 0 };
  /** What is asked for in vain by the work that is done, on its way already; each work is done at one go. */
  let missing = new Map<string, Promise<Shape | null>>();
  /** The font at work; null as long as it is not there, and then it is asked for. */
  const shapeIn = (source: FontSource): Shape | null => {
    const font = textKey(source, '');
    const shape = shapes.get(font);
    if (shape === undefined && !missing.has(font)) {
      const coming = shapeOf(source);
      // Where the work itself fails, nobody waits for it.
      coming.catch(() => {});
      missing.set(font, coming);
    }
    if (!shape) lineage.missed += 1;
    return shape ?? null;
  };
  /** They are others whenever a font has come, or may come after all. */
  const fresh = (): Advances => ({
    lineage,
    of(source, text) {
      const key = textKey(source, text);
      const measured = known.widths.get(key);
      if (measured !== undefined) return measured;
      const shape = shapeIn(source);
      if (!shape) return null;
      const advance = shape.advance(text);
      known.widths.set(key, advance);
      return advance;
    },
    metrics: (source) => known.metrics.get(textKey(source, '')) ?? shapeIn(source)?.metrics ?? null,
    lacks(source, character) {
      return shapeIn(source)?.lacks(character) ?? null;
    },
  });
  let advances = fresh();
  return async <T>(work: (advances: Advances) => T): Promise<T> => {
    for (;;) {
      missing = new Map();
      const done = work(advances);
      if (missing.size === 0) {
        // What could not be had now may be had the next time.
        const failed = [...shapes].filter(([, shape]) => shape === null);
        for (const [key] of failed) shapes.delete(key);
        if (failed.length > 0) advances = fresh();
        return done;
      }
      await Promise.all(
        [...missing].map(async ([key, coming]) => {
          const shape = await coming;
          shapes.set(key, shape);
          if (shape) known.metrics.set(key, shape.metrics);
        }),
      );
      advances = fresh();
    }
  };
}
