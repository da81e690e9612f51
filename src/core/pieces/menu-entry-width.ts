import type { Length } from '../lengths/formula';
import { times, total, widest, type Piecewise } from '../lengths/piecewise';
import type { State } from '../properties/states';
import { INDENT, TOGGLE_SIGN, TOGGLE_WIDTH } from './menu-css';
import { belowPart, itemPart, reservedWeight } from './menu-parts';
import { dressOf, iconWidth, type RoomContext, type RoomEntry, type SetOtherwise } from './room';

type Values = Record<string, unknown>;

const stateOf: Record<'page' | 'trail', State> = { page: 'current', trail: 'trail' };

/** What of a link stands beside its label: its icon, its badge and the gaps between them (menu-css.ts). */
function signsWidth(
  values: Values,
  { icon, badge, description }: RoomEntry,
  weight: number | null,
  context: RoomContext,
  alone: boolean,
): Piecewise[] {
  if (icon === null && badge === '' && description === '') return [];
  const signs = alone ? [] : [context.em(2 * 0.5)];
  if (icon !== null) signs.push(iconWidth(values, context));
  if (badge !== '') signs.push(context.text(badge, { scale: 0.75, weight }), context.em(0.75));
  return signs;
}

/** The width of a label, with the room that it keeps for its heaviest state. */
function labelWidth(values: Values, label: string, otherwise: SetOtherwise, context: RoomContext): Piecewise {
  const own = context.text(label, otherwise);
  const reserved = reservedWeight(values);
  return reserved === null ? own : widest(own, context.text(label, { ...otherwise, weight: reserved }));
}

/** The width of the button behind which items go where room is short (menu-css.ts). */
export function moreWidth(values: Values, context: RoomContext): Piecewise {
  const { weight, edge } = dressOf(values, itemPart.prefix);
  return total(
    labelWidth(values, (values.moreLabel as string) || 'More', { weight }, context),
    context.em(0.5),
    context.rem(TOGGLE_SIGN),
    times(context.length(values.itemPaddingInline as Length), 2),
    context.px(2 * context.border(edge)),
  );
}

/** The width of a link in a menu, without the button beside it. */
export function linkWidth(
  values: Values,
  entry: RoomEntry,
  context: RoomContext,
  { below = false, otherwise = {} }: { below?: boolean; otherwise?: SetOtherwise } = {},
): Piecewise {
  const state = entry.current === null ? 'rest' : stateOf[entry.current];
  const own = dressOf(values, itemPart.prefix, state);
  const dressed = below ? dressOf(values, belowPart.prefix, state) : own;
  const weight = dressed.weight ?? own.weight;
  // Only those of the first level, which stand in the bar itself.
  const alone = Boolean(values.signsAlone) && entry.icon !== null && !below;
  const label = alone ? context.px(0) : labelWidth(values, entry.label, { ...otherwise, weight }, context);
  return total(
    label,
    times(context.length(values.itemPaddingInline as Length), 2),
    context.px(2 * context.border(dressed.edge ?? own.edge)),
    ...signsWidth(values, entry, weight, context, alone),
  );
}

/** The width of an entry of the first level in a row, without the gap to the next. */
export function entryWidth(values: Values, entry: RoomEntry, context: RoomContext): Piecewise {
  const link = linkWidth(values, entry, context);
  return entry.children.length === 0 ? link : total(link, context.rem(TOGGLE_WIDTH));
}

/** The width of an entry under which its children stand open, indented by some CSS px at the usual text size. */
export function openWidth(
  values: Values,
  entry: RoomEntry,
  context: RoomContext,
  { indent, ...how }: { indent: number; below?: boolean; otherwise?: SetOtherwise },
): Piecewise {
  const children = entry.children.map((child) =>
    total(context.rem(indent), openWidth(values, child, context, { indent: INDENT, below: true })),
  );
  return widest(linkWidth(values, entry, context, how), ...children);
}
