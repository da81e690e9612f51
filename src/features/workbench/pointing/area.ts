import type { FrameBox } from '@/frame/messages';

/** What something takes of a view, in px of the screen. */
export interface Area {
  left: number;
  top: number;
  right: number;
  bottom: number;
}

/** Whether two of them have something in common. */
export const overlap = (one: Area, other: Area): boolean =>
  one.left < other.right && other.left < one.right && one.top < other.bottom && other.top < one.bottom;

/** How far something may lie over a text, in px of the screen: so much of a line of text has no letters. */
const OVER = 2;

/** What must not be covered of texts and pictures that are drawn, in CSS px, to a scale. */
export const inkAreas = (ink: readonly FrameBox[], scale: number): Area[] =>
  ink.map(({ x, y, width, height }) => ({
    left: x * scale + OVER,
    top: y * scale + OVER,
    right: (x + width) * scale - OVER,
    bottom: (y + height) * scale - OVER,
  }));
