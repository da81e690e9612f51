import type { Id } from '../ids/id';
import { pieceKind } from '../pieces';
import type { SettledPiece } from '../pieces/piece';
import { linkedPage } from '../properties/link';
import type { ByState } from '../properties/property';
import { settledPieces, type SettledAssembly } from '../resolve/assembly';
import type { Menu } from '../site/menu';
import type { Site } from '../site/site';

const known = new WeakMap<SettledPiece, boolean>();

/** Whether an item of the current page, or of one above it, takes other room than its neighbours. */
function marksTakeRoom(piece: SettledPiece): boolean {
  const takes = known.get(piece) ?? saysOfMarks(piece);
  known.set(piece, takes);
  return takes;
}

function saysOfMarks({ kind, values }: SettledPiece): boolean {
  return pieceKind(kind).properties.some(({ name, takesRoom }) => {
    if (takesRoom !== true) return false;
    const { rest, current = rest, trail = current } = values[name] as ByState<unknown>;
    return current !== rest || trail !== rest;
  });
}

/** Pages that mark different items of the first level: those that these lead to, and of each one that is led to from below it. */
function markingPages({ top, items }: Menu): Id[] {
  const led = (id: Id) => linkedPage(items[id]!.link);
  const below = (id: Id): Id | null => {
    const inside = items[id]!.children;
    return inside.map((each) => led(each) ?? below(each)).find((page) => page !== null) ?? null;
  };
  return top.flatMap((id) => [led(id), below(id)]).filter((page) => page !== null);
}

/**
 * The pages that tell how much room bars need: one that no menu leads to (null), and where the current item takes other room than
 * the rest, those on which another item of the first level is the current one or stands above it.
 */
export function tellingPages(site: Site, phases: readonly SettledAssembly[]): (Id | null)[] {
  const marking = new Set(phases.flatMap(settledPieces).filter(marksTakeRoom));
  const menus = [...marking].flatMap(({ kind, values }) => {
    const { rowOf } = pieceKind(kind);
    return (rowOf === undefined ? undefined : site.menus[values[rowOf] as Id]) ?? [];
  });
  return [...new Set([null, ...[...new Set(menus)].flatMap(markingPages)])];
}
