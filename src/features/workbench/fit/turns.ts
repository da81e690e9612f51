import { EVERYWHERE } from '@/core/bands/follow';
import { pieceKind } from '@/core/pieces';
import { shownAsLabels } from '@/core/pieces/menu/forms';
import type { AssemblyKind } from '@/core/properties/assembly';
import type { Piece } from '@/core/site/assembly';
import type { CollapseRule, Turn } from '@/core/site/collapse-rule';
import type { Site } from '@/core/site/site';

/** How far a turn goes that is taken step by step. */
interface Amount {
  /** What is said before the number, and after it. */
  words: readonly [string, string];
  least: number;
  most: number;
  step: number;
  /** Where a new turn goes to. */
  usual(site: Site, piece: Piece): number;
}

/** Something that a piece can turn to under a rule. */
export interface TurnChoice {
  id: string;
  label: string;
  property: string;
  /** The value that it turns to; where there is an amount, that is the value. */
  value?: unknown;
  amount?: Amount;
  /** What cannot be said of the piece beside: some choices, or any. */
  excludes?: readonly string[] | 'all';
  /** It needs other markup, so the width at which it begins has to be known beforehand. */
  beforehand?: boolean;
  /** The pieces for which it is offered; all, where nothing is said. */
  suits?(piece: Piece): boolean;
}

/** How many items the menus of a piece have at most, on the first level. */
function itemCount(site: Site, { values }: Piece): number {
  const menus = Object.values(values.menu ?? {}).flatMap((id) => site.menus[id as string] ?? []);
  return Math.max(2, ...menus.map(({ top }) => top.length));
}

const items = (before: string): Amount => ({
  words: [before, 'one by one'],
  least: 1,
  most: 40,
  step: 1,
  usual: (site, piece) => itemCount(site, piece) - 1,
});

const lengths = (least: number, most: number, step: number, usual: number): Amount => ({
  words: ['down to', 'px'],
  least,
  most,
  step: -step,
  usual: () => usual,
});

/** Forms of a menu in which no items leave one by one. */
const WHOLE = ['button', 'column', 'columns', 'scrolling'];

const hasLogo = ({ values }: Piece) => Object.values(values.around ?? {}).some(Boolean);

/** Everything that a piece may turn to, where it has the property. */
const allChoices: readonly TurnChoice[] = [
  ...Object.entries(shownAsLabels).map(([value, label]) => ({
    id: value,
    label,
    property: 'shownAs',
    value,
  })),
  ...Object.entries({ after: 'links behind the logo', below: 'links in a row below the logo' }).map(
    ([value, label]) => ({
      id: `links-${value}`,
      label,
      property: 'around',
      value,
      beforehand: true,
      // Behind a button there are no links to be seen.
      excludes: ['button'],
      suits: hasLogo,
    }),
  ),
  {
    id: 'behind',
    label: 'items behind “more”',
    property: 'behind',
    amount: items('at most'),
    excludes: WHOLE,
  },
  {
    id: 'leftOut',
    label: 'fewer items',
    property: 'leftOut',
    amount: items('by at most'),
    excludes: WHOLE,
  },
  { id: 'signs', label: 'icons without labels', property: 'signsAlone', value: true },
  { id: 'below', label: 'its bay in a row below', property: 'ownRow', value: true },
  { id: 'gap', label: 'narrower gaps', property: 'itemGap', amount: lengths(0, 120, 1, 2) },
  { id: 'inside', label: 'narrower inside', property: 'paddingInline', amount: lengths(0, 80, 1, 8) },
  { id: 'artwork', label: 'smaller artwork', property: 'artworkHeight', amount: lengths(8, 400, 1, 28) },
  { id: 'padding', label: 'items closer', property: 'itemPaddingInline', amount: lengths(0, 80, 1, 4) },
  { id: 'text', label: 'smaller text', property: 'textSize', amount: lengths(8, 160, 0.5, 13) },
  {
    id: 'drawer',
    label: 'in the drawer',
    property: 'shown',
    value: 'drawer',
    excludes: 'all',
    beforehand: true,
  },
  { id: 'hidden', label: 'hidden', property: 'shown', value: 'hidden', excludes: 'all' },
];

/** The choices that a piece has under a rule. */
export function turnChoices({ kind }: Piece): TurnChoice[] {
  const { properties } = pieceKind(kind);
  return allChoices.filter(({ property }) =>
    properties.some(({ name, by }) => name === property && by === 'width'),
  );
}

const isOf = (turn: Turn, { property, value, amount }: TurnChoice) =>
  turn.property === property && (amount ? turn.step !== undefined : turn.value === value);

/** The choices that are offered for a piece under a rule: only pieces of headers leave for a drawer. */
export function offeredChoices(piece: Piece, kind: AssemblyKind, { when }: CollapseRule): TurnChoice[] {
  return turnChoices(piece).filter(
    ({ id, beforehand, suits }) =>
      !(beforehand && when.by === 'browser') &&
      (id !== 'drawer' || kind === 'headers') &&
      (suits?.(piece) ?? true),
  );
}

/** What a rule makes of a piece: the choices with the turns that say them. */
export function turned({ turns }: CollapseRule, piece: Piece): { choice: TurnChoice; turn: Turn }[] {
  const own = turns.filter((turn) => turn.piece === piece.id);
  return turnChoices(piece).flatMap((choice) =>
    own.filter((turn) => isOf(turn, choice)).map((turn) => ({ choice, turn })),
  );
}

function excluding(one: TurnChoice, other: TurnChoice): boolean {
  const says = ({ excludes = [] }: TurnChoice, { id }: TurnChoice) =>
    excludes === 'all' || excludes.includes(id);
  return one.property === other.property || says(one, other) || says(other, one);
}

function newTurn(site: Site, piece: Piece, { property, value, amount }: TurnChoice): Turn {
  return amount
    ? { piece: piece.id, property, value: amount.usual(site, piece), step: amount.step }
    : { piece: piece.id, property, value };
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
    (choice) => before.find((each) => each.choice === choice)?.turn ?? newTurn(site, piece, choice),
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

/** What a rule makes of a piece, in a few words. */
export function turnText(rule: CollapseRule, piece: Piece): string {
  return turned(rule, piece)
    .map(({ choice: { label, amount }, turn }) =>
      amount ? `${label}, ${amount.words[0]} ${String(turn.value)} ${amount.words[1]}` : label,
    )
    .join(', ');
}

/** Whether a menu leads somewhere when it is a menu button. */
export const opensSomething = ({ values }: Piece) => (values.opens?.[EVERYWHERE] ?? null) !== null;
