import type { AssemblyPlace } from '../edit/place';
import type { Id } from '../ids/id';
import { assemblyKinds } from '../properties/assembly-kind';
import { statedParts } from '../pieces/stated-parts';
import { settleNames } from '../render/names';
import type { Site } from '../site/site';
import type { Advances } from '../text/advances';
import { variantItems } from './items';
import type { Pointed } from './pointed';

/** An element of a page, as a view tells of it. */
export interface ToldElement {
  tag: string;
  classes: readonly string[];
  /** Which it is of the elements of items in the one before, counted from 0; null where it is none. */
  nth: number | null;
}

/** Something that is pointed at, and which of the told elements it is. */
export interface PointedElement {
  pointed: Pointed;
  element: number;
}

type Named = { at: AssemblyPlace } & ({ on: 'assembly' } | { on: 'bar' | 'piece'; id: Id });

const known = new WeakMap<Site, ReadonlyMap<string, Named>>();

/** What stands under a class name of its own: assemblies, bars and pieces. */
function namedThings(site: Site): ReadonlyMap<string, Named> {
  const kept = known.get(site);
  if (kept) return kept;
  const names = settleNames(site);
  const all = assemblyKinds.flatMap((kind) =>
    Object.values(site[kind]).flatMap((assembly): [string, Named][] => {
      const at = { in: kind, assembly: assembly.id };
      return [
        [names.get(assembly.id)!, { at, on: 'assembly' }],
        ...assembly.order.map((id): [string, Named] => [names.get(id)!, { at, on: 'bar', id }]),
        ...Object.keys(assembly.pieces).map((id): [string, Named] => [
          names.get(id)!,
          { at, on: 'piece', id },
        ]),
      ];
    }),
  );
  const things = new Map(all);
  known.set(site, things);
  return things;
}

/** Whether an element is what a compound selector of a tag and classes names (Selectors 4, 3.1). */
function isOf({ tag, classes }: ToldElement, compound: string): boolean {
  const [name, ...wanted] = compound.split('.');
  return (name === '' || name === tag) && wanted.every((each) => classes.includes(each));
}

/**
 * Whether the element at `at` is what a selector below a piece names, as stated parts have them: `&` for the piece, tags and classes, one
 * in another or right in it. `chain` holds the element and what it stands in, up to the piece.
 */
function isPart(chain: readonly ToldElement[], at: number, piece: number, selector: string): boolean {
  const steps = selector.split(' ').reverse();
  const follow = (element: number, step: number): boolean => {
    const compound = steps[step];
    if (compound === undefined || element > piece) return false;
    if (compound === '&') return element === piece && step === steps.length - 1;
    if (!isOf(chain[element]!, compound)) return false;
    if (steps[step + 1] === '>') return follow(element + 1, step + 2);
    return chain.slice(element + 1, piece + 1).some((_, further) => follow(element + 1 + further, step + 1));
  };
  return follow(at, 0);
}

/** The items and the part of a piece that the elements in it are, innermost first. */
function pointedInPiece(
  { site, advances }: { site: Site; advances: Advances },
  { at, id }: { at: AssemblyPlace; id: Id },
  chain: readonly ToldElement[],
  element: number,
): PointedElement[] {
  const inside = chain.slice(0, element).map((each, index) => ({ ...each, index }));
  const items = inside.filter(({ nth }) => nth !== null);
  const within = inside.findLast(({ classes }) => classes.some((name) => name.startsWith('for-')));
  const shown = variantItems(site, advances, at, id).find(
    (variant) => variant.within === null || within?.classes.includes(variant.within),
  );
  const ways = new Map(shown?.ways.map(({ item, way }) => [way.join(), item]));
  const found = items.flatMap(({ index }, deeper): PointedElement[] => {
    const way = items
      .slice(deeper)
      .map(({ nth }) => nth!)
      .reverse();
    const item = ways.get(way.join());
    if (item === undefined) return [];
    return [{ pointed: { at, on: 'item', piece: id, menu: shown!.menu, item }, element: index }];
  });
  const { kind } = site[at.in][at.assembly]!.pieces[id]!;
  const parts = statedParts(kind)
    .map(({ prefix, selector }) => ({
      part: prefix,
      own: chain
        .slice(0, element + 1)
        .findIndex((_, index) => isPart(chain, index, element, selector('rest'))),
    }))
    .filter(({ own }) => own !== -1 && own !== element);
  // Of parts within parts, such as items of drop-downs, the one that says more of where it is.
  const part = parts.at(-1);
  return part === undefined
    ? found
    : [...found, { pointed: { at, on: 'piece', id, part: part.part }, element: part.own }];
}

/** What an element of a page is of the site’s headers, drawers and footers, from the innermost out; `chain` holds it and what it stands in, outwards. */
export function pointedAt(site: Site, advances: Advances, chain: readonly ToldElement[]): PointedElement[] {
  const things = namedThings(site);
  let bay: { nth: number; element: number } | null = null;
  const found: PointedElement[] = [];
  for (const [element, { classes }] of chain.entries()) {
    const nth = classes.includes('bay') && classes.map((name) => /^bay-(\d+)$/.exec(name)?.[1]).find(Boolean);
    if (nth) bay = { nth: Number(nth), element };
    const name = classes.find((each) => things.has(each));
    if (name === undefined) continue;
    const thing = things.get(name)!;
    const { at } = thing;
    if (thing.on === 'piece')
      found.push(...pointedInPiece({ site, advances }, { at, id: thing.id }, chain, element));
    if (thing.on === 'bar' && bay !== null) {
      const own = site[at.in][at.assembly]!.bars[thing.id]!.bays[bay.nth - 1];
      if (own) found.push({ pointed: { at, on: 'bay', bar: thing.id, id: own.id }, element: bay.element });
      bay = null;
    }
    found.push({ pointed: thing, element });
  }
  return found;
}
