import { extremes, scaled, EVERY_WIDTH, type Length } from '../lengths/formula';
import { narrowest, times, total, widest, type Piecewise } from '../lengths/piecewise';
import type { Id } from '../ids/id';
import { brandLogoWidth } from './logo';
import { INDENT, SCROLLING, type ShownAs } from './menu-css';
import { standing } from './menu-leaving';
import { entryWidth, linkWidth, moreWidth, openWidth } from './menu-entry-width';
import { menuButtonPart } from './menu-parts';
import { splitAfter } from './menu-split';
import { dressOf, row, type Room, type RoomContext, type RoomEntry } from './room';

type Values = Record<string, unknown>;

/** The button that stands for a menu (menu-css.ts). */
function buttonWidth(values: Values, context: RoomContext): Piecewise {
  const { weight, edge } = dressOf(values, menuButtonPart.prefix);
  return total(
    context.em(1.1 + 0.6 + 2 * 0.8),
    context.text((values.buttonLabel as string) || 'Menu', { weight }),
    context.px(2 * (edge === null ? 1 : context.border(edge))),
  );
}

interface Lists {
  values: Values;
  entries: readonly RoomEntry[];
  context: RoomContext;
}

function gapOf({ values, context }: Lists, name = 'itemGap'): Piecewise {
  return context.length(values[name] as Length);
}

/** The widths of what stands in a row: the entries that have not left for want of room, and the button that stands for the others. */
function rowWidths({ values, entries, context }: Lists): Piecewise[] {
  const { inRow, more } = standing(values, entries);
  return [
    ...inRow.map((entry) => entryWidth(values, entry, context)),
    ...(more ? [moreWidth(values, context)] : []),
  ];
}

/** A row that scrolls where it is narrower than its entries. */
function scrollingRoom(lists: Lists): Room {
  const { values, entries, context } = lists;
  const widths = entries.map((entry) => linkWidth(values, entry, context));
  const all = total(row(context, widths, gapOf(lists)), context.px(2 * SCROLLING.padding));
  const preferred = widest(all, context.px(SCROLLING.least));
  return { preferred, least: context.px(SCROLLING.least) };
}

/** A row whose gaps may get narrower. */
function rowRoom(lists: Lists): Room {
  const { values, context } = lists;
  const widths = rowWidths(lists);
  const preferred = row(context, widths, gapOf(lists));
  return shrinksGaps(values)
    ? { preferred, least: row(context, widths, narrowest(gapOf(lists), gapOf(lists, 'itemGapLeast'))) }
    : { preferred };
}

/** Whether a length is less than another at some width of the viewport. */
function narrower(one: Length, other: Length): boolean {
  return extremes({ sum: [one, scaled(other, -1)] }, EVERY_WIDTH).least < 0;
}

/** Whether the gaps of a menu may get narrower than it has them. */
export function shrinksGaps({ shownAs, around, turned, itemGap, itemGapLeast }: Values): boolean {
  return (
    shownAs === 'row' &&
    !around &&
    !turned &&
    itemGapLeast !== null &&
    narrower(itemGapLeast as Length, itemGap as Length)
  );
}

/** The entries as lines that are turned by 90 degrees: each as wide as its line is high. */
function turnedRoom(lists: Lists): Room {
  const { values, entries, context } = lists;
  const width = total(context.line(), times(context.length(values.itemPaddingBlock as Length), 2));
  const along = values.shownAs === 'row' || values.shownAs === 'cells' || values.shownAs === 'columns';
  return {
    preferred: along
      ? row(
          context,
          entries.map(() => width),
          gapOf(lists),
        )
      : width,
  };
}

/** Cells are as wide as the widest of them where they are all alike; they ask for no more than what stands in them. */
function cellsRoom(lists: Lists): Room {
  const { context } = lists;
  const widths = rowWidths(lists);
  const cell = widest(context.px(0), ...widths);
  return {
    preferred: row(context, widths, gapOf(lists)),
    ideal: row(
      context,
      widths.map(() => cell),
      gapOf(lists),
    ),
  };
}

function columnRoom({ values, entries, context }: Lists): Room {
  const widths = entries.map((entry) => openWidth(values, entry, context, { indent: INDENT }));
  return { preferred: widest(context.px(0), ...widths) };
}

/** Columns with headings, which go below each other where they do not fit beside each other. */
function columnsRoom(lists: Lists): Room {
  const { values, entries, context } = lists;
  const otherwise = { heading: values.headingStyle as Id };
  const widths = entries.map((entry) => openWidth(values, entry, context, { indent: 0, otherwise }));
  return {
    preferred: row(context, widths, gapOf(lists)),
    least: widest(context.px(0), ...widths),
    wraps: true,
  };
}

const roomOf: Record<Exclude<ShownAs, 'button'>, (lists: Lists) => Room> = {
  row: rowRoom,
  scrolling: scrollingRoom,
  cells: cellsRoom,
  column: columnRoom,
  columns: columnsRoom,
};

/** A menu with the logo that it draws: beside each other, or the wider of both where it stands below it. */
function withLogoRoom(lists: Lists): Room {
  const { values, context } = lists;
  const collapsed = values.shownAs === 'button';
  const logo = brandLogoWidth(context, collapsed ? 'compact' : 'full', values.logoHeight as Length);
  if (values.around === 'around') return aroundRoom(lists, logo);
  const own = collapsed ? collapsedWidth(lists) : rowRoom(lists).preferred;
  return { preferred: values.around === 'below' ? widest(logo, own) : total(logo, own) };
}

const collapsedWidth = ({ values, context }: Lists) =>
  values.opens === null ? context.px(0) : buttonWidth(values, context);

/** Both sides of the logo take the same room where there is enough of it, so that the logo is truly in the middle. */
function aroundRoom(lists: Lists, logo: Piecewise): Room {
  const { values, entries, context } = lists;
  const shown = (half: readonly RoomEntry[]) => rowRoom({ ...lists, entries: half }).preferred;
  const at = (values.splitAfter as number | null) ?? splitAfter(values, entries, context);
  const [before, after] =
    values.shownAs === 'button'
      ? [collapsedWidth(lists), context.px(0)]
      : [shown(entries.slice(0, at)), shown(entries.slice(at))];
  const sides = widest(before, after);
  return { preferred: total(logo, sides, sides), least: total(logo, before, after) };
}

/** How much room a menu needs in the form in which it is shown; null where it has nothing to show in any band. */
export function menuRoom(values: Values, context: RoomContext): Room | null {
  const all = values.menu === null ? [] : context.entries(values.menu as string);
  if (all.length === 0) return null;
  const shownAs = values.shownAs as ShownAs;
  if (values.around) return withLogoRoom({ values, entries: all, context });
  if (shownAs === 'button') return { preferred: collapsedWidth({ values, entries: all, context }) };
  // Those that the band hides count in the order in which items leave a row.
  const lists = { values, entries: all, context };
  const shown = { ...lists, entries: all.filter((entry) => entry.shown) };
  if (values.turned) return turnedRoom(shown);
  return roomOf[shownAs](shownAs === 'row' || shownAs === 'cells' ? lists : shown);
}
