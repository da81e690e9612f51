import type { Property, Values } from '../../properties/property';

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

/** States a detail; where nothing is said of its words, they are the value. */
export const detail = (name: string, value: unknown, says: () => string = () => String(value)): Detail => ({
  name,
  value,
  says,
});

export const orNothing = (text: string | null | undefined) => text ?? 'nothing';
export const quoted = (text: string) => `“${text}”`;
export const listed = (texts: readonly string[]) => (texts.length === 0 ? 'none' : texts.join(', '));
