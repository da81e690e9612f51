import { layoutCss, type Layouts } from '../../boxes/layout';
import type { Rules } from '../../markup/css';
import type { Counts, PieceKind } from '../../pieces/piece';
import { placeLayout } from '../../properties/place';
import { initialValues } from '../../resolve/settled-values';
import { withoutIdle } from './rules-by-stage';

/** What is counted of a piece of which nothing is known. */
export const NOTHING_COUNTED: Counts = { top: 0, ranks: [], cards: false, nested: false };

function rulesOf(layouts: Layouts, selector: (at: string) => string): Rules {
  const rules: Rules = {};
  for (const at in layouts) rules[selector(at)] = layoutCss(layouts[at]!);
  return rules;
}

/** Layouts as rules, with `&` for what they are of. */
export const layoutRules = (layouts: Layouts): Rules =>
  rulesOf(layouts, (at) => (at === '' ? '&' : `& ${at}`));

/** Where the boxes of every piece of a kind stand until its values say otherwise: under the classes alone that are the kind’s own; without those boxes that are not there. */
export function sharedLayoutRules(
  { kind, layouts, properties }: PieceKind,
  notThere: readonly string[] = [],
): Rules {
  const all = Object.entries(layouts(initialValues(properties), NOTHING_COUNTED));
  const initial = Object.fromEntries(all.filter(([at]) => !notThere.includes(at)));
  const selector = (at: string) => (at === '' ? `.${kind}` : at.startsWith('.') ? at : `.${kind} ${at}`);
  return withoutIdle(rulesOf(initial, selector));
}

/** Where the boxes of a piece with some values stand, and it in its bay, as far as its kind leaves that to its place; `&` stands for the piece. */
export function ownLayoutRules(
  { layouts }: PieceKind,
  values: Record<string, unknown>,
  counts: Counts,
): Rules {
  const own = layouts(values, counts);
  const all = { ...own, '': { ...placeLayout(values), ...own[''] } };
  return layoutRules(all);
}
