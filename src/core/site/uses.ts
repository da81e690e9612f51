import { bandChain } from '../bands/band';
import { tokenKinds } from '../brand/tokens';
import type { Token } from '../brand/tokens/token-kind';
import { typeStyleProperties } from '../brand/type-style';
import { pieceKind } from '../pieces';
import { wordProperties } from '../pieces/words';
import { firstCell } from '../properties/axis';
import { assemblyProperties } from '../properties/assembly';
import { assemblyKinds, assemblyNouns, type AssemblyKind } from '../properties/assembly-kind';
import { bayProperties } from '../properties/bay';
import { barProperties } from '../properties/bar';
import { brandProperties } from '../properties/brand';
import type { Id } from '../ids/id';
import { keptWhileSame } from '../ids/kept-while-same';
import { ofPair } from '../ids/of-pair';
import { linkReferences } from '../properties/link';
import { itemProperties, menuProperties } from '../properties/menu';
import type { Property, Values } from '../properties/property';
import type { Reference, ReferenceTarget } from '../properties/reference';
import { bayName, type Assembly, type Piece } from './assembly';
import type { Menu, MenuItem } from './menu';
import type { Site } from './site';
import { called } from './surroundings';

/** Where something of the document stands: for the application as a path, and in the designer’s words. */
export interface Place {
  path: string;
  /** Made when it is asked for: the document is looked through after every edit, and rarely told about. */
  words(): string;
}

/** The parts of a document that hold values of properties, and those that say where they stand. */
export const holders = ['words', 'brand', 'menus', ...assemblyKinds, 'pages', 'bands'] as const;
type Holders = Pick<Site, (typeof holders)[number]>;

/** Values in the document with the properties that describe them. */
export interface PlacedValues extends Place {
  values: Values;
  properties: readonly Property[];
}

const titles = keptWhileSame<Piece, string>();

/** What a piece is called: its kind, and what tells it from others, such as `Menu: Main` or `Button “Book”`. */
export function pieceTitle(site: Pick<Site, 'bands' | 'menus'>, piece: Piece): string {
  return titles(piece, [site.bands, called(site.menus)], () => newTitle(site, piece));
}

function newTitle(site: Pick<Site, 'bands' | 'menus'>, piece: Piece): string {
  const kind = pieceKind(piece.kind);
  const bands = bandChain(site.bands);
  const said = ({ name, by, initial }: Property) => piece.values[name]?.[firstCell(by, bands)] ?? initial;
  const values = Object.fromEntries(kind.properties.map((property) => [property.name, said(property)]));
  const caption = kind.caption(values, (id) => site.menus[id]?.name ?? null);
  if (caption === '') return kind.label;
  return caption.startsWith('“') ? `${kind.label} ${shortened(caption)}` : `${kind.label}: ${caption}`;
}

/** A quoted text cut to what a chip or a row can show. */
function shortened(quoted: string): string {
  const most = 24;
  return quoted.length <= most + 2 ? quoted : `${quoted.slice(0, most).trimEnd()}…”`;
}

/** An item in the words of a message: its own label, else what it leads to is said by its page. */
function itemWords(site: Pick<Site, 'pages'>, menu: Menu, item: MenuItem): string {
  const page = 'page' in item.link ? site.pages[item.link.page]?.title : undefined;
  return `menu “${menu.name}”, item “${item.label ?? page ?? item.id}”`;
}

function assemblyValues(site: Holders, assembly: Assembly, kind: AssemblyKind): PlacedValues[] {
  const path = `${kind}.${assembly.id}`;
  const words = () => `${assemblyNouns[kind]} “${assembly.name}”`;
  return [
    { path, words, values: assembly.values, properties: assemblyProperties[kind] },
    ...Object.values(assembly.bars).map((bar) => ({
      path: `${path}.bars.${bar.id}`,
      words: () => `${words()}, ${bar.name}`,
      values: bar.values,
      properties: barProperties,
    })),
    ...Object.values(assembly.bars).flatMap((bar) =>
      bar.bays.map((bay, index) => ({
        path: `${path}.bars.${bar.id}.bays.${index}`,
        words: () => `${words()}, ${bar.name}, ${bayName(index, bar.bays.length)}`,
        values: bay.values,
        properties: bayProperties,
      })),
    ),
    ...Object.values(assembly.pieces).map((piece) => ({
      path: `${path}.pieces.${piece.id}`,
      words: () => `${words()}, ${pieceTitle(site, piece)}`,
      values: piece.values,
      properties: pieceKind(piece.kind).properties,
    })),
  ];
}

function menuValues(site: Holders, menu: Menu): PlacedValues[] {
  const path = `menus.${menu.id}`;
  return [
    { path, words: () => `menu “${menu.name}”`, values: menu.values, properties: menuProperties },
    ...Object.values(menu.items)
      .filter((item) => Object.keys(item.values).length > 0)
      .map((item) => ({
        path: `${path}.items.${item.id}`,
        words: () => itemWords(site, menu, item),
        values: item.values,
        properties: itemProperties,
      })),
  ];
}

/** Everything in the document that holds values of properties. */
export function allValues(site: Holders): PlacedValues[] {
  return [
    {
      path: 'words',
      words: () => 'what pages say by themselves',
      values: site.words.values,
      properties: wordProperties,
    },
    { path: 'brand', words: () => 'the brand', values: site.brand.values, properties: brandProperties },
    ...Object.values(site.brand.typeStyles).map((style) => ({
      path: `brand.typeStyles.${style.id}`,
      words: () => `type style “${style.name}”`,
      values: style.values,
      properties: typeStyleProperties,
    })),
    ...Object.values(site.menus).flatMap((menu) => menuValues(site, menu)),
    ...assemblyKinds.flatMap((kind) =>
      Object.values(site[kind]).flatMap((assembly) => assemblyValues(site, assembly, kind)),
    ),
  ];
}

/** How a pointer is kept, so that it can be turned elsewhere. */
export type Holder =
  | { holds: 'value'; values: Values; property: Property; cell: string }
  | { holds: 'item'; menu: Menu; item: MenuItem }
  | { holds: 'token' }
  | { holds: 'logo'; version: string };

/** A pointer with the place that it stands in. */
export interface Use extends Reference, Place {
  holder: Holder;
}

interface Pointing {
  property: Property;
  references: NonNullable<Property['kind']['references']>;
}
const knownPointing = new WeakMap<readonly Property[], readonly Pointing[]>();

/** The properties among some whose values may point to something: few of them do. */
function pointing(properties: readonly Property[]): readonly Pointing[] {
  const known = knownPointing.get(properties);
  if (known) return known;
  const found = properties.flatMap((property): Pointing[] => {
    const { references } = property.kind;
    return references ? [{ property, references }] : [];
  });
  knownPointing.set(properties, found);
  return found;
}

/** What a value of a property points to. */
interface Pointer {
  property: Property;
  cell: string;
  reference: Reference;
}

const pointersIn = ({ values, properties }: PlacedValues): readonly Pointer[] =>
  pointing(properties).flatMap(({ property, references }) =>
    Object.entries(values[property.name] ?? {}).flatMap(([cell, value]) =>
      references(value).map((reference) => ({ property, cell, reference })),
    ),
  );

const pointersOf = keptWhileSame<Values, readonly Pointer[]>();
const keptPointers = (placed: PlacedValues) =>
  pointersOf(placed.values, [placed.properties], () => pointersIn(placed));

const usesInValues = (site: Holders, pointers: typeof pointersIn): Use[] =>
  allValues(site).flatMap((placed) =>
    pointers(placed).map(({ property, cell, reference }) => ({
      ...reference,
      path: `${placed.path}.values.${property.name}.${cell}`,
      words: placed.words,
      holder: { holds: 'value' as const, values: placed.values, property, cell },
    })),
  );

/** Pointers in values of properties. They are kept with these: a site that is just being changed is asked with `usesOf`. */
export const valueUses = (site: Holders): Use[] => usesInValues(site, keptPointers);

function usesInItems(menu: Menu, pages: Site['pages']): Use[] {
  return Object.values(menu.items).flatMap((item) =>
    linkReferences(item.link).map((reference) => ({
      ...reference,
      path: `menus.${menu.id}.items.${item.id}.link`,
      words: () => itemWords({ pages }, menu, item),
      holder: { holds: 'item' as const, menu, item },
    })),
  );
}

/** Pointers in the links of items of menus. */
export const itemUses = ({ menus, pages }: Pick<Site, 'menus' | 'pages'>): Use[] =>
  Object.values(menus).flatMap((menu) => usesInItems(menu, pages));

/** Pointers in the brand, from its tokens and its logo. */
export function brandUses({ brand }: Pick<Site, 'brand'>): Use[] {
  const tokens = tokenKinds.flatMap((kind) =>
    Object.values(brand[kind.family] as Record<Id, Token>).flatMap((token) =>
      (['value', 'dark'] as const)
        .filter((part) => token[part] !== undefined)
        .flatMap((part) =>
          (kind.references?.(token[part]) ?? []).map(({ to, id }) => ({
            to,
            id,
            path: `brand.${kind.family}.${token.id}.${part}`,
            words: () => `${kind.noun} “${token.name}”${part === 'dark' ? ', dark' : ''}`,
            holder: { holds: 'token' as const },
          })),
        ),
    ),
  );
  const logo = Object.entries(brand.logo)
    .filter(([, id]) => id !== null)
    .map(([version, id]) => ({
      to: 'artwork' as const,
      id: id!,
      path: `brand.logo.${version}`,
      words: () => 'the brand’s logo',
      holder: { holds: 'logo' as const, version },
    }));
  return [...tokens, ...logo];
}

/** What points at these parts. */
export function usesOf(site: Site, to: ReferenceTarget, ids: ReadonlySet<Id>): Use[] {
  const all = [...itemUses(site), ...usesInValues(site, pointersIn), ...brandUses(site)];
  return all.filter((use) => use.to === to && ids.has(use.id));
}

type UsesById = ReadonlyMap<Id, readonly Use[]>;
const byId = new WeakMap<Site, ReadonlyMap<ReferenceTarget, UsesById>>();
const keptInItems = ofPair(usesInItems, (menu, pages) => [menu, pages]);
const nothing: UsesById = new Map();

/** What points at each part of a kind, by its id; those that nothing points at are left out. It is kept, as `valueUses` are. */
export function usesById(site: Site, to: ReferenceTarget): UsesById {
  const kept = byId.get(site);
  if (kept) return kept.get(to) ?? nothing;
  const found = new Map<ReferenceTarget, Map<Id, Use[]>>();
  const inItems = Object.values(site.menus).flatMap((menu) => keptInItems(menu, site.pages));
  for (const use of [...inItems, ...valueUses(site), ...brandUses(site)]) {
    const ofKind = found.get(use.to) ?? new Map<Id, Use[]>();
    found.set(use.to, ofKind);
    const ofPart = ofKind.get(use.id);
    if (ofPart) ofPart.push(use);
    else ofKind.set(use.id, [use]);
  }
  byId.set(site, found);
  return found.get(to) ?? nothing;
}

/** The menus that no header, drawer or footer shows. */
export const unshownMenus = (site: Site): Menu[] =>
  Object.values(site.menus).filter(({ id }) => !usesById(site, 'menus').has(id));
