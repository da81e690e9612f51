import * as v from 'valibot';
import { shippedFamilies } from '../../brand/fonts';
import { tokenKindOf, tokenKinds } from '../../brand/tokens';
import type { Easing } from '../../brand/tokens/easing';
import type { Token, TokenFamily } from '../../brand/tokens/token-kind';
import { typeStyleProperties } from '../../brand/type-style';
import { colourComponents, componentsCss } from '../../colour/components';
import type { Edit } from '../../edit';
import type { Length } from '../../lengths/formula';
import type { Id } from '../../ids/id';
import { settledValues } from '../../resolve/settled-values';
import type { IdSource } from '../../site/defaults';
import type { Site } from '../../site/site';
import { unreadable, type Reading } from '../reading';
import { FLUID, safeName, tokenGroups } from './token-groups';
import { aliasOf, readTokenTree, type ReadToken } from './token-tree';

/** What a file says of one part of the brand. */
export interface FoundToken {
  line: number;
  /** What kind of thing it is, in the words of the interface. */
  noun: string;
  name: string;
  /** Whether the brand has something of this name, and whether that is the same. */
  change: 'new' | 'changed' | 'same';
  edits: Edit[];
}

const dimensionSchema = v.pipe(
  v.union([
    v.strictObject({ value: v.number(), unit: v.picklist(['px', 'rem']) }),
    v.pipe(v.string(), v.regex(/^-?\d+(\.\d+)?(px|rem)$/)),
  ]),
  v.transform((input) => {
    const [value, unit] =
      typeof input === 'string'
        ? [parseFloat(input), input.replace(/[\d.-]/g, '')]
        : [input.value, input.unit];
    return unit === 'rem' ? value * 16 : value;
  }),
);
const durationSchema = v.pipe(
  v.strictObject({ value: v.number(), unit: v.picklist(['ms', 's']) }),
  v.transform(({ value, unit }) => (unit === 's' ? value * 1000 : value)),
);
const borderSchema = v.object({ width: dimensionSchema, style: v.string(), color: v.unknown() });
const shadowSchema = v.object({
  offsetX: dimensionSchema,
  offsetY: dimensionSchema,
  blur: dimensionSchema,
  spread: v.optional(dimensionSchema, { value: 0, unit: 'px' }),
  color: v.unknown(),
});
const typographySchema = v.object({
  fontFamily: v.optional(v.union([v.string(), v.array(v.string())])),
  fontSize: v.optional(dimensionSchema),
  fontWeight: v.optional(v.union([v.number(), v.string()])),
  letterSpacing: v.optional(dimensionSchema),
  lineHeight: v.optional(v.number()),
});

/** The family that a token is for: told by its type, a length by what the groups above call it. */
function familyOf({ type, path }: ReadToken): TokenFamily | null {
  if (type === 'dimension')
    return path.slice(0, -1).some((part) => /radi|corner/i.test(part)) ? 'radii' : null;
  const entry = Object.entries(tokenGroups).find(([, group]) => group.type === type);
  return entry ? (entry[0] as TokenFamily) : null;
}

/** A name as words: what joins them in code is a blank, as far as anything else is in it. */
const asWords = (name: string): string => name.replace(/[-_]+/g, ' ').trim() || name;

/** What tells a name from others, also where it was written as code. Of some letters only the capital one has a small one (`ß`, `SS`). */
const keyOf = (name: string): string => asWords(safeName(name)).toUpperCase().toLowerCase();

/** A token’s name here: its path without the first group. */
function nameOf(path: readonly string[]): string {
  const words = asWords((path.length > 1 ? path.slice(1) : path).join(' '));
  return (words.charAt(0).toUpperCase() + words.slice(1)).slice(0, 60);
}

/** Reads tokens one after the other; each is looked at as if those before it were in the brand already. */
class BrandReader {
  readonly reading: Reading<FoundToken> = { found: [], problems: [] };
  /** Ids by family and name in small letters, those of added tokens among them. */
  readonly #ids = new Map<string, Id>();
  readonly #site: Site;
  readonly #newId: IdSource;

  constructor(site: Site, ids: IdSource) {
    this.#site = site;
    this.#newId = ids;
    for (const { family } of tokenKinds)
      for (const { id, name } of Object.values(site.brand[family]))
        this.#ids.set(this.#key(family, name), id);
  }

  #key(family: TokenFamily, name: string): string {
    return `${family} ${keyOf(name)}`;
  }

  /** The colour of the brand that a value refers to; undefined when it is no reference to one. */
  #referred(raw: unknown): Id | undefined {
    const alias = aliasOf(raw);
    return alias === null ? undefined : this.#ids.get(this.#key('colours', nameOf(alias.split('.'))));
  }

  /** The colour that a part of a token means: the one that it refers to, one with the same value, else a new one named for it. */
  #colourId({ value: whole, raw }: ReadToken, part: string, name: string, edits: Edit[]): Id | null {
    const referred = this.#referred((raw as Record<string, unknown>)[part]);
    if (referred !== undefined) return referred;
    const value = (whole as Record<string, unknown>)[part];
    const css = componentsCss(value);
    if (css === null) return null;
    const known = Object.values(this.#site.brand.colours).find(
      (colour) => 'css' in colour.value && plainCss(colour.value.css) === css,
    );
    if (known) return known.id;
    const id = this.#ids.get(this.#key('colours', name)) ?? this.#newId();
    if (!this.#ids.has(this.#key('colours', name)))
      edits.push({ edit: 'addToken', family: 'colours', token: { id, name, value: { css } } });
    this.#ids.set(this.#key('colours', name), id);
    return id;
  }

  #value(family: TokenFamily, token: ReadToken, edits: Edit[]): unknown {
    const { value, raw } = token;
    const name = nameOf(token.path);
    switch (family) {
      case 'colours': {
        const as = this.#referred(raw);
        const css = componentsCss(value);
        return as ? { as } : css === null ? undefined : { css };
      }
      case 'radii':
        return v.parse(dimensionSchema, value);
      case 'durations':
        return v.parse(durationSchema, value);
      case 'easings':
        return value as Easing;
      case 'borders': {
        const { width, style } = v.parse(borderSchema, value);
        return { width, style, colour: this.#colourId(token, 'color', `${name} line`, edits) };
      }
      case 'shadows': {
        // Of several shadows on top of each other the first one is taken; a brand has one.
        const one = Array.isArray(value) ? { ...token, value: value[0], raw: [raw].flat()[0] } : token;
        const { offsetX: x, offsetY: y, blur, spread } = v.parse(shadowSchema, one.value);
        return { x, y, blur, spread, colour: this.#colourId(one, 'color', `${name} shade`, edits) };
      }
    }
  }

  /** Takes a token in, or says why it cannot be. */
  read(token: ReadToken): void {
    if (token.type === 'typography') return this.#readTypography(token);
    const family = familyOf(token);
    const where = `“${token.path.join('.')}”`;
    if (family === null)
      return this.#refuse(
        token,
        `${where} is ${token.type ? `a ${token.type}` : 'of no type'}, for which a brand has no place of its own.`,
      );
    const kind = tokenKindOf(family);
    const edits: Edit[] = [];
    const value = v.safeParse(
      kind.schema,
      attempt(() => this.#value(family, token, edits)),
    );
    if (!value.success) return this.#refuse(token, `${where} cannot be read as a ${kind.noun}.`);
    this.#take(family, token, value.output, edits);
  }

  #take(family: TokenFamily, token: ReadToken, value: unknown, edits: Edit[]): void {
    const name = nameOf(token.path);
    const known = this.#ids.get(this.#key(family, name));
    const before = known === undefined ? undefined : (this.#site.brand[family] as Record<Id, Token>)[known];
    const id = known ?? this.#newId();
    this.#ids.set(this.#key(family, name), id);
    const same = before !== undefined && sameValue(before.value, value);
    if (known === undefined) edits.push({ edit: 'addToken', family, token: { id, name, value } });
    else if (!same) edits.push({ edit: 'changeToken', family, token: id, value });
    this.reading.found.push({
      line: token.line,
      noun: tokenKindOf(family).noun,
      name: before?.name ?? name,
      change: known === undefined ? 'new' : same ? 'same' : 'changed',
      edits: same ? [] : edits,
    });
  }

  #readTypography(token: ReadToken): void {
    const parsed = v.safeParse(typographySchema, token.value);
    if (!parsed.success)
      return this.#refuse(token, `“${token.path.join('.')}” cannot be read as a type style.`);
    const name = nameOf(token.path);
    const { brand, bands } = this.#site;
    const known = Object.values(brand.typeStyles).find((style) => keyOf(style.name) === keyOf(name));
    const id = known?.id ?? this.#newId();
    const chain = bands.map((band) => band.id);
    const settled = settledValues(known?.values ?? {}, typeStyleProperties, chain, chain[0]!);
    const sets = Object.entries(this.#typeValues(token, parsed.output)).filter(
      ([property, value]) =>
        value !== undefined && JSON.stringify(settled[property]) !== JSON.stringify(value),
    );
    const edits = sets.map(([property, value]): Edit => ({
      edit: 'setValue',
      place: { on: 'typeStyle', style: id },
      property,
      cell: property === 'family' ? 'all' : chain[0]!,
      value,
    }));
    if (!known) edits.unshift({ edit: 'addTypeStyle', style: { id, name, values: {} } });
    const change = !known ? 'new' : edits.length > 0 ? 'changed' : 'same';
    this.reading.found.push({
      line: token.line,
      noun: 'type style',
      name: known?.name ?? name,
      change,
      edits,
    });
  }

  #typeValues(token: ReadToken, said: v.InferOutput<typeof typographySchema>): Record<string, unknown> {
    const wanted = [said.fontFamily ?? []].flat();
    const families = [...shippedFamilies, ...Object.values(this.#site.fonts)];
    const family = wanted.flatMap((name) => families.find((each) => each.name === name) ?? [])[0];
    if (wanted.length > 0 && !family)
      this.#refuse(
        token,
        `No font is called “${wanted.join(', ')}”. Upload it first; the style keeps the family that it has.`,
      );
    const fluid = token.extensions[FLUID];
    const weight = Math.round(Number(said.fontWeight) / 100) * 100;
    return {
      family: family?.id,
      size: (fluid as Length | undefined) ?? said.fontSize,
      weight: Number.isFinite(weight) ? String(weight) : undefined,
      letterSpacing: said.letterSpacing,
      lineHeight: said.lineHeight,
    };
  }

  #refuse({ line }: ReadToken, reason: string): void {
    this.reading.problems.push({ line, reason });
  }
}

/** A CSS colour in the one form that its components give. */
function plainCss(css: string): string | null {
  return componentsCss(colourComponents(css));
}

/** Whether two values of a token are the same; colours may be written in different ways. */
function sameValue(one: unknown, other: unknown): boolean {
  const css = (value: unknown) => (value as { css?: string }).css;
  const [first, second] = [css(one), css(other)];
  if (first !== undefined && second !== undefined) return plainCss(first) === plainCss(second);
  return JSON.stringify(one) === JSON.stringify(other);
}

/** What a reading gives, or nothing when the file says something else than its type wants. */
function attempt<T>(read: () => T): T | undefined {
  try {
    return read();
  } catch (error) {
    if (error instanceof v.ValiError) return undefined;
    throw error;
  }
}

/** Reads a design tokens file against the brand of a site: what it would add or change, and what has no place in a brand. */
export function readDesignTokens(text: string, site: Site, ids: IdSource): Reading<FoundToken> {
  const tree = readTokenTree(text);
  if (!tree.ok) return unreadable(tree.reason, tree.line);
  const reader = new BrandReader(site, ids);
  // Colours first, since other tokens point to them.
  const first = ({ type }: ReadToken) => (type === 'color' ? 0 : 1);
  for (const token of [...tree.tokens].sort((a, b) => first(a) - first(b))) reader.read(token);
  return {
    found: reader.reading.found.sort((a, b) => a.line - b.line),
    problems: reader.reading.problems.sort((a, b) => a.line - b.line),
  };
}
