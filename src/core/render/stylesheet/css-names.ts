import { BAR_IN_ROW } from '../../properties/assembly';
import { shippedFamily } from '../../brand/fonts';
import { standInOf } from '../../brand/stand-ins';
import { tokenKinds } from '../../brand/tokens';
import type { Token } from '../../brand/tokens/token-kind';
import { standardTypeStyles, typeStyleProperties } from '../../brand/type-style';
import { cssString } from '../../markup/css';
import type { Id } from '../../ids/id';
import type { CssNames } from '../../properties/property';
import type { Brand } from '../../site/brand';
import type { Site } from '../../site/site';
import { namer, slug } from '../names';
import { artworkFile } from '../page/paths';

/** Custom properties without their dashes, by the id of the token or type style that they stand for. */
export type BrandNames = ReadonlyMap<Id, string>;

/** Names the brand’s custom properties: standard ones by their ids, added ones by their names, each once. */
function brandNames(brand: Brand): BrandNames {
  const unique = namer(new Set(['content-width', 'gutter']));
  const families = [
    ...tokenKinds.map(({ standard, prefix, family }) => ({ standard, prefix, things: brand[family] })),
    { standard: standardTypeStyles, prefix: 'type-', things: brand.typeStyles },
  ];
  const entries = families.flatMap(({ standard, prefix, things }) => {
    const fixed = new Set(standard.map(({ id }) => id));
    const all: { id: Id; name: string }[] = Object.values(things);
    return all.map(({ id, name }): [Id, string] => [
      id,
      fixed.has(id) ? unique(id) : unique(`${prefix}${slug(name, 'own')}`),
    ]);
  });
  return new Map(entries);
}

/** The name of a family, and of what stands in for it. */
export function familyNames(site: Site, id: Id): { own: string; standIn: string } {
  const own = shippedFamily(id)?.name ?? site.fonts[id]!.name;
  return { own, standIn: `${own} stand-in` };
}

/** A font family as CSS, with what stands in for it. */
function familyStack(site: Site, id: Id): string {
  const { own, standIn } = familyNames(site, id);
  return `${cssString(own)}, ${cssString(standIn)}, ${standInOf(id).generic}`;
}

interface Known {
  fonts: Site['fonts'];
  artwork: Site['artwork'];
  brand: BrandNames;
  css: CssNames;
}
const known = new WeakMap<Brand, Known>();

/** How the stylesheet names the parts of this site’s brand: the same object as long as brand, fonts and artwork are the same. */
export function cssNames(site: Site): { brand: BrandNames; css: CssNames } {
  const kept = known.get(site.brand);
  if (kept?.fonts === site.fonts && kept.artwork === site.artwork) return kept;
  const brand = brandNames(site.brand);
  const made = { fonts: site.fonts, artwork: site.artwork, brand, css: namesIn(site, brand) };
  known.set(site.brand, made);
  return made;
}

/** The CSS properties that a type style settles, with the part of the style that each reads. */
const styleParts = {
  'font-family': 'family',
  'font-weight': 'weight',
  'font-style': 'slant',
  'font-size': 'size',
  'line-height': 'line-height',
  'letter-spacing': 'letter-spacing',
  'text-transform': 'case',
} as const;
type StylePart = (typeof styleParts)[keyof typeof styleParts];

/** The parts of type styles that texts have by themselves where nothing says otherwise, as they are initially. */
const byItself: Partial<Record<StylePart, string>> = {
  slant: 'slant',
  'letter-spacing': 'letterSpacing',
  case: 'case',
};

/** Whether a part has to be said of texts: some type style says otherwise than what they have by themselves. */
function isSaid({ typeStyles }: Brand, part: StylePart): boolean {
  const own = typeStyleProperties.find(({ name }) => name === byItself[part]);
  if (!own) return true;
  return Object.values(typeStyles).some(({ values }) =>
    Object.values(values[own.name] ?? {}).some((value) => value !== own.initial),
  );
}

/** The custom properties that are said only where something asks for them: the brand’s tokens, the parts of its type styles, and what rows of bars say. */
export function customNames(names: BrandNames): ReadonlySet<string> {
  const ofBrand = [...names.values()].flatMap((name) => [
    `--${name}`,
    ...Object.values(styleParts).map((part) => `--${name}-${part}`),
  ]);
  return new Set([...ofBrand, BAR_IN_ROW]);
}

function namesIn(site: Site, names: BrandNames): CssNames {
  const said = Object.entries(styleParts).filter(([, part]) => isSaid(site.brand, part));
  const typeStyle = (id: Id, part: string) => `var(--${names.get(id)!}-${part})`;
  return {
    token: (id) => `var(--${names.get(id)!})`,
    typeStyle,
    typeCss: (id) => Object.fromEntries(said.map(([css, part]) => [css, typeStyle(id, part)])),
    family: (id) => familyStack(site, id),
    picture: (id) => `url(${cssString(artworkFile(site.artwork[id]!))})`,
  };
}

/** Every token of the brand as a custom property. */
export function tokenDeclarations({ brand }: Site, names: BrandNames): Record<string, string> {
  const css = (_: string, id: Id) => `var(--${names.get(id)!})`;
  const entries = tokenKinds.flatMap((kind) =>
    Object.values<Token>(brand[kind.family] as Record<Id, Token>).map(({ id, value }) => [
      `--${names.get(id)!}`,
      kind.css(value, css),
    ]),
  );
  return Object.fromEntries(entries);
}
