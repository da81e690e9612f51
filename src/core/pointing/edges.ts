import type { PlacedBox } from '../boxes/placed';
import { placeName } from '../edit/place-name';
import { placedAssembly } from '../fit/placed-assembly';
import { usually } from '../fit/heights';
import { stageAt, wayDown } from '../fit/way-down';
import type { Id } from '../ids/id';
import type { AssemblyKind } from '../properties/assembly-kind';
import { resolveAssembly } from '../resolve/assembly';
import { directionOf } from '../site/language';
import { seenWith } from '../site/placing';
import type { Site } from '../site/site';
import type { Advances } from '../text/advances';
import type { AssemblyPlace } from '../edit/place';

/** An edge along the line that something can be meant to stand in line with, in CSS px from the left of the window. */
export interface Edge {
  x: number;
  /** Whether things begin at it or end. */
  at: 'start' | 'end';
  /** What begins or ends there, in words. */
  of: string;
}

/** The columns in which what is in a box stands: boxes beside each other that are equally wide; none where it stands otherwise. */
function columnsIn(box: PlacedBox, from = 0): { from: number; box: PlacedBox }[] {
  const [first, ...more] = box.of.filter(({ width }) => width > 0);
  if (first === undefined) return [];
  if (more.length === 0) return columnsIn(first, from + first.x);
  const alike = more.every(({ width }) => Math.abs(width - first.width) < 0.5);
  const row = [first, ...more].filter(({ y }) => Math.abs(y - first.y) < 0.5);
  return alike && row.length > 1 ? row.map((each) => ({ from: from + each.x, box: each })) : [];
}

/** The edges of what stands in the bars of an assembly, and of the bars’ own content. */
function edgesIn(
  site: Site,
  advances: Advances,
  kind: AssemblyKind,
  id: Id,
  width: number,
  without: Id | null,
): Edge[] {
  const assembly = site[kind][id];
  if (!assembly) return [];
  const circumstances = usually(site, advances);
  const stage = stageAt(wayDown(site, advances, kind, assembly), width);
  const settled = resolveAssembly(site, kind, assembly, stage);
  const placed = placedAssembly(circumstances, settled, stage.band, width);
  const rightToLeft = directionOf(circumstances.language) === 'rtl';
  const at = { in: kind, assembly: id };
  const edges = (from: number, { width: long }: PlacedBox, of: string): Edge[] => [
    { x: rightToLeft ? from + long : from, at: 'start', of },
    { x: rightToLeft ? from : from + long, at: 'end', of },
  ];
  const within = (box: PlacedBox, from: number): Edge[] => {
    const x = from + box.x;
    if (box.id !== undefined && assembly.pieces[box.id]) {
      if (box.width === 0) return [];
      const name = placeName(site, { on: 'piece', ...at, piece: box.id });
      return [
        ...edges(x, box, name),
        ...columnsIn(box).flatMap(({ from, box: column }, index) =>
          edges(x + from, column, `${name}, column ${index + 1}`),
        ),
      ];
    }
    return box.of.flatMap((each) => within(each, x));
  };
  return settled.bars.flatMap((bar, index) => {
    const box = placed.of[index]!;
    const inside = box.of[0];
    if (bar.id === without || !inside || box.height === 0) return [];
    const x = placed.x + box.x + inside.x;
    const name = placeName(site, { on: 'bar', ...at, bar: bar.id });
    return [...edges(x, inside, name), ...inside.of.flatMap((bay) => within(bay, x))];
  });
}

/** The edges that what stands in a bar of a header or footer can be in line with at a width of the viewport: of its other bars, and of the footer or header on the same pages. */
export function edgesBeside(
  site: Site,
  advances: Advances,
  at: AssemblyPlace,
  bar: Id,
  width: number,
): readonly Edge[] {
  if (at.in === 'drawers') return [];
  const [kind, slot] =
    at.in === 'footers' ? (['headers', 'header'] as const) : (['footers', 'footer'] as const);
  const other = seenWith(site, at.assembly, slot);
  return [
    ...(other === null ? [] : edgesIn(site, advances, kind, other, width, null)),
    ...edgesIn(site, advances, at.in, at.assembly, width, bar),
  ];
}

/** How far something is from what it is nearly in line with, in CSS px: behind it above zero. */
export interface Miss {
  by: number;
  edge: Edge;
}

/** The edge nearest to where something begins or ends, no further away than `reach`, in CSS px; null where none is. */
export function nearest(
  edges: readonly Edge[],
  places: readonly { x: number; at: Edge['at'] }[],
  reach: number,
): Miss | null {
  const misses = places.flatMap(({ x, at }) =>
    edges.filter((edge) => edge.at === at).map((edge) => ({ by: x - edge.x, edge })),
  );
  const close = misses.filter(({ by }) => Math.abs(by) <= reach);
  return close.reduce<Miss | null>(
    (best, each) => (best === null || Math.abs(each.by) < Math.abs(best.by) ? each : best),
    null,
  );
}
