import type { PageChange } from '../core/markup/page-change';
import type { StylesheetChange } from '../core/markup/stylesheet';
import type { Stretch } from '../core/pointing/dimensions';

/** Where something stands in the window of a frame, in CSS px of its page. */
export interface FrameBox {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** An element that a frame tells of: what it is, which item of a menu it is where it is one, and where it stands. */
export interface FrameElement {
  tag: string;
  classes: readonly string[];
  nth: number | null;
  box: FrameBox;
}

/** An element and all that it stands in, outwards, up to the page. */
export type FrameChain = readonly FrameElement[];

/** The way to an item of a menu: where its list is found in the piece, and in each list the how many-th item. */
export interface ItemWay {
  within: string | null;
  way: readonly number[];
}

/** What is found in a frame by a selector, or of items of menus by the ways to them in it. */
export interface FrameTarget {
  selector: string;
  items: readonly ItemWay[] | null;
}

/** A point in the window of a frame, in CSS px of its page, and which way that runs. */
export interface FramePoint {
  x: number;
  y: number;
  rightToLeft: boolean;
}

/** A line in a frame, in CSS px of its page: from the end that stays where a length changes to the one that moves (x, y, x, y). */
export type FrameLine = readonly [number, number, number, number];

/** Lengths whose lines are asked for: the selector of what each is seen on, and as which stretch. */
export type FrameDimension = readonly { selector: string; stretch: Stretch }[];

/** The lines of a length, and as which stretch it is seen. */
export interface FrameLines {
  stretch: Stretch;
  lines: readonly FrameLine[];
}

/** Where the target of a frame stands, the lines of the lengths that were asked for, null for one that is not seen, how far it is from what is beside it, and where texts and pictures are drawn around all of them. */
export interface FramePlace {
  target: FrameTarget | null;
  box: FrameBox | null;
  lines: readonly (FrameLines | null)[];
  free: readonly FrameLine[];
  ink: readonly FrameBox[];
  /** How its header stands on the page: at the top, or as scrolled. */
  phase: string;
}

/** How things are pointed at in a frame. */
export interface FramePointers {
  /** The selectors of items of menus, and of what they are counted in. */
  items: string;
  holders: string;
  /** The keys that it hands on, with Alt and Shift where they are held with it, such as `Alt+ArrowUp`. */
  keys: readonly string[];
}

/** What a frame is to show, told as what makes it of what it has been told before. */
export interface FrameShown {
  page: PageChange;
  css: StylesheetChange;
  /** The id of the open drawer's element. */
  drawer: string | null;
  /** The selector of the drop-down that stands open. */
  dropDown: string | null;
  /** Whether the end of the page is to be in sight. */
  atEnd: boolean;
  /** Whether nothing moves, as for those who asked for less motion. */
  still: boolean;
  /** Said again when it was heard and painted. */
  round: number;
}

/** What a frame is asked. */
export type FrameAsked =
  | ({ asks: 'show' } & FrameShown)
  | {
      asks: 'point';
      pointers: FramePointers;
      target: FrameTarget | null;
      dimensions: readonly FrameDimension[];
    }
  /** The boxes of what selectors find. */
  | { asks: 'measure'; selectors: readonly string[] }
  | { asks: 'scroll'; to: number };

/** What a frame says. */
export type FrameSaid =
  | { says: 'pointed'; chain: FrameChain | null }
  | { says: 'clicked'; chain: FrameChain; more: boolean }
  | { says: 'doubled'; chain: FrameChain; text: string }
  | ({ says: 'placed' } & FramePlace)
  | { says: 'pressed'; combo: string }
  | { says: 'grasped'; chain: FrameChain }
  | { says: 'dragged'; at: FramePoint }
  | { says: 'dropped'; at: FramePoint | null }
  | { says: 'measured'; boxes: readonly (FrameBox | null)[] }
  | { says: 'ready'; file: string }
  | { says: 'heard'; round: number }
  /** At a time in ms since 1970. */
  | { says: 'painted'; round: number; at: number }
  | { says: 'drawer'; drawer: string | null }
  | { says: 'leaves'; href: string }
  | { says: 'opened'; opened: boolean }
  | { says: 'escape' }
  | { says: 'scrolled'; top: number; most: number };
