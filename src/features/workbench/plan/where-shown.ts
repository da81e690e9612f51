import type { Id } from '@/core/ids/id';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import { resolveAssembly, settledPieces } from '@/core/resolve/assembly';
import type { Assembly } from '@/core/site/assembly';
import type { Site } from '@/core/site/site';

/** Of what is shown in no band. */
export const HIDDEN = 'hidden';

/** In which bands something is shown, as short as that can be said; empty where it is in all of them. */
function shownIn(bands: readonly { name: string; shown: unknown }[]): string {
  const names = (of: typeof bands) => of.map(({ name }) => name).join(', ');
  const shows = bands.filter(({ shown }) => shown === 'shown');
  if (shows.length === bands.length) return '';
  const kept = bands.filter(({ shown }) => shown === 'drawer');
  if (kept.length === bands.length - shows.length) return `in the drawer on ${names(kept)}`;
  if (shows.length === 0) return HIDDEN;
  const missing = bands.filter((each) => !shows.includes(each));
  return shows.length < missing.length ? `only on ${names(shows)}` : `not on ${names(missing)}`;
}

/** What the plan says of the bars and pieces of an assembly that are not shown in every band, by id; nothing of those that a rule shows, which goes by widths. */
export function whereShown(site: Site, kind: AssemblyKind, assembly: Assembly): ReadonlyMap<Id, string> {
  const rules = Object.values(assembly.bars).flatMap((bar) => bar.rules ?? []);
  const turns = rules.flatMap((rule) => rule.turns);
  const turned = turns
    .filter(({ property, value }) => property === 'shown' && value !== 'hidden')
    .map(({ piece }) => piece);
  const inBands = site.bands.map(({ id, name }) => {
    const settled = resolveAssembly(site, kind, assembly, id);
    const all = [...settled.bars, ...settledPieces(settled)];
    return { name, values: new Map(all.map((each) => [each.id, each.values.shown])) };
  });
  const ids = [...inBands[0]!.values.keys()].filter((id) => !turned.includes(id));
  const said = ids.map((id) => [
    id,
    shownIn(inBands.map(({ name, values }) => ({ name, shown: values.get(id) }))),
  ]);
  return new Map(said.filter(([, where]) => where !== '') as [Id, string][]);
}
