import { placeName } from '../edit/place-name';
import type { AssemblyPlace } from '../edit/place';
import type { Id } from '../ids/id';
import { itemShown, orderInBand } from '../menus/band-order';
import { pieceKind } from '../pieces';
import type { SettledPiece } from '../pieces/piece';
import { resolveAssembly } from '../resolve/assembly';
import type { Assembly } from '../site/assembly';
import type { Site } from '../site/site';

/** A piece of an assembly in words, such as `Main header, Logo`. */
export function pieceAt(site: Site, at: AssemblyPlace, piece: Id): string {
  const assembly = site[at.in][at.assembly]!;
  return `${assembly.name}, ${placeName(site, { on: 'piece', ...at, piece })}`;
}

/** The pieces of an assembly that are shown in a band, as they are settled there. */
export function shownPieces(site: Site, at: AssemblyPlace, assembly: Assembly, band: Id): SettledPiece[] {
  return resolveAssembly(site, at.in, assembly, band)
    .bars.filter(({ values }) => values.shown !== 'hidden')
    .flatMap(({ bays }) => bays.flatMap(({ pieces }) => pieces))
    .filter(({ values }) => values.shown !== 'hidden');
}

/** The items of a menu that are shown in a band, with none of those above them hidden. */
export function shownItems(site: Site, menu: Id, band: Id): Id[] {
  const own = site.menus[menu];
  if (!own) return [];
  const chain = site.bands.map(({ id }) => id);
  const below = (item: Id | null): Id[] =>
    orderInBand(own, item, chain, band)
      .filter((id) => itemShown(own, id, chain, band))
      .flatMap((id) => [id, ...below(id)]);
  return below(null);
}

/** What links in a value lead to, however deep they stand in it. */
function* targetsIn(value: unknown): Generator<{ pages?: Id; drawers?: Id }> {
  if (typeof value !== 'object' || value === null) return;
  const { to, page, drawer } = value as { to?: unknown; page?: Id; drawer?: Id };
  if (typeof to === 'string' && page !== undefined) yield { pages: page };
  else if (to === 'drawer' && drawer !== undefined) yield { drawers: drawer };
  else for (const each of Object.values(value)) yield* targetsIn(each);
}

/** What visitors can go to from an assembly in a band: pages, and drawers that it opens. */
export function leadsTo(site: Site, at: AssemblyPlace, band: Id): { pages: Set<Id>; drawers: Set<Id> } {
  const to = { pages: new Set<Id>(), drawers: new Set<Id>() };
  const assembly = site[at.in][at.assembly];
  if (!assembly) return to;
  for (const { kind, values } of shownPieces(site, at, assembly, band)) {
    const opens = pieceKind(kind).opens?.(values) ?? null;
    if (opens !== null) to.drawers.add(opens);
    const menu = values.menu as Id | null | undefined;
    const links = menu ? shownItems(site, menu, band).map((id) => site.menus[menu]!.items[id]!.link) : [];
    for (const { pages, drawers } of targetsIn([values, links])) {
      if (pages !== undefined) to.pages.add(pages);
      if (drawers !== undefined) to.drawers.add(drawers);
    }
  }
  return to;
}
