import type { Edit } from '../../src/core/edit';
import { applyEdits } from '../../src/core/edit/apply';
import { findPlace, type Place } from '../../src/core/edit/place';
import type { Length } from '../../src/core/lengths/formula';
import { allCells } from '../../src/core/properties/axis';
import type { Editor } from '../../src/core/properties/kinds/kind';
import type { Property } from '../../src/core/properties/property';
import type { ReferenceTarget } from '../../src/core/properties/reference';
import type { Site } from '../../src/core/site/site';
import { one, type Next } from './numbers';

/** The longest length that is set where a property takes longer ones, and the largest text, in CSS px: beyond, signs are larger than their buttons, and pages than windows. */
const LONG = 120;
const LARGE_TEXT = 32;

/** What a site has of what a value may refer to. */
const there: { [To in ReferenceTarget]?: (site: Site) => string[] } = {
  menus: ({ menus }) => Object.keys(menus),
  drawers: ({ drawers }) => Object.keys(drawers),
  artwork: ({ artwork }) => Object.keys(artwork),
  borders: ({ brand }) => Object.keys(brand.borders),
  typeStyles: ({ brand }) => Object.keys(brand.typeStyles),
};

interface Asked {
  site: Site;
  next: Next;
  /** In the language of the site. */
  words: string;
  /** The most that a number or length comes to. */
  limit: number;
}

/** A number between two limits, in halves. */
const numberIn = ({ next, limit }: Asked, least: number, most: number): number =>
  least + Math.floor(next() * (Math.max(0, Math.min(most, limit) - least) * 2 + 1)) / 2;

/** A value that an editor can give; undefined of what has nothing to do with where things stand, or is made elsewhere. */
const values: { [As in Editor['as']]?: (editor: Extract<Editor, { as: As }>, asked: Asked) => unknown } = {
  text: ({ example }, { words }) => example ?? words,
  words: (_, { words }) => [words],
  pixels: ({ least, most }, asked) => numberIn(asked, least, most),
  number: ({ least, most, whole = false }, asked) => {
    const number = numberIn(asked, least, most);
    return whole ? Math.round(number) : number;
  },
  length: ({ least, most }, asked): Length => {
    const px = numberIn(asked, least, most);
    return one<Length>(asked.next, [
      px,
      px,
      { least: [px, { px: 0, share: Math.max(1, px) / 900 }] },
      { greatest: [least, { px: px - 12, share: 0.01 }] },
      { from: { at: 400, px: least }, to: { at: 1300, px } },
      { sum: [Math.floor(px / 2), { px: 0, share: px / 3000 }] },
    ]);
  },
  choice: ({ options }, { next }) => one(next, options).value,
  flag: (_, { next }) => one(next, [false, true]),
  icon: (_, { next }) => one(next, ['search', 'ship', 'ticket']),
  reference: ({ to }, { site, next }) => one(next, there[to]?.(site) ?? [undefined]),
};

function valueOf({ kind: { editor } }: Property, asked: Asked): unknown {
  if (editor.open !== undefined && asked.next() < 0.2) return null;
  return (values[editor.as] as ((editor: Editor, asked: Asked) => unknown) | undefined)?.(editor, asked);
}

/** All places of a site that have to do with how its header stands. */
function placesOf({ brand, headers, menus, placing }: Site): Place[] {
  const header = headers[placing.header!]!;
  const at = { in: 'headers', assembly: header.id } as const;
  return [
    { on: 'brand' },
    ...Object.keys(brand.typeStyles).map((style): Place => ({ on: 'typeStyle', style })),
    ...Object.values(menus).flatMap(({ id: menu, items }) =>
      Object.keys(items).map((item): Place => ({ on: 'item', menu, item })),
    ),
    { on: 'assembly', ...at },
    ...Object.values(header.bars).flatMap(({ id: bar, bays }): Place[] => [
      { on: 'bar', ...at, bar },
      ...bays.map(({ id: bay }): Place => ({ on: 'bay', ...at, bar, bay })),
    ]),
    ...Object.keys(header.pieces).map((piece): Place => ({ on: 'piece', ...at, piece })),
  ];
}

/** Sets one value of the header of a site, or of what that is made of; null where what was come upon cannot be set. */
function settingAnything(site: Site, next: Next): Edit | null {
  const places = placesOf(site);
  // More often of a piece: they have most of the properties.
  const place = one(next, next() < 0.6 ? places.filter(({ on }) => on === 'piece') : places);
  const found = place && findPlace(site, place);
  if (!found || typeof found === 'string') return null;
  const property = one(next, found.properties);
  // Some fonts draw `l·l` as one sign in Catalan, which is then not set apart.
  if (!property || (property.name === 'letterSpacing' && site.languages[0] === 'ca')) return null;
  const axes = { bands: site.bands.map(({ id }) => id), languages: site.languages };
  const cell = one(next, allCells(property, axes));
  const isText = property.ofStyle === 'size' || (place.on === 'typeStyle' && property.name === 'size');
  const [item] = Object.values(site.menus.main!.items);
  const value = valueOf(property, { site, next, words: item!.label!, limit: isText ? LARGE_TEXT : LONG });
  return value === undefined ? null : { edit: 'setValue', place, property: property.name, cell, value };
}

/** A site with so many values set of whatever its header is made of, as numbers decide them: any property, to whatever it takes. */
export const anythingSet = (site: Site, next: Next, count: number): Site =>
  Array.from({ length: count }).reduce((now: Site) => {
    const edit = settingAnything(now, next);
    const outcome = edit && applyEdits(now, [edit]);
    return outcome?.ok ? outcome.site : now;
  }, site);
