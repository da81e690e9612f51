import { pieceKind } from '../pieces';
import type { Assembly, Piece } from '../site/assembly';
import type { Id } from '../ids/id';
import type { Menu } from '../site/menu';
import type { Site } from '../site/site';

/** The pieces that stand in a bar. */
export const piecesIn = ({ bars, pieces }: Assembly, bar: Id): Piece[] =>
  bars[bar]!.bays.flatMap((bay) => bay.pieces.map((id) => pieces[id]!));

/** The menus whose items a piece shows beside each other in some band; none where it is not made of them. */
export function menusShown(site: Site, { kind, values }: Piece): Menu[] {
  const { rowOf } = pieceKind(kind);
  const ids = Object.values((rowOf && values[rowOf]) ?? {}).filter((id) => typeof id === 'string');
  return [...new Set(ids)].flatMap((id) => site.menus[id] ?? []);
}
