import { keptByText } from '../ids/kept-by-text';
import { AS_IT_COMES, type Declarations } from '../markup/css';
import { boxCss, lengthCss, type Length } from '../lengths/formula';
import { plainNumber, px } from '../lengths/length';

/** A size of a box in the unit of its CSS: a length of the document (CSS px), times its text's size or the width of its zero, or one that follows the reader's own text size (CSS px at the usual one). */
export type Size = Length | { em: number } | { rem: Length } | { ch: number };

/** A column of a grid (CSS Grid 2, 7.2): as its content, a share of what is left, or between two sizes. */
export type Track = 'auto' | { fr: number } | { least: Size; most: Size | 'max-content' | { fr: number } };

type Alignment = 'start' | 'center' | 'end' | 'baseline' | 'stretch';

/** A line around a box: its width in CSS px, and how it looks in CSS. */
export interface Line {
  width: number;
  look: string;
}

/**
 * The declarations that decide where a box and what is in it stand, by their CSS names: they are written as they are, and measured and
 * placed by. What is seen of a box beside its place is not said here.
 */
export interface Layout {
  /** As its element has it, where it is left out: its content in lines, below each other. */
  display?: 'flex' | 'inline-flex' | 'grid' | 'inline-grid' | 'block' | 'inline' | 'inline-block' | 'none';
  flexDirection?: 'row' | 'column';
  flexWrap?: 'nowrap' | 'wrap';
  /** Equal cells (`1 1 0`), or as wide as they need. */
  flex?: '1 1 0' | '0 1 auto';
  order?: number;
  flexGrow?: 0 | 1;
  flexShrink?: 0 | 1;
  alignItems?: Alignment;
  alignSelf?: Alignment;
  justifyContent?: 'start' | 'center' | 'end' | 'space-between' | 'normal' | 'flex-start' | 'flex-end';
  justifyItems?: 'center' | 'stretch';
  justifySelf?: 'start' | 'stretch';
  placeContent?: 'center';
  gap?: Size;
  columnGap?: Size;
  gridTemplateColumns?: readonly Track[] | 'none';
  gridColumn?: string;
  gridRow?: string;
  /** On all sides, or above and below, and beside. */
  padding?: Size | readonly [Size, Size];
  paddingBlock?: Size;
  paddingInline?: Size;
  paddingInlineStart?: Size;
  marginInline?: 'auto';
  marginInlineStart?: Size;
  marginInlineEnd?: Size;
  border?: Line;
  inlineSize?: Size | '100%' | 'fit-content' | 'max-content' | 'auto';
  blockSize?: Size | 'auto' | 'fit-content';
  /** Its width by its height, its line and padding included, where its height is not said. */
  aspectRatio?: readonly [number, number];
  alignContent?: 'center';
  minInlineSize?: Size;
  minBlockSize?: Size;
  maxInlineSize?: Size | '100%' | 'none';
  /** In times of the size of the text around. */
  fontSize?: { em: number };
  lineHeight?: number | 'normal';
  fontWeight?: number;
  whiteSpace?: 'nowrap' | 'normal';
  textAlign?: 'start' | 'center';
  /** Whether what sticks out of it is cut off. */
  overflow?: 'hidden';
}

/** Layouts that hold for one box, put together: a later one wins in what it says. */
export function cascaded(...layouts: readonly Layout[]): Layout {
  const all: Record<string, unknown> = {};
  for (const layout of layouts)
    for (const name in layout) {
      const value = layout[name as keyof Layout];
      if (value !== undefined) all[name] = value;
    }
  return all;
}

/** Layouts by where they are drawn: a selector below the piece, empty for the piece itself. */
export type Layouts = Readonly<Record<string, Layout>>;

/** A size in CSS; zero stands without a unit. */
export function sizeCss(size: Size): string {
  if (typeof size === 'number') return boxCss(size);
  if ('em' in size) return size.em === 0 ? '0' : `${plainNumber(size.em)}em`;
  if ('ch' in size) return `${plainNumber(size.ch)}ch`;
  return 'rem' in size ? lengthCss(size.rem) : boxCss(size);
}

const isSize = (value: unknown): value is Size => typeof value === 'number' || typeof value === 'object';

function trackCss(track: Track): string {
  if (track === 'auto') return track;
  if ('fr' in track) return `${plainNumber(track.fr)}fr`;
  const { least, most } = track;
  const upTo =
    most === 'max-content' ? most : typeof most === 'object' && 'fr' in most ? trackCss(most) : sizeCss(most);
  return `minmax(${sizeCss(least)}, ${upTo})`;
}

/** How each declaration that is not a size or a word is written. */
const written: { [Name in keyof Layout]?: (value: never) => string } = {
  order: String,
  flexGrow: String,
  flexShrink: String,
  lineHeight: String,
  fontWeight: String,
  gridTemplateColumns: (value: readonly Track[] | 'none') =>
    value === 'none' ? value : value.map(trackCss).join(' '),
  padding: (value: Size | readonly [Size, Size]) =>
    Array.isArray(value) ? value.map(sizeCss).join(' ') : sizeCss(value as Size),
  aspectRatio: (sides: readonly [number, number]) => sides.map(plainNumber).join(' / '),
  border: ({ width, look }: Line) => `${px(width)} ${look}`,
};

const kebab = keptByText((name) => name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`));

/** A layout as CSS declarations; what it names without a value is as it comes. */
export function layoutCss(layout: Layout): Declarations {
  const made: Record<string, string> = {};
  for (const name in layout) {
    const value = layout[name as keyof Layout];
    const own = written[name as keyof Layout] as ((value: unknown) => string) | undefined;
    const said = () => (own ? own(value) : isSize(value) ? sizeCss(value) : String(value));
    made[kebab(name)] = value === undefined ? AS_IT_COMES : said();
  }
  return made;
}
