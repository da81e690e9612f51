import { shownAsLabels } from '@/core/pieces/menu-css';
import { pieceKind } from '@/core/pieces';
import type { Piece } from '@/core/site/assembly';
import type { CollapseRule, Turn } from '@/core/site/collapse-rule';

/** What a piece may turn to, by a name for the choice: nothing, or a value of one of its properties. */
type Choice = 'as it is' | 'hidden' | keyof typeof shownAsLabels;

const isMenu = (piece: Piece) => pieceKind(piece.kind).properties.some(({ name }) => name === 'shownAs');

/** A choice in words. */
export function choiceLabel(choice: Choice): string {
  return choice === 'as it is' || choice === 'hidden' ? choice : shownAsLabels[choice];
}

/** The choices that a piece has under a rule. */
export function turnChoices(piece: Piece): { value: Choice; label: string }[] {
  const forms = isMenu(piece) ? (Object.keys(shownAsLabels) as Choice[]) : [];
  return (['as it is', ...forms, 'hidden'] as const).map((value) => ({ value, label: choiceLabel(value) }));
}

/** What a rule makes of a piece. */
export function asTurned({ turns }: CollapseRule, { id }: Piece): Choice {
  const own = turns.filter((turn) => turn.piece === id);
  if (own.some(({ property, value }) => property === 'shown' && value === 'hidden')) return 'hidden';
  return (own.find(({ property }) => property === 'shownAs')?.value as Choice | undefined) ?? 'as it is';
}

/** A rule that makes something else of a piece. */
export function withTurn(rule: CollapseRule, { id: piece }: Piece, choice: Choice): CollapseRule {
  const others = rule.turns.filter((turn) => turn.piece !== piece);
  const own: Turn[] =
    choice === 'as it is'
      ? []
      : choice === 'hidden'
        ? [{ piece, property: 'shown', value: 'hidden' }]
        : [{ piece, property: 'shownAs', value: choice }];
  return { ...rule, turns: [...others, ...own] };
}
