import type { Id } from '../ids/id';
import type { Assembly, Bar, Piece } from './assembly';
import type { CollapseRule } from './collapse-rule';
import type { IdSource } from './defaults';
import { copyName } from './name';

/** A copy of a piece under an id of its own. */
function copyPiece(piece: Piece, ids: IdSource): Piece {
  return { ...piece, id: ids() };
}

/** A copy of a bar with the pieces that stand in it, all under ids of their own. */
export function copyBar(assembly: Assembly, bar: Bar, ids: IdSource): { bar: Bar; pieces: Piece[] } {
  const pieces = new Map<Id, Piece>(
    bar.bays.flatMap((bay) => bay.pieces.map((id) => [id, copyPiece(assembly.pieces[id]!, ids)])),
  );
  const copyRule = (rule: CollapseRule): CollapseRule => ({
    ...rule,
    id: ids(),
    turns: rule.turns.map((turn) => ({ ...turn, piece: pieces.get(turn.piece)!.id })),
  });
  const copied: Bar = {
    ...bar,
    id: ids(),
    name: copyName(bar.name),
    bays: bar.bays.map((bay) => ({
      ...bay,
      pieces: bay.pieces.map((id) => pieces.get(id)!.id),
    })),
    ...(bar.rules && { rules: bar.rules.map(copyRule) }),
  };
  return { bar: copied, pieces: [...pieces.values()] };
}
