import { placeName } from '../edit/place-name';
import type { AssemblyPlace } from '../edit/place';
import { inPhases } from '../fit/in-phases';
import type { Id } from '../ids/id';
import { ofPair } from '../ids/of-pair';
import { itemShown, orderInBand } from '../menus/band-order';
import { pieceKind } from '../pieces';
import type { SettledPiece } from '../pieces/piece';
import { resolveAssembly, type SettledAssembly } from '../resolve/assembly';
import { bandStage } from '../resolve/stage';
import type { Assembly } from '../site/assembly';
import type { Menu } from '../site/menu';
import type { Site } from '../site/site';

/** A piece of an assembly in words, such as `Main header, Logo`. */
export function pieceAt(site: Site, at: AssemblyPlace, piece: Id): string {
  const assembly = site[at.in][at.assembly]!;
  return `${assembly.name}, ${placeName(site, { on: 'piece', ...at, piece })}`;
}

const showing = ({ bars }: SettledAssembly): SettledPiece[] =>
  bars
    .filter(({ values }) => values.shown !== 'hidden')
    .flatMap(({ bays }) => bays.flatMap(({ pieces }) => pieces))
    .filter(({ values }) => values.shown !== 'hidden');

/** The pieces of an assembly that are shown in a band at the top of the page, as they are settled there. */
export const shownPieces = (site: Site, at: AssemblyPlace, assembly: Assembly, band: Id): SettledPiece[] =>
  showing(resolveAssembly(site, at.in, assembly, band));

/** Those that are shown in a band in some phase of scrolling, as they are settled in each of these. */
export const everShown = (site: Site, at: AssemblyPlace, assembly: Assembly, band: Id): SettledPiece[] =>
  inPhases(site, at.in, assembly, bandStage(site, band)).flatMap(showing);

/** By band the items of a menu that are shown in it; as long as the menu and the bands stay the same. */
const shownByBand = ofPair(
  (menu: Menu, bands: Site['bands']): ReadonlyMap<Id, readonly Id[]> => {
    const chain = bands.map(({ id }) => id);
    const below = (item: Id | null, band: Id): Id[] =>
      orderInBand(menu, item, chain, band)
        .filter((id) => itemShown(menu, id, chain, band))
        .flatMap((id) => [id, ...below(id, band)]);
    return new Map(chain.map((band) => [band, below(null, band)]));
  },
  (menu, bands) => [menu, bands],
);

/** The items of a menu that are shown in a band, with none of those above them hidden. */
export function shownItems(site: Site, menu: Id, band: Id): readonly Id[] {
  const own = site.menus[menu];
  return own ? shownByBand(own, site.bands).get(band)! : [];
}

interface Targets {
  pages: readonly Id[];
  drawers: readonly Id[];
}
const targetsKnown = new WeakMap<object, Targets>();
const none: Targets = { pages: [], drawers: [] };

/** What links in a part of the document lead to, however deep they stand in it; parts that did not change are not read again. */
function targetsIn(part: unknown): Targets {
  if (typeof part !== 'object' || part === null) return none;
  const known = targetsKnown.get(part);
  if (known) return known;
  const { to, page, drawer } = part as { to?: unknown; page?: Id; drawer?: Id };
  const inside = () => Object.values(part).map(targetsIn);
  const all: readonly Targets[] =
    typeof to === 'string' && page !== undefined
      ? [{ pages: [page], drawers: [] }]
      : to === 'drawer' && drawer !== undefined
        ? [{ pages: [], drawers: [drawer] }]
        : inside().filter((each) => each !== none);
  const made: Targets =
    all.length === 0
      ? none
      : { pages: all.flatMap(({ pages }) => pages), drawers: all.flatMap(({ drawers }) => drawers) };
  targetsKnown.set(part, made);
  return made;
}

/** What visitors can go to from an assembly in a band: pages, and drawers that it opens. */
export function leadsTo(site: Site, at: AssemblyPlace, band: Id): { pages: Set<Id>; drawers: Set<Id> } {
  const to = { pages: new Set<Id>(), drawers: new Set<Id>() };
  const assembly = site[at.in][at.assembly];
  if (!assembly) return to;
  for (const { kind, values } of everShown(site, at, assembly, band)) {
    const opens = pieceKind(kind).opens?.(values) ?? null;
    if (opens !== null) to.drawers.add(opens);
    const menu = values.menu as Id | null | undefined;
    const links = menu ? shownItems(site, menu, band).map((id) => site.menus[menu]!.items[id]!.link) : [];
    for (const { pages, drawers } of [values, ...links].map(targetsIn)) {
      pages.forEach((page) => to.pages.add(page));
      drawers.forEach((drawer) => to.drawers.add(drawer));
    }
  }
  return to;
}
