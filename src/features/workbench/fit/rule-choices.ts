import { turned } from '@/core/fit/rule-words';
import { newTurn, says, turnChoices, type TurnChoice } from '@/core/fit/turn-choices';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import type { Piece } from '@/core/site/assembly';
import type { CollapseRule, Turn } from '@/core/site/collapse-rule';
import type { Site } from '@/core/site/site';

/** The choices that are offered for a piece under a rule: only pieces of headers leave for a drawer. */
export function offeredChoices(piece: Piece, kind: AssemblyKind, { when }: CollapseRule): TurnChoice[] {
  return turnChoices(piece).filter(
    ({ beforehand, inHeaders, needs }) =>
      !(beforehand && when.by === 'browser') &&
      (!inHeaders || kind === 'headers') &&
      (needs === undefined || says(piece, needs)),
  );
}

function excluding(one: TurnChoice, other: TurnChoice): boolean {
  const shutsOut = ({ excludes = [] }: TurnChoice, { id }: TurnChoice) =>
    excludes === 'all' || excludes.includes(id);
  return one.property === other.property || shutsOut(one, other) || shutsOut(other, one);
}

/** A rule with what it makes of a piece chosen anew; of two choices that exclude each other the later one counts. */
export function withChoices(
  site: Site,
  rule: CollapseRule,
  piece: Piece,
  ids: readonly string[],
): CollapseRule {
  const before = turned(rule, piece);
  const chosen = ids.flatMap((id) => turnChoices(piece).filter((choice) => choice.id === id));
  const last = chosen.at(-1);
  const kept = chosen.filter((choice) => choice === last || !excluding(choice, last!));
  const turns = kept.map(
    (choice) => before.find((each) => each.choice.id === choice.id)?.turn ?? newTurn(site, piece, choice),
  );
  return { ...rule, turns: [...rule.turns.filter((turn) => turn.piece !== piece.id), ...turns] };
}

/** A rule in which a turn goes to another value. */
export function withAmount(rule: CollapseRule, of: Turn, value: number): CollapseRule {
  return {
    ...rule,
    turns: rule.turns.map((turn) =>
      turn.piece === of.piece && turn.property === of.property ? { ...turn, value } : turn,
    ),
  };
}

/** Whether a menu leads somewhere when it is a menu button. */
export const opensSomething = (piece: Piece) => says(piece, 'opens');
