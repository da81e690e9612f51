import type { AssemblyKind } from '../properties/assembly';
import type { Id } from '../properties/id';
import type { Values } from '../properties/property';
import type { Assembly, Bar, Piece } from './assembly';
import type { Brand } from './brand';
import { SITE_VERSION, type Site } from './site';

/** Gives ids that are not in use; handed in, since the core has no randomness. */
export type IdSource = () => Id;

export const defaultBrand: Brand = {
  colours: {
    ground: '#ffffff',
    soft: '#f2f2ef',
    deep: '#22303c',
    ink: '#1f262c',
    muted: '#59636b',
    'on-deep': '#f4f5f2',
    accent: '#1c5a7a',
    'on-accent': '#ffffff',
    line: '#d3d6d4',
  },
  fonts: { text: 'figtree', heading: 'figtree' },
  values: {},
};

/** The bands of a new site. */
export const defaultBands = [
  { id: 'desktop', name: 'Desktop', from: 1024 },
  { id: 'tablet', name: 'Tablet', from: 640 },
  { id: 'phone', name: 'Phone', from: 0 },
];

/** A bar without pieces. */
export function newBar(id: Id, name: string, values: Values = {}): Bar {
  return { id, name, division: 'edges', bays: { start: [], middle: [], end: [] }, values };
}

/** A piece with the initial values of its kind, save those given. */
export function newPiece(id: Id, kind: string, values: Values = {}): Piece {
  return { id, kind, values };
}

/** What the first bar of each kind of assembly starts with, said for a site's widest band. */
const firstBar: Record<AssemblyKind, { name: string; values: Record<string, unknown> }> = {
  headers: { name: 'Main bar', values: { edge: 'below' } },
  drawers: { name: 'Panel', values: { bays: 'stacked', across: 'start' } },
  footers: { name: 'Main bar', values: { ground: 'soft', padding: 32 } },
};

/** A header, drawer or footer of one empty bar, for a site whose widest band is `widest`. */
export function newAssembly(kind: AssemblyKind, name: string, widest: Id, ids: IdSource): Assembly {
  const first = firstBar[kind];
  const values = Object.fromEntries(
    Object.entries(first.values).map(([property, value]) => [property, { [widest]: value }]),
  );
  const bar = newBar(ids(), first.name, values);
  return { id: ids(), name, order: [bar.id], bars: { [bar.id]: bar }, pieces: {}, values: {} };
}

/** An empty site: three bands, a plain brand, no pages or menus, and an empty header and footer on every page. */
export function newSite(name: string, ids: IdSource): Site {
  const header = newAssembly('headers', 'Main header', 'desktop', ids);
  const footer = newAssembly('footers', 'Main footer', 'desktop', ids);
  return {
    version: SITE_VERSION,
    id: ids(),
    name,
    language: 'en',
    bands: defaultBands,
    brand: defaultBrand,
    placing: { header: header.id, footer: footer.id },
    pageOrder: [],
    pages: {},
    menus: {},
    headers: { [header.id]: header },
    drawers: {},
    footers: { [footer.id]: footer },
    artwork: {},
  };
}
