import type { FrameBox } from '@/frame/messages';
import { overlap, type Area } from './area';

/** How high a name is, how wide about for each of its characters and each of its figures, and beside them, in px of the screen. */
const HEIGHT = 18;
const CHARACTER = 5.7;
const FIGURE = 6.6;
const BESIDE = 14;

/** Where the name of a thing in a view stands: above or below it, how far from its start, null for along its end, and what it takes, in px of the screen. */
export interface NamePlace {
  below: boolean;
  fromStart: number | null;
  area: Area;
}

/** What is written at a thing that is outlined: what it is called, and its size in CSS px. */
export const sizeText = ({ width, height }: FrameBox): string =>
  `${Math.round(width)} × ${Math.round(height)}`;

/** Where a name stands at a thing in a view of a width, in CSS px, so that it stays in it: where it covers the least, at best above. */
export function namePlace(
  name: string,
  box: FrameBox,
  { view, scale, ink }: { view: number; scale: number; ink: readonly Area[] },
): NamePlace {
  const wide = name.length * CHARACTER + sizeText(box).length * FIGURE + BESIDE;
  const [start, end] = [box.x * scale, (box.x + box.width) * scale];
  // In the second half of a view it reaches back.
  const back = box.x + box.width / 2 > view / 2;
  const wanted = back ? end - wide : start;
  const left = Math.max(0, Math.min(wanted, view * scale - wide));
  const fromStart = back && left === wanted ? null : left - start;
  const places = [false, true].map((below): NamePlace => {
    const top = below ? (box.y + box.height) * scale : box.y * scale - HEIGHT;
    return { below, fromStart, area: { left, top, right: left + wide, bottom: top + HEIGHT } };
  });
  const covered = ({ area }: NamePlace) => ink.filter((each) => overlap(area, each)).length;
  const [above, below] = places as [NamePlace, NamePlace];
  return above.area.top < 0 || covered(below) < covered(above) ? below : above;
}
