import type { Rules } from '../markup/css';
import { el, type Node } from '../markup/html';
import type { SettledPiece } from './piece';

/** A variant of a piece, settled for the widest stretch that needs it. */
export interface Variant<V = Record<string, unknown>> {
  settled: SettledPiece<V>;
  /** What tells it apart in the markup: the widest band that needs it, counted where a rule turns it to another one there. */
  name: string;
}

/**
 * The variants of a piece; `stages` holds the piece settled for every stage of its way, widest first. What differs between
 * variants stands in the markup more than once, in elements of the class `for-NAME`, of which each stage shows one: the order
 * of reading and of the keyboard is then the order that is seen (WCAG 2.2, 2.4.3).
 */
export function variantsOf<V>(stages: readonly SettledPiece<V>[]): Variant<V>[] {
  const needed = stages.filter(({ variant }) => variant !== null);
  const first = (needed.length > 0 ? needed : stages.slice(0, 1)).filter(
    ({ variant }, index, all) => all.findIndex((other) => other.variant === variant) === index,
  );
  return first.map((settled, index) => {
    const before = first.slice(0, index).filter(({ band }) => band === settled.band).length;
    return { settled, name: before === 0 ? settled.band : `${settled.band}-${before + 1}` };
  });
}

/** Markup that is made for each variant, in an element of its own where there are several; `suffix` tells apart the ids in them. */
export function inEachVariant<V>(
  versions: readonly SettledPiece<V>[],
  make: (settled: SettledPiece<V>, suffix: string) => Node[],
): Node[] {
  const variants = variantsOf(versions);
  if (variants.length === 1) return make(variants[0]!.settled, '');
  return variants.map(({ settled, name }) =>
    el('div', { class: `for-${name}` }, ...make(settled, `-${name}`)),
  );
}

/** The rules that show in a stage the variant that it needs, or the first where it needs none; `&` stands for the piece. Empty when there is one for all. */
export function variantRules(stages: readonly SettledPiece[], { variant }: SettledPiece): Rules {
  const variants = variantsOf(stages);
  if (variants.length === 1) return {};
  const shown = variant ?? variants[0]!.settled.variant;
  return Object.fromEntries(
    variants.map(({ settled, name }) => [
      `& > .for-${name}`,
      { display: settled.variant === shown ? 'contents' : 'none' },
    ]),
  );
}
