import type { PlacedBox } from '../boxes/placed';
import type { Id } from '../ids/id';
import { resolveAssembly } from '../resolve/assembly';
import type { AssemblyKind } from '../properties/assembly-kind';
import type { Assembly } from '../site/assembly';
import { directionOf } from '../site/language';
import { placedAssembly } from './placed-assembly';
import type { Circumstances } from './circumstances';
import { stageAt, wayDown } from './way-down';

/** How far the first thing in a bar of a footer begins after that in the header above it, along the line, in CSS px; before it below zero. */
export interface LineUp {
  bar: Id;
  away: number;
}

/** The pieces in a placed bar, with where each begins and ends across the assembly. */
function* piecesIn(
  box: PlacedBox,
  from: number,
  ids: ReadonlySet<Id>,
): Generator<{ from: number; to: number }> {
  const at = from + box.x;
  if (box.id !== undefined && ids.has(box.id)) yield { from: at, to: at + box.width };
  else for (const each of box.of) yield* piecesIn(each, at, ids);
}

/** Where the first thing in each bar of an assembly begins along the line, from the edge of the window where lines start; bars in which nothing is seen are left out. */
function beginnings(
  circumstances: Circumstances,
  kind: AssemblyKind,
  own: Assembly,
  width: number,
): Map<Id, number> {
  const { site, advances } = circumstances;
  const stage = stageAt(wayDown(site, advances, kind, own), width);
  const settled = resolveAssembly(site, kind, own, stage);
  const placed = placedAssembly(circumstances, settled, stage.band, width);
  const ids = new Set(Object.keys(own.pieces));
  const turned = directionOf(circumstances.language) === 'rtl';
  return new Map(
    settled.bars.flatMap(({ id }, index) => {
      const seen = [...piecesIn(placed.of[index]!, placed.x, ids)].filter(({ from, to }) => to > from);
      const starts = seen.map(({ from, to }) => (turned ? width - to : from));
      return starts.length === 0 ? [] : [[id, Math.min(...starts)] as const];
    }),
  );
}

/** How the bars of a footer line up with the last bar of a header, at a width of the viewport in CSS px; empty where nothing is seen of the header. */
export function lineUp(
  circumstances: Circumstances,
  header: Assembly,
  footer: Assembly,
  width: number,
): LineUp[] {
  const above = [...beginnings(circumstances, 'headers', header, width).values()].at(-1);
  if (above === undefined) return [];
  return [...beginnings(circumstances, 'footers', footer, width)].map(([bar, begins]) => ({
    bar,
    away: begins - above,
  }));
}
