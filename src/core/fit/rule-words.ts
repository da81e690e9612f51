import type { Assembly, Piece } from '../site/assembly';
import type { CollapseRule, Turn } from '../site/collapse-rule';
import type { Site } from '../site/site';
import { pieceTitle } from '../site/uses';
import { turnChoices, type TurnChoice } from './turn-choices';

const isOf = (turn: Turn, { property, value, amount }: TurnChoice) =>
  turn.property === property && (amount ? turn.step !== undefined : turn.value === value);

/** What a rule makes of a piece: the choices with the turns that say them. */
export function turned({ turns }: CollapseRule, piece: Piece): { choice: TurnChoice; turn: Turn }[] {
  const own = turns.filter((turn) => turn.piece === piece.id);
  return turnChoices(piece).flatMap((choice) =>
    own.filter((turn) => isOf(turn, choice)).map((turn) => ({ choice, turn })),
  );
}

/** What a rule makes of a piece, in a few words. */
export function turnText(rule: CollapseRule, piece: Piece): string {
  return turned(rule, piece)
    .map(({ choice: { label, amount }, turn }) =>
      amount ? `${label}, ${amount.words[0]} ${String(turn.value)} ${amount.words[1]}` : label,
    )
    .join(', ');
}

/** What a rule does, in a few words. */
export function ruleText(site: Site, assembly: Assembly, rule: CollapseRule): string {
  const pieces = [...new Set(rule.turns.map(({ piece }) => piece))].map((id) => assembly.pieces[id]!);
  const words = pieces.map((piece) => {
    const turned = turnText(rule, piece);
    // What is not among the offered turns is told by the piece alone.
    return turned === '' ? `${pieceTitle(site, piece)} gives way` : `${pieceTitle(site, piece)} → ${turned}`;
  });
  return words.length === 0 ? 'nothing turns yet' : words.join(', ');
}
