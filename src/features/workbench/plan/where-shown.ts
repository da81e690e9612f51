import { inPhases } from '@/core/fit/in-phases';
import type { Id } from '@/core/ids/id';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import { settledPieces } from '@/core/resolve/assembly';
import { bandStage } from '@/core/resolve/stage';
import { shownByRules } from '@/core/resolve/turns';
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

/** What the plan says of the bars and pieces of an assembly that are not shown in every band, in whatever phase of scrolling, by id; nothing of those that a rule shows, which goes by widths. */
export function whereShown(site: Site, kind: AssemblyKind, assembly: Assembly): ReadonlyMap<Id, string> {
  const ruled = shownByRules(assembly);
  const inBands = site.bands.map(({ id, name }) => {
    const phases = inPhases(site, kind, assembly, bandStage(site, id));
    const all = phases.flatMap((settled) => [...settled.bars, ...settledPieces(settled)]);
    // As at the top of the page, unless it shows in a later phase.
    const values = new Map<Id, unknown>();
    for (const each of all)
      if (!values.has(each.id) || each.values.shown === 'shown') values.set(each.id, each.values.shown);
    return { name, values };
  });
  const ids = [...inBands[0]!.values.keys()].filter((id) => !ruled.has(id));
  const said = ids.map((id) => [
    id,
    shownIn(inBands.map(({ name, values }) => ({ name, shown: values.get(id) }))),
  ]);
  return new Map(said.filter(([, where]) => where !== '') as [Id, string][]);
}
