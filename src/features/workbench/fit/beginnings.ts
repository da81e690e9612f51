import type { AssemblyPlace } from '@/core/edit/place';
import { pieceKind } from '@/core/pieces';
import { resolveAssembly } from '@/core/resolve/assembly';
import { isSolved, USUAL_MARGIN, type RuleWhen } from '@/core/site/collapse-rule';
import type { Site } from '@/core/site/site';

/** A way in which a rule of a bar can begin. */
export interface BeginsBy {
  by: RuleWhen['by'];
  /** As it is chosen at a rule; and what adds a rule that begins so. */
  label: string;
  add: string;
  /** How a rule begins that did not begin so before. */
  first(site: Site): RuleWhen;
}

/** Whether a bar has a middle between its edges, or something in it that keeps to its own. */
function hasMiddle(site: Site, at: AssemblyPlace, bar: string): boolean {
  const { bars } = resolveAssembly(site, at.in, site[at.in][at.assembly]!, site.bands[0]!.id);
  const { bays } = bars.find(({ id }) => id === bar)!;
  const keeps = bays.flatMap(({ pieces }) => pieces);
  return bays.length > 2 || keeps.some(({ kind, values }) => pieceKind(kind).keepsMiddle?.(values) === true);
}

const all: (BeginsBy & { offered?(site: Site, at: AssemblyPlace, bar: string): boolean })[] = [
  {
    by: 'fit',
    label: 'when it stops fitting',
    add: 'Add a rule for when it stops fitting',
    first: () => ({ by: 'fit', margin: USUAL_MARGIN }),
  },
  {
    by: 'width',
    label: 'below a width',
    add: '… below a width',
    first: (site) => ({ by: 'width', below: site.bands[0]!.from || 1024 }),
  },
  {
    by: 'band',
    label: 'with a band',
    add: '… with a band',
    first: (site) => ({ by: 'band', band: site.bands[1]!.id }),
    offered: ({ bands }) => bands.length > 1,
  },
  {
    by: 'centre',
    label: 'where its middle is no longer truly centred',
    add: '… where its middle is no longer truly centred',
    first: () => ({ by: 'centre', margin: USUAL_MARGIN }),
    offered: hasMiddle,
  },
  {
    by: 'browser',
    label: 'measured in each visitor’s browser',
    add: '… measured in each visitor’s browser',
    first: () => ({ by: 'browser' }),
  },
];

/** The ways in which rules of a bar can begin, with the one in which a rule of it does. */
export const beginningsFor = (site: Site, at: AssemblyPlace, bar: string, now?: RuleWhen['by']): BeginsBy[] =>
  all.filter(({ by, offered }) => by === now || (offered?.(site, at, bar) ?? true));

/** How a rule begins once it begins in another way: with as much room to spare, where both are solved. */
export function beginsBy({ first }: BeginsBy, site: Site, before: RuleWhen): RuleWhen {
  const next = first(site);
  return isSolved(next) && isSolved(before) ? { ...next, margin: before.margin } : next;
}
