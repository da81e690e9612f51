import { EVERYWHERE } from '../bands/follow';
import { tokenKinds } from '../brand/tokens';
import { standardTypeStyles } from '../brand/type-style';
import type { AssemblyKind } from '../properties/assembly-kind';
import type { Id } from '../ids/id';
import type { Values } from '../properties/property';
import type { Assembly, Bar, Bay, Piece } from './assembly';
import type { Brand } from './brand';
import type { Menu, MenuItem } from './menu';
import type { Page } from './page';
import { SITE_VERSION, type Site } from './site';

/** Gives ids that are not in use; handed in, since the core has no randomness. */
export type IdSource = () => Id;

function byId<T extends { id: string }>(things: readonly T[]): Record<Id, T> {
  return Object.fromEntries(things.map((thing) => [thing.id, thing]));
}

/** The brand of a new site, each its own: the tokens and type styles that every site has. */
const newBrand = () =>
  ({
    ...Object.fromEntries(tokenKinds.map((kind) => [kind.family, byId(kind.standard)])),
    typeStyles: byId(standardTypeStyles),
    logo: { full: null, compact: null, fullOnDark: null, compactOnDark: null },
    values: {},
  }) as unknown as Brand;

/** What every brand begins with. */
export const defaultBrand = newBrand();

/** The bands of a new site. */
export const defaultBands = [
  { id: 'desktop', name: 'Desktop', from: 1024 },
  { id: 'tablet', name: 'Tablet', from: 640 },
  { id: 'phone', name: 'Phone', from: 0 },
];

/** The ids of the bays that a new bar has; they need to be told apart in their bar only. */
export const edgeBays = ['start', 'middle', 'end'] as const;

/** A bay as it is made. */
export function newBay(id: Id, pieces: Id[] = [], values: Values = {}): Bay {
  return { id, pieces, values };
}

/** A bar with bays at its start, in its middle and at its end, empty save for the pieces given. */
export function newBar(
  id: Id,
  name: string,
  values: Values = {},
  pieces: Partial<Record<(typeof edgeBays)[number], Id[]>> = {},
): Bar {
  return { id, name, bays: edgeBays.map((bay) => newBay(bay, pieces[bay])), values };
}

/** A page as it is made; titles in other languages and tags come later. */
export function newPage(page: Pick<Page, 'id' | 'title' | 'path' | 'parent'> & Partial<Page>): Page {
  return { titles: {}, tags: [], ...page };
}

/** An item of a menu as it is made: with the label of what it leads to, and nothing below it. */
export function newItem(item: Pick<MenuItem, 'id' | 'link'> & Partial<MenuItem>): MenuItem {
  return { label: null, labels: {}, children: [], values: {}, ...item };
}

/** A menu without values of its own. */
export function newMenu(menu: Pick<Menu, 'id' | 'name'> & Partial<Menu>): Menu {
  return { top: [], items: {}, values: {}, ...menu };
}

/** A piece with the initial values of its kind, save those given. */
export function newPiece(id: Id, kind: string, values: Values = {}): Piece {
  return { id, kind, values };
}

/** What the bars of each kind of assembly start with, said for a site's widest band or everywhere, and the kind of piece at their end. */
const firstBars: Record<
  AssemblyKind,
  readonly { name: string; values: Record<string, unknown>; everywhere?: Values; ends?: string }[]
> = {
  headers: [{ name: 'Main bar', values: { lineBelow: 'border-hairline' } }],
  drawers: [
    {
      name: 'Head',
      values: { leastHeight: 56, padding: 4, ground: 'none', ink: 'none' },
      everywhere: { part: { [EVERYWHERE]: 'head' } },
      ends: 'close',
    },
    { name: 'Panel', values: { division: { by: 'stack' }, across: 'start', ground: 'none', ink: 'none' } },
  ],
  footers: [{ name: 'Main bar', values: { ground: 'soft', padding: 32, across: 'start' } }],
};

/** A header, drawer or footer as it begins, for a site whose widest band is `widest`: one empty bar, in a drawer below one that closes it. */
export function newAssembly(kind: AssemblyKind, name: string, widest: Id, ids: IdSource): Assembly {
  const pieces: Piece[] = [];
  const bars = firstBars[kind].map(({ name: called, values, everywhere = {}, ends }) => {
    const said = Object.fromEntries(
      Object.entries(values).map(([property, value]) => [property, { [widest]: value }]),
    );
    const held = ends === undefined ? [] : [newPiece(ids(), ends)];
    pieces.push(...held);
    return newBar(ids(), called, { ...said, ...everywhere }, { end: held.map(({ id }) => id) });
  });
  return {
    id: ids(),
    name,
    order: bars.map(({ id }) => id),
    bars: byId(bars),
    pieces: byId(pieces),
    values: {},
  };
}

/** An empty site: three bands, a plain brand, no pages or menus, and an empty header and footer on every page. */
export function newSite(name: string, ids: IdSource): Site {
  const header = newAssembly('headers', 'Main header', 'desktop', ids);
  const footer = newAssembly('footers', 'Main footer', 'desktop', ids);
  return {
    version: SITE_VERSION,
    id: ids(),
    name,
    address: null,
    embeds: [],
    languages: ['en'],
    words: { values: {} },
    bands: defaultBands.map((band) => ({ ...band })),
    brand: newBrand(),
    placing: { header: header.id, footer: footer.id, rules: [] },
    pageOrder: [],
    pages: {},
    menus: {},
    headers: { [header.id]: header },
    drawers: {},
    footers: { [footer.id]: footer },
    artwork: {},
    fonts: {},
    files: {},
  };
}
