import type { Id } from '../ids/id';
import type { Piecewise } from '../lengths/piecewise';
import type { Length } from '../lengths/formula';
import type { Layout } from './layout';

/** How a text differs from the style of the text around it. */
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

/** The widths of lines at the start of a box, above it and below it, in CSS px. */
export interface Edges {
  start: number;
  above: number;
  below: number;
}

/** A thing with edges: it is drawn under a selector below its piece, and laid out as the CSS there says. */
export interface Box {
  /** The selector below the piece; empty for the piece itself, null for a text, which has none. */
  at: string | null;
  layout: Layout;
  of: readonly Box[];
  /** The text that it is. */
  text?: string;
  /** The width of artwork or a sign in times of its height. */
  ratio?: number;
  /** How its texts differ from those around it. */
  type?: SetOtherwise;
  /** The width of the line around it, or of those at its sides, where that is not as its layout says; in CSS px. */
  edge?: number | null | Edges;
  /** How wide it is at least so that a text of another weight has room too: its text in each of these weights. */
  reserves?: readonly number[];
  /** Whether its lines run from top to bottom: it is laid out as if they did not, and then turned by 90 degrees. */
  turned?: boolean;
  /** Whether it is drawn upside down (`rotate: 180deg`). */
  rotated?: boolean;
  /** What knows it again, where the box itself is made anew each time that it is asked for. */
  kept?: object;
  /** What it is measured with, where that is other than for the boxes around it: it is a piece of its own. */
  measures?: Measuring;
  /** The item, the piece or the bar that it shows. */
  id?: Id;
  /** Whether it has a ground, seen or not, or is a text that stands right on one. */
  ground?: true;
}

/**
 * What is measured of a box that stays the same at all widths of the viewport: as long as the same holds (`basis`), it need not be measured
 * again for another of them.
 */
export interface Steadiness {
  /** The same object as long as all that measures are made of is, but for the widths of the viewport. */
  basis: object;
  /** How often something was asked for that moves with the viewport, or that is not known yet. */
  moved: number;
}

/** How the lines of a text are set. */
export interface LinesSet {
  type?: SetOtherwise;
  /** Whether a line ends where its last letter does: else a space behind it, which is not drawn, may draw that letter nearer. */
  endsExactly: boolean;
}

/** What boxes are measured with; all in CSS px over the viewport width. */
export interface Measures {
  /** Where what was measured may be kept for other widths of the viewport. */
  steadiness?: Steadiness;
  px(length: number): Piecewise;
  /** A length of a box (lengths/formula.ts, `boxCss`). */
  length(length: Length): Piecewise;
  /** A length in `rem`, given in CSS px at the reader's usual text size. */
  rem(length: Length): Piecewise;
  /** In times of the size of a text. */
  em(count: number, otherwise?: SetOtherwise): Piecewise;
  /** The width of a text on one line. */
  text(text: string, otherwise?: SetOtherwise): Piecewise;
  /** The width of the widest stretch of a text that no line is broken in. */
  widestWord(text: string, otherwise?: SetOtherwise): Piecewise;
  /** How high a line of a text is; `lineHeight` in times of its size, or as its font is, where it is not that of the piece. */
  line(otherwise?: SetOtherwise, lineHeight?: number | 'normal'): Piecewise;
  /** How far the font of a text reaches above and below its baseline, rounded as browsers do; in CSS px. */
  font(otherwise?: SetOtherwise): { ascent: number; descent: number };
  /** The widths of the lines that a text is broken into where there is so much room, in CSS px. */
  lines(text: string, room: number, set: LinesSet): number[];
}

/** What a piece is measured with, made only when something of it is asked for that is not kept. */
export interface Measuring extends Pick<Measures, 'px' | 'steadiness'> {
  all(): Measures;
}

/** How wide a box wants to be and has to be, with its padding and the line around it; in CSS px over the viewport width. */
export interface Widths {
  /** With everything of it on one line: its max-content width (CSS Sizing 3, 5.1). */
  preferred: Piecewise;
  /** The least at which nothing sticks out of it: its min-content width. */
  least: Piecewise;
  /** The width at which it looks as it was designed, where that is more than it asks for. */
  ideal: Piecewise;
  /** Whether its lines break where it is narrower than it prefers. */
  wraps: boolean;
}

const TEXT: Layout = {};

/** A box with all that one may say: engines read things of one shape several times as fast as things of many. */
const NOTHING_SAID: Readonly<Box> = {
  at: null,
  layout: TEXT,
  of: [],
  text: undefined,
  ratio: undefined,
  type: undefined,
  edge: undefined,
  reserves: undefined,
  turned: undefined,
  rotated: undefined,
  kept: undefined,
  measures: undefined,
  id: undefined,
  ground: undefined,
};

/** All that boxes say of themselves: what is in them says the rest. */
export const saidOfBoxes = (Object.keys(NOTHING_SAID) as (keyof Box)[]).filter((name) => name !== 'of');

/** A text in a box. */
export function words(text: string): Box {
  return { ...NOTHING_SAID, text };
}

/** A box that is other in something: what was kept of the one is not true of it. */
export function otherBox(box: Box, change: Partial<Box>): Box {
  return { ...box, kept: {}, ...change };
}

/** A box that is drawn under a selector, with what is in it; what is null is left out. */
export function box(
  at: string,
  layout: Layout,
  of: readonly (Box | null)[],
  more: Omit<Box, 'at' | 'layout' | 'of'> = {},
): Box {
  const inside = of.filter((each) => each !== null);
  return { ...NOTHING_SAID, at, layout, of: more.ground ? inside.map(onGround) : inside, ...more };
}

/** A text that stands right on a ground; what has an element of its own does not. */
const onGround = (each: Box): Box => (each.at === null ? { ...each, ground: true } : each);
