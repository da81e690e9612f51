import { textKey, type Advances } from './advances';
import type { FontSource } from './font-source';
import type { Shape } from './shaper';

/**
 * Does work with texts measured. A font that is missing is asked for, and the work done again; what was measured stays known. A
 * font that cannot be had leaves its texts unmeasured.
 */
export function measuring(shapeOf: (source: FontSource) => Promise<Shape | null>) {
  const shapes = new Map<string, Shape | null>();
  const known = new Map<string, number>();
  /** What is asked for in vain by the work that is done; each is done at one go. */
  let missing = new Map<string, FontSource>();
  /** The font at work; null as long as it is not there, and then it is asked for. */
  const shapeIn = (source: FontSource): Shape | null => {
    const font = textKey(source, '');
    const shape = shapes.get(font);
    if (shape === undefined) missing.set(font, source);
    return shape ?? null;
  };
  /** What is known of texts goes by these: they are others whenever a font has come, or may come after all. */
  const fresh = (): Advances => ({
    of(source, text) {
      const key = textKey(source, text);
      const measured = known.get(key);
      if (measured !== undefined) return measured;
      const shape = shapeIn(source);
      if (!shape) return null;
      const advance = shape.advance(text);
      known.set(key, advance);
      return advance;
    },
    metrics: (source) => shapeIn(source)?.metrics ?? null,
    lacks(source, character) {
      const shape = shapes.get(textKey(source, ''));
      return shape ? shape.lacks(character) : null;
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
        [...missing].map(async ([key, source]) => void shapes.set(key, await shapeOf(source))),
      );
      advances = fresh();
    }
  };
}
