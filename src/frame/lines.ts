import type { Stretch } from '../core/pointing/dimensions';
import { boxOf, seen } from './boxes';
import { linesOfTexts } from './ink';
import type { FrameDimension, FrameLine, FrameLines } from './messages';

const sides = ['Top', 'Right', 'Bottom', 'Left'] as const;
type Edges = Record<(typeof sides)[number], number>;

/** An element with what its stretches are measured by, in CSS px. */
interface Measured {
  element: Element;
  box: DOMRect;
  /** The edges within its border. */
  inside: Edges;
  padding: Edges;
  /** Where what is above and below, and beside, is measured: aside of the middle, which is left to be clicked at. */
  at: { x: number; y: number };
  rightToLeft: boolean;
  /** The size of its letters. */
  size: number;
}

function measured(element: Element): Measured {
  const box = element.getBoundingClientRect();
  const style = getComputedStyle(element);
  const ofSides = (of: (side: (typeof sides)[number]) => number) =>
    Object.fromEntries(sides.map((side) => [side, of(side)])) as Edges;
  const edges: Edges = { Top: box.top, Right: box.right, Bottom: box.bottom, Left: box.left };
  return {
    element,
    box,
    inside: ofSides((side) => {
      const line = parseFloat(style[`border${side}Width`]) || 0;
      return edges[side] + (side === 'Top' || side === 'Left' ? line : -line);
    }),
    padding: ofSides((side) => parseFloat(style[`padding${side}`]) || 0),
    at: { x: box.left + box.width / 5, y: (box.top + box.bottom) / 2 },
    rightToLeft: style.direction === 'rtl',
    size: parseFloat(style.fontSize),
  };
}

const inlinePadding = ({ inside, at, padding }: Measured): readonly [left: FrameLine, right: FrameLine] => [
  [inside.Left, at.y, inside.Left + padding.Left, at.y],
  [inside.Right, at.y, inside.Right - padding.Right, at.y],
];

/** The lines along which stretches of an element are measured (core/pointing/dimensions.ts), each from the end that stays to the end that moves with its length. */
const linesOf: Readonly<Record<Stretch, (of: Measured) => readonly FrameLine[]>> = {
  'padding-block': ({ inside, at, padding }) => [
    [at.x, inside.Top, at.x, inside.Top + padding.Top],
    [at.x, inside.Bottom, at.x, inside.Bottom - padding.Bottom],
  ],
  'padding-inline': inlinePadding,
  'padding-start': (of) => [inlinePadding(of)[of.rightToLeft ? 1 : 0]],
  height: ({ box }) => [[box.left, box.top, box.left, box.bottom]],
  width({ box, rightToLeft }) {
    // What stands at an edge of the window grows away from it, all else the way that lines run.
    const [left, right] = [box.left <= 1, box.right > innerWidth - 1];
    const toLeft = left === right ? rightToLeft : right;
    const [stays, moves] = toLeft ? [box.right, box.left] : [box.left, box.right];
    // Of what goes on below the window, where its figure is still seen.
    const y = Math.min(box.bottom, innerHeight - 24);
    return [[stays, y, moves, y]];
  },
  text({ element, size, rightToLeft }) {
    // Beside the first text that is seen in it.
    const first = linesOfTexts(element).next().value?.[0];
    if (!first) return [];
    const x = rightToLeft ? first.left - 4 : first.right + 4;
    const middle = (first.top + first.bottom) / 2;
    return [[x, middle + size / 2, x, middle - size / 2]];
  },
  gap({ element }) {
    const [one, other] = [...element.children].filter(seen).map((each) => each.getBoundingClientRect());
    if (!one || !other) return [];
    const y = (Math.max(one.top, other.top) + Math.min(one.bottom, other.bottom)) / 2;
    const x = (Math.max(one.left, other.left) + Math.min(one.right, other.right)) / 2;
    if (other.left >= one.right - 0.5) return [[one.right, y, other.left, y]];
    if (other.right <= one.left + 0.5) return [[one.left, y, other.right, y]];
    return [[x, one.bottom, x, other.top]];
  },
};

/** The lines of a length: on an element or in it, else on what it stands in, else on the first that is seen. */
export function linesFor(drawn: FrameDimension, element: Element): FrameLines | null {
  for (const { selector, stretch } of drawn) {
    const all = [...document.querySelectorAll(selector)];
    const on =
      all.find((each) => element.contains(each) && seen(each)) ??
      all.find((each) => each.contains(element) && seen(each)) ??
      all.find(seen);
    if (on) return { stretch, lines: linesOf[stretch](measured(on)) };
  }
  return null;
}

/** How far an element is from what stands beside it, or from the edges of what it stands in. */
export function distances(element: Element): FrameLine[] {
  const box = boxOf(element);
  const holder = element.parentElement!.closest('.bar, dialog, ul') ?? document.body;
  const around = holder.getBoundingClientRect();
  const others = [];
  for (let at = element; at !== holder; at = at.parentElement!)
    others.push(...[...at.parentElement!.children].filter((each) => each !== at && seen(each)).map(boxOf));
  const middle = box.y + box.height / 2;
  const level = others.filter(({ y, height }) => y < middle && y + height > middle);
  const before = level.map(({ x, width }) => x + width).filter((x) => x <= box.x + 0.5);
  const after = level.map(({ x }) => x).filter((x) => x >= box.x + box.width - 0.5);
  return [
    [box.x, middle, Math.max(around.left, ...before), middle],
    [box.x + box.width, middle, Math.min(around.right, ...after), middle],
  ];
}
