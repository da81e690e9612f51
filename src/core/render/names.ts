import { ICON_ID } from '../icons/icons';
import { sameData } from '../ids/same-data';
import { itemsByBand } from '../menus/band-order';
import { itemLabel } from '../menus/entries';
import { assemblyNouns, assemblyKinds } from '../properties/assembly-kind';
import type { Id } from '../ids/id';
import { piecesInOrder, type Assembly } from '../site/assembly';
import type { Site } from '../site/site';
import { ownClasses } from './stylesheet/own-classes';

/** Text as a lower-case name of letters, digits and single hyphens, such as `main-header`; `otherwise` when nothing is left. */
export function slug(text: string, otherwise: string): string {
  const plain = text.normalize('NFKD').replace(/\p{M}/gu, '').toLowerCase();
  const name = plain.replace(/[^a-z0-9]+/g, '-').replace(/^-+|-+$/g, '');
  if (name === '') return otherwise;
  return /^[0-9]/.test(name) ? `${otherwise}-${name}` : name;
}

/** Class names by the id of what they stand for: an assembly, a bar or a piece. */
export type Names = ReadonlyMap<Id, string>;

/**
 * Names no two things alike: a second `main-header-menu` becomes `main-header-menu-2`. The counted name may be the plain
 * name of a later thing, so it is looked up too.
 */
export function namer(taken: Set<string>) {
  return (wanted: string): string => {
    let name = wanted;
    for (let count = 2; taken.has(name); count += 1) name = `${wanted}-${count}`;
    taken.add(name);
    return name;
  };
}

function nameAssembly(assembly: Assembly, root: string, unique: (wanted: string) => string): [Id, string][] {
  const bars = assembly.order.map((id): [Id, string] => [
    id,
    unique(`${root}-${slug(assembly.bars[id]!.name, 'bar')}`),
  ]);
  const pieces = piecesInOrder(assembly).map((piece): [Id, string] => [
    piece,
    unique(`${root}-${assembly.pieces[piece]!.kind}`),
  ]);
  return [...bars, ...pieces];
}

/** Items need a class only where something differs for them between bands. */
function nameItems(site: Site, unique: (wanted: string) => string): [Id, string][] {
  const chain = site.bands.map((band) => band.id);
  return Object.values(site.menus).flatMap((menu) => {
    const root = slug(menu.name, 'menu');
    return [...itemsByBand(menu, chain).keys()].map((id): [Id, string] => [
      id,
      unique(`${root}-${slug(itemLabel(site, menu.items[id]!), 'item')}`),
    ]);
  });
}

const knownNames = new WeakMap<Site, Names>();
/** The names that were settled last with the same bands: most edits leave them. */
const lastNames = new WeakMap<Site['bands'], Names>();

/**
 * Readable class names for everything in the site’s headers, drawers and footers, and for items that differ between bands; also the ids
 * of drawers. As long as they are the same, they are the very same object.
 */
export function settleNames(site: Site): Names {
  const known = knownNames.get(site);
  if (known) return known;
  const [made, last] = [newNames(site), lastNames.get(site.bands)];
  const names = last && sameData([...last], [...made]) ? last : made;
  knownNames.set(site, names);
  lastNames.set(site.bands, names);
  return names;
}

function newNames(site: Site): Names {
  const unique = namer(new Set(ownClasses));
  const entries = assemblyKinds.flatMap((kind) =>
    Object.values(site[kind]).flatMap((assembly): [Id, string][] => {
      const plain = slug(assembly.name, assemblyNouns[kind]);
      // Ids that begin so are those of dialogs and icons.
      const kept = plain.startsWith('dialog-') || plain.startsWith(ICON_ID);
      const root = unique(kept ? `${assemblyNouns[kind]}-${plain}` : plain);
      return [[assembly.id, root], ...nameAssembly(assembly, root, unique)];
    }),
  );
  return new Map([...entries, ...nameItems(site, unique)]);
}
