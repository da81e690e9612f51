import { bandRangeText } from '../bands/band';
import { logoVersions, type LogoVersion } from '../brand/logo-versions';
import { tokenKinds } from '../brand/tokens';
import type { Token } from '../brand/tokens/token-kind';
import { typeStyleProperties } from '../brand/type-style';
import { ruleText } from '../fit/rule-words';
import { itemLabel } from '../menus/entries';
import { linkWords } from '../menus/link-words';
import { pieceKind } from '../pieces';
import { wordProperties } from '../pieces/words';
import { assemblyKinds, assemblyNouns, type AssemblyKind } from '../properties/assembly-kind';
import { assemblyProperties } from '../properties/assembly';
import { bayProperties } from '../properties/bay';
import { barProperties } from '../properties/bar';
import { brandProperties } from '../properties/brand';
import { itemProperties, menuProperties } from '../properties/menu';
import type { Property, Values } from '../properties/property';
import { bayName, type Assembly, type Bar } from '../site/assembly';
import type { RuleWhen } from '../site/collapse-rule';
import { languageName } from '../site/language';
import type { Menu } from '../site/menu';
import { partName } from '../site/parts';
import type { Given } from '../site/page';
import { slots } from '../site/placing-schema';
import type { Site } from '../site/site';
import { pieceTitle } from '../site/uses';
import { whereText } from '../site/where-text';

/** The areas of a site, in the order in which it is made. */
export const areas = ['Pages', 'Menus', 'Headers', 'Drawers', 'Footers', 'Brand', 'Placing', 'Site'] as const;
export type Area = (typeof areas)[number];

/** Something that is said of a thing: under the same name in two sites, it can be compared. */
export interface Detail {
  name: string;
  value: unknown;
  /** The value in words. */
  says(): string;
}

/** Something of a site that is told of by itself where it comes, goes or is changed. */
export interface Thing {
  /** Where it stands in the document; what stands in it begins with the same. */
  path: string;
  area: Area;
  /** What it is called, with what it stands in. */
  words(): string;
  details(): Detail[];
  /** Values of properties, which are told cell by cell. */
  valued?: { values: Values; properties: readonly Property[] };
  /** What stands in it in an order: the ids, and what they are called. */
  order?: { of: string; ids: readonly string[]; name(id: string): string };
}

const detail = (name: string, value: unknown, says: () => string = () => String(value)): Detail => ({
  name,
  value,
  says,
});

const orNothing = (text: string | null | undefined) => text ?? 'nothing';
const quoted = (text: string) => `“${text}”`;
const listed = (texts: readonly string[]) => (texts.length === 0 ? 'none' : texts.join(', '));

function pageThings(site: Site): Thing[] {
  return Object.values(site.pages).map((page) => ({
    path: `pages.${page.id}`,
    area: 'Pages',
    words: () => `page ${quoted(page.title)}`,
    details: () => [
      detail('Title', page.title),
      ...Object.entries(page.titles).map(([language, title]) =>
        detail(`Title, ${languageName(language)}`, title),
      ),
      detail('Path', page.path),
      detail('Below', page.parent, () =>
        page.parent === null ? 'the top' : orNothing(site.pages[page.parent]?.title),
      ),
      detail('Tags', page.tags, () => listed(page.tags)),
      ...givenDetails(site, page.stands ?? {}, 'Its own '),
    ],
  }));
}

/** A header and a footer that something gives. */
function givenDetails(site: Site, given: Given, before = ''): Detail[] {
  return slots
    .filter((slot) => given[slot] !== undefined)
    .map((slot) => {
      const id = given[slot]!;
      return detail(`${before}${slot}`, id, () =>
        id === null ? 'none' : orNothing(site[`${slot}s`][id]?.name),
      );
    });
}

function menuThings(site: Site, menu: Menu): Thing[] {
  const path = `menus.${menu.id}`;
  const within = `menu ${quoted(menu.name)}`;
  const parents = new Map(
    Object.values(menu.items).flatMap(({ id, children }) => children.map((child) => [child, id] as const)),
  );
  const label = (id: string) => itemLabel(site, menu.items[id]!);
  return [
    {
      path,
      area: 'Menus',
      words: () => within,
      details: () => [detail('Name', menu.name)],
      valued: { values: menu.values, properties: menuProperties },
      order: { of: 'items', ids: menu.top, name: label },
    },
    ...Object.values(menu.items).map((item): Thing => {
      const parent = parents.get(item.id) ?? null;
      return {
        path: `${path}.items.${item.id}`,
        area: 'Menus',
        words: () => `${within}, item ${quoted(label(item.id))}`,
        valued: { values: item.values, properties: itemProperties },
        details: () => [
          detail('Label', item.label, () => (item.label === null ? 'the title of its page' : item.label)),
          ...Object.entries(item.labels).map(([language, text]) =>
            detail(`Label, ${languageName(language)}`, text),
          ),
          detail('Leads to', item.link, () => linkWords(site, item.link)),
          detail('Below', parent, () => (parent === null ? 'the top' : label(parent))),
        ],
        order: { of: 'items', ids: item.children, name: label },
      };
    }),
  ];
}

/** When a rule begins, in words. */
function whenText(site: Site, when: RuleWhen): string {
  switch (when.by) {
    case 'fit':
      return `where the bar stops fitting, ${when.margin} px to spare`;
    case 'centre':
      return `where the middle is no longer centred, ${when.margin} px to spare`;
    case 'width':
      return `below ${when.below} px`;
    case 'band':
      return `with ${site.bands.find(({ id }) => id === when.band)?.name ?? 'a band'}`;
    case 'browser':
      return 'where it is measured in the browser';
  }
}

function barThings(site: Site, assembly: Assembly, bar: Bar, within: Omit<Thing, 'details'>): Thing[] {
  const path = `${within.path}.bars.${bar.id}`;
  const words = () => `${within.words()}, ${bar.name}`;
  const { area } = within;
  const bay = (index: number) => bayName(index, bar.bays.length);
  return [
    {
      path,
      area,
      words,
      details: () => [detail('Name', bar.name)],
      valued: { values: bar.values, properties: barProperties },
      order: {
        of: 'bays',
        ids: bar.bays.map(({ id }) => id),
        name: (id) => bay(bar.bays.findIndex((each) => each.id === id)),
      },
    },
    ...bar.bays.map((each, index) => ({
      path: `${path}.bays.${each.id}`,
      area,
      words: () => `${words()}, ${bay(index)}`,
      details: () => [],
      valued: { values: each.values, properties: bayProperties },
      order: {
        of: 'pieces',
        ids: each.pieces,
        name: (id: string) => pieceTitle(site, assembly.pieces[id]!),
      },
    })),
    ...(bar.rules ?? []).map((rule) => ({
      path: `${path}.rules.${rule.id}`,
      area,
      words: () => `${words()}, collapse rule`,
      details: () => [
        detail('Begins', rule.when, () => whenText(site, rule.when)),
        detail('Turns', rule.turns, () => ruleText(site, assembly, rule)),
      ],
    })),
  ];
}

const areaOf: Record<AssemblyKind, Area> = { headers: 'Headers', drawers: 'Drawers', footers: 'Footers' };

function assemblyThings(site: Site, kind: AssemblyKind, assembly: Assembly): Thing[] {
  const path = `${kind}.${assembly.id}`;
  const area = areaOf[kind];
  const words = () => `${assemblyNouns[kind]} ${quoted(assembly.name)}`;
  const bays = new Map(
    Object.values(assembly.bars).flatMap((bar) =>
      bar.bays.flatMap(({ pieces }, index) =>
        pieces.map((piece) => [piece, `${bar.name}, ${bayName(index, bar.bays.length)}`] as const),
      ),
    ),
  );
  return [
    {
      path,
      area,
      words,
      details: () => [detail('Name', assembly.name)],
      valued: { values: assembly.values, properties: assemblyProperties[kind] },
      order: { of: 'bars', ids: assembly.order, name: (id) => assembly.bars[id]!.name },
    },
    ...Object.values(assembly.bars).flatMap((bar) => barThings(site, assembly, bar, { path, area, words })),
    ...Object.values(assembly.pieces).map((piece): Thing => {
      const at = bays.get(piece.id);
      return {
        path: `${path}.pieces.${piece.id}`,
        area,
        words: () => `${words()}, ${pieceTitle(site, piece)}`,
        details: () => [detail('Stands in', at, () => orNothing(at))],
        valued: { values: piece.values, properties: pieceKind(piece.kind).properties },
      };
    }),
  ];
}

function tokenThings({ brand }: Site): Thing[] {
  return tokenKinds.flatMap((kind) => {
    const tokens = brand[kind.family] as Record<string, Token>;
    const says = (value: unknown) =>
      kind.text(value, (family, id) => (brand[family] as Record<string, Token>)[id]?.name ?? id);
    return Object.values(tokens).map((token) => ({
      path: `brand.${kind.family}.${token.id}`,
      area: 'Brand' as const,
      words: () => `${kind.noun} ${quoted(token.name)}`,
      details: () => [
        detail('Name', token.name),
        detail('Value', token.value, () => says(token.value)),
        ...(token.dark === undefined ? [] : [detail('In dark', token.dark, () => says(token.dark))]),
      ],
    }));
  });
}

function brandThings(site: Site): Thing[] {
  const { brand } = site;
  return [
    {
      path: 'brand',
      area: 'Brand',
      words: () => 'the brand',
      valued: { values: brand.values, properties: brandProperties },
      details: () => [
        ...Object.entries(brand.logo).map(([version, id]) =>
          detail(`Logo, ${logoVersions[version as LogoVersion]}`, id, () =>
            id === null ? 'none' : orNothing(partName(site, 'artwork', id)),
          ),
        ),
      ],
    },
    ...tokenThings(site),
    ...Object.values(brand.typeStyles).map((style): Thing => ({
      path: `brand.typeStyles.${style.id}`,
      area: 'Brand',
      words: () => `type style ${quoted(style.name)}`,
      details: () => [detail('Name', style.name)],
      valued: { values: style.values, properties: typeStyleProperties },
    })),
    ...Object.values(site.artwork).map((artwork): Thing => ({
      path: `artwork.${artwork.id}`,
      area: 'Brand',
      words: () => `artwork ${quoted(artwork.name)}`,
      details: () => [
        detail('Name', artwork.name),
        detail('Alternative text', artwork.alt),
        detail(
          'Picture',
          artwork.hash,
          () => `${artwork.width} x ${artwork.height} px, ${artwork.bytes} bytes`,
        ),
      ],
    })),
    ...Object.values(site.fonts).map((font): Thing => ({
      path: `fonts.${font.id}`,
      area: 'Brand',
      words: () => `font family ${quoted(font.name)}`,
      details: () => [
        detail('Name', font.name),
        detail('Files', font.files, () =>
          font.files.length === 1 ? 'one file' : `${font.files.length} files`,
        ),
      ],
    })),
  ];
}

function placingThings(site: Site): Thing[] {
  const { rules, ...others } = site.placing;
  return [
    {
      path: 'placing',
      area: 'Placing',
      words: () => 'all other pages',
      details: () => givenDetails(site, others),
      order: {
        of: 'rules',
        ids: rules.map(({ id }) => id),
        name: (id) => whereText(site, rules.find((rule) => rule.id === id)!.where),
      },
    },
    ...rules.map((rule): Thing => ({
      path: `placing.rules.${rule.id}`,
      area: 'Placing',
      words: () => `rule for ${whereText(site, rule.where)}`,
      details: () => [
        detail('Pages', rule.where, () => whereText(site, rule.where)),
        ...givenDetails(site, rule.gives),
      ],
    })),
  ];
}

function siteThings(site: Site): Thing[] {
  return [
    {
      path: 'site',
      area: 'Site',
      words: () => 'the site',
      details: () => [
        detail('Name', site.name),
        detail('Address', site.address, () => orNothing(site.address)),
        detail('Hosts of embedded pages', site.embeds, () => listed(site.embeds)),
        detail('Languages', site.languages, () => listed(site.languages.map(languageName))),
      ],
    },
    ...site.bands.map((band): Thing => ({
      path: `bands.${band.id}`,
      area: 'Site',
      words: () => `band ${quoted(band.name)}`,
      details: () => [
        detail('Name', band.name),
        detail(
          'Widths',
          bandRangeText(site.bands, band.id),
          () => `${bandRangeText(site.bands, band.id)} px`,
        ),
      ],
    })),
    {
      path: 'words',
      area: 'Site',
      words: () => 'what pages say by themselves',
      details: () => [],
      valued: { values: site.words.values, properties: wordProperties },
    },
    ...Object.values(site.files).map((file): Thing => ({
      path: `files.${file.id}`,
      area: 'Site',
      words: () => `file ${quoted(file.name)}`,
      details: () => [detail('Name', file.name), detail('Bytes', file.hash, () => `${file.bytes} bytes`)],
    })),
  ];
}

/** Everything of a site that is told of by itself, each before what stands in it. */
export function thingsOf(site: Site): Thing[] {
  return [
    {
      path: 'pages',
      area: 'Pages',
      words: () => 'all pages',
      details: () => [],
      order: { of: 'pages', ids: site.pageOrder, name: (id) => site.pages[id]!.title },
    },
    ...pageThings(site),
    ...Object.values(site.menus).flatMap((menu) => menuThings(site, menu)),
    ...assemblyKinds.flatMap((kind) =>
      Object.values(site[kind]).flatMap((assembly) => assemblyThings(site, kind, assembly)),
    ),
    ...brandThings(site),
    ...placingThings(site),
    ...siteThings(site),
  ];
}
