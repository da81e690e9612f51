import type { Rules } from '../markup/css';
import { el, type Node } from '../markup/html';
import type { SettledPiece } from './piece';

/** A variant of a piece, settled for the widest stretch that needs it. */
export interface Variant<V = Record<string, unknown>> {
  settled: SettledPiece<V>;
  /** What tells it apart in the markup: the widest band that needs it, counted where a rule turns it to another one there. */
  name: string;
}

const ANY = 'any ';

/** The variant that asks for no more than that what it names stands in it: any other that ends with that name will do. */
export const anyVariant = (holding: string): string => `${ANY}${holding}`;

const serves = (own: string | null, wanted: string | null): boolean =>
  own === wanted || (wanted?.startsWith(ANY) === true && own?.endsWith(wanted.slice(ANY.length)) === true);

/**
 * The variants of a piece; `stages` holds the piece settled for every stage of its way, widest first. What differs between
 * variants stands in the markup more than once, in elements of the class `for-NAME`, of which each stage shows one: the order
 * of reading and of the keyboard is then the order that is seen (WCAG 2.2, 2.4.3).
 */
export function variantsOf<V>(stages: readonly SettledPiece<V>[]): Variant<V>[] {
  const asked = stages.filter(({ variant }) => variant !== null);
  const needed = asked.filter(
    ({ variant }) => !asked.some((other) => other.variant !== variant && serves(other.variant, variant)),
  );
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
  const shown = variants.find(({ settled }) => serves(settled.variant, variant)) ?? variants[0];
  return Object.fromEntries(
    variants.map((each) => [`& > .for-${each.name}`, { display: each === shown ? 'contents' : 'none' }]),
  );
}
