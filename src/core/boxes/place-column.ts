import {
  fitted,
  hasOwnWidth,
  inOrder,
  limited,
  margins,
  size,
  spread,
  type Content,
  type Inside,
} from './at-width';
import { baselineOf, moved, type PlacedBox } from './placed';
import { shownIn } from './setting';

/** Boxes below each other; `height` is that of the room inside, where it has one. */
export function placeColumn({ box, room, height, setting, place }: Inside): Content {
  const { layout } = box;
  const flexes = layout.display === 'flex' || layout.display === 'inline-flex';
  const gap = size(layout.gap ?? 0, setting);
  const boxes = inOrder(shownIn(box));
  const cells = boxes.map((each) => {
    const { alignSelf, marginInline } = each.layout;
    const align = marginInline === 'auto' ? 'center' : (alignSelf ?? layout.alignItems ?? 'stretch');
    const fits = flexes
      ? hasOwnWidth(each) || (align !== 'stretch' && marginInline !== 'auto')
      : hasOwnWidth(each) || each.layout.display?.startsWith('inline') === true;
    const beside = margins(each, setting);
    const width =
      (fits ? fitted(each, room, setting) : limited(each, room, setting)) - beside.start - beside.end;
    const free = room - width - beside.start - beside.end;
    const x = flexes && align === 'center' ? free / 2 : flexes && align === 'end' ? free : 0;
    return { each, width, align, start: beside.start, x: beside.start + x };
  });
  // Lines run beside each other here: on a common baseline, boxes begin where the margin of the last of them ends (CSS Align 3, 9.3).
  const lined = cells.filter(({ align }) => flexes && align === 'baseline');
  const baselineAt = Math.max(0, ...lined.map(({ start }) => start));
  const placed = cells.map(({ each, width }) => place(each, width));
  const used = placed.reduce((sum, each) => sum + each.height, 0) + gap * Math.max(0, placed.length - 1);
  const growing = cells.filter(({ each }) => each.layout.flexGrow === 1).length;
  const more = flexes && height !== null && growing > 0 ? Math.max(0, height - used) / growing : 0;
  const of: PlacedBox[] = [];
  const centred = layout.alignContent === 'center' ? 'center' : 'normal';
  // What is higher than its box sticks out at both ends where it is centred (CSS Align 3, 4.4 "unsafe").
  const free = height === null ? 0 : height - used - more * growing;
  const { start, between } = spread(free, placed.length, flexes ? layout.justifyContent : centred);
  let y = start;
  cells.forEach((cell, index) => {
    const { each, width } = cell;
    const x = lined.includes(cell) ? baselineAt : cell.x;
    const own = placed[index]!;
    const settled = more > 0 && each.layout.flexGrow === 1 ? place(each, width, own.height + more) : own;
    of.push(moved(settled, x, y));
    y += settled.height + gap + between;
  });
  const first = flexes ? of[0] : of.find(({ baseline }) => baseline !== null);
  return {
    of,
    height: used,
    baseline: first ? first.y + baselineOf(first) : null,
  };
}
