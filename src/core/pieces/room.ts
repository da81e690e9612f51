import type { Leaves } from '../properties/menu';
import type { LogoVersion } from '../brand/logo-versions';
import { ICON_SIZE, type IconName } from '../icons/icons';
import type { Length } from '../lengths/formula';
import { total, type Piecewise } from '../lengths/piecewise';
import type { Id } from '../ids/id';
import type { State } from '../properties/states';

/**
 * How much of a bar's width a piece needs, as functions of the viewport width in CSS px. What is left out is as what stands
 * before it.
 */
export interface Room {
  /** With everything of it on one line and no gap narrowed: its max-content width (CSS Sizing 3, 5.1). */
  preferred: Piecewise;
  /** The least width at which nothing sticks out of it. */
  least?: Piecewise;
  /** What it asks of a column at least: its min-content contribution (CSS Sizing 3, 5.2). */
  floor?: Piecewise;
  /** The width at which it looks as it was designed, where that is more than it asks for. */
  ideal?: Piecewise;
  /** Whether its lines break where it is narrower than it prefers. */
  wraps?: boolean;
}

/** How a text of a piece differs from the piece's own style. */
export interface SetOtherwise {
  weight?: number | null;
  /** In times of the piece's text size. */
  scale?: number;
  /** Another type style of the brand, as a whole. */
  style?: Id;
  /** Another type style of the brand, of which only weight, size and case are taken. */
  heading?: Id;
  /** With figures of one width. */
  tabular?: boolean;
}

/** An item of a menu as it takes room. */
export interface RoomEntry {
  id: Id;
  label: string;
  icon: IconName | null;
  picture: Id | null;
  badge: string;
  description: string;
  leaves: Leaves;
  current: 'page' | 'trail' | null;
  /** Whether it shows in the band. */
  shown: boolean;
  /** Those below it that show in the band. */
  children: RoomEntry[];
}

/** What a piece may ask when it says how much room it needs; widths are in CSS px over the viewport width. */
export interface RoomContext {
  px(length: number): Piecewise;
  /** A length of a box (lengths/formula.ts, `boxCss`). */
  length(length: Length): Piecewise;
  /** A length in `rem`, given in CSS px at the reader's usual text size. */
  rem(length: number): Piecewise;
  /** In times of the piece's text size. */
  em(count: number): Piecewise;
  /** The width of a text of the piece on one line. */
  text(text: string, otherwise?: SetOtherwise): Piecewise;
  /** The width of the widest stretch of a text that no line is broken in. */
  widestWord(text: string): Piecewise;
  /** How high a line of the piece's text is. */
  line(): Piecewise;
  /** How wide the line of a border of the brand is, in CSS px; 0 for none. */
  border(border: Id | null): number;
  /** The entries of a menu in the order of the band, also those that it hides. */
  entries(menu: Id): RoomEntry[];
  artwork(id: Id): { width: number; height: number } | null;
  logo(version: LogoVersion): Id | null;
  /** Whether all texts that were asked for so far have been measured; those that were not count as nothing. */
  measured(): boolean;
  siteName: string;
  languages: readonly { tag: string; name: string; current: boolean }[];
}

/** Things beside each other with the same gap between them; no room where there are none. */
export function row(context: RoomContext, parts: readonly Piecewise[], gap: Piecewise): Piecewise {
  const [first, ...others] = parts;
  return first === undefined ? context.px(0) : total(first, ...others.flatMap((part) => [gap, part]));
}

/** How a part of a piece is dressed in a state (properties/dress.ts), as far as that takes room. */
export function dressOf(
  values: Record<string, unknown>,
  prefix: string,
  state: State = 'rest',
): { weight: number | null; edge: Id | null } {
  const of = (name: string) => {
    const byState = values[`${prefix}${name}`] as Partial<Record<State, unknown>>;
    return byState[state] ?? byState.rest ?? null;
  };
  return { weight: of('Weight') as number | null, edge: of('Edge') as Id | null };
}

/** The width of an icon of a piece. */
export function iconWidth({ iconSize }: Record<string, unknown>, context: RoomContext): Piecewise {
  return iconSize === null || iconSize === undefined
    ? context.em(ICON_SIZE)
    : context.length(iconSize as Length);
}

/** A sign and words beside each other with a border around them, as `signAndWordsCss` has them. */
export function signAndWords(
  context: RoomContext,
  {
    values,
    prefix,
    bareBorder = 0,
  }: { values: Record<string, unknown>; prefix: string; bareBorder?: number },
  { icon, words }: { icon: unknown; words: readonly string[] },
): Piecewise {
  const { weight, edge } = dressOf(values, prefix);
  const parts = words.map((each) => context.text(each, { weight }));
  const shown = icon === null ? parts : [iconWidth(values, context), ...parts];
  const border = edge === null ? bareBorder : context.border(edge);
  return total(row(context, shown, context.em(0.5)), context.px(2 * border));
}
