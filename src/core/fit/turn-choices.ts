import { pieceKind } from '../pieces';
import type { TurnOffer } from '../properties/giving';
import type { Piece } from '../site/assembly';
import type { Turn } from '../site/collapse-rule';
import type { Site } from '../site/site';
import { menusShown } from './row-menus';

/** Something that a piece can turn to under a rule: what one of its properties offers. */
export interface TurnChoice extends TurnOffer {
  property: string;
}

/** The choices that a piece has under a rule. */
export function turnChoices({ kind }: Pick<Piece, 'kind'>): TurnChoice[] {
  return pieceKind(kind).properties.flatMap(({ name, turns = [] }) =>
    turns.map((turn) => ({ ...turn, property: name })),
  );
}

/** Whether a piece says something of a property anywhere. */
export function says({ values }: Piece, property: string): boolean {
  return Object.values(values[property] ?? {}).some(Boolean);
}

/** A turn of a piece as a choice has it when it is first made. */
export function newTurn(site: Site, piece: Piece, { property, value, amount }: TurnChoice): Turn {
  if (!amount) return { piece: piece.id, property, value };
  const { usual, step } = amount;
  const most = Math.max(2, ...menusShown(site, piece).map(({ top }) => top.length));
  return { piece: piece.id, property, value: typeof usual === 'number' ? usual : most - 1, step };
}
