import type { Box, Measures } from './box';
import type { Setting } from './setting';

interface Kept<T> {
  measures: object;
  found: T;
  steady: boolean;
}

/**
 * Keeps what is worked out of boxes: with what they were measured with, each standing in one place, so that what is around it is always the
 * same; and what is the same at all widths of the viewport, by what its measures are made of. `spread` says that over the span of others.
 */
export function keptOfBoxes<T>(
  work: (box: Box, around: Setting) => T,
  spread: (found: T, px: Measures['px']) => T,
): (box: Box, around: Setting) => T {
  const known = new WeakMap<object, Kept<T>>();
  const steady = new WeakMap<object, WeakMap<object, T>>();
  return (box, around) => {
    const measures = box.measures ?? around.measures;
    const { steadiness } = measures;
    const key = box.kept ?? box;
    const last = known.get(key);
    if (last?.measures === measures) {
      if (steadiness && !last.steady) steadiness.moved += 1;
      return last.found;
    }
    const kept = steadiness && steady.get(steadiness.basis)?.get(key);
    if (kept) {
      const found = spread(kept, measures.px);
      known.set(key, { measures, found, steady: true });
      return found;
    }
    const moved = steadiness?.moved;
    const found = work(box, around);
    const still = steadiness?.moved === moved;
    known.set(key, { measures, found, steady: still });
    if (steadiness && still) {
      const ofBasis = steady.get(steadiness.basis) ?? new WeakMap<object, T>();
      steady.set(steadiness.basis, ofBasis.set(key, found));
    }
    return found;
  };
}
