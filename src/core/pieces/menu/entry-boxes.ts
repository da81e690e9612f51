import { box, words, type Box } from '../../boxes/box';
import { cascaded, type Layout } from '../../boxes/layout';
import { sign } from '../../boxes/sign';
import type { Id } from '../../ids/id';
import type { State } from '../../properties/states';
import { dressedBox, dressOf, type PieceContent, type RoomEntry } from '../content';
import type { BesideHanging } from '../piece';
import { hasHeads, nestedLayouts, opensBeside } from './below';
import { besideLayouts } from './beside';
import { laidCard } from './card';
import { CHEVRON } from '../chevron';
import { isRuled, isUnfolding } from './unfolding';
import { menuLayouts, moreLayout } from './layouts';
import { standing } from './leaving';
import { belowPart, itemPart, reservedWeight } from './parts';
import type { MenuValues } from './properties';

/** What the boxes of a menu are made with. */
export interface Making {
  values: MenuValues;
  content: PieceContent;
  laid: ReturnType<typeof menuLayouts>;
}

const stateOf: Record<'page' | 'trail', State> = { page: 'current', trail: 'trail' };

/** How an entry is dressed: one below as those of the first level, where nothing is said of it. */
function dressOfEntry({ values, content }: Making, { current }: RoomEntry, below: boolean) {
  const state = current === null ? 'rest' : stateOf[current];
  const own = dressOf(values, itemPart.prefix, state);
  const dressed = below ? dressOf(values, belowPart.prefix, state) : own;
  return { weight: dressed.weight ?? own.weight, edge: content.border(dressed.edge ?? own.edge) };
}

/** A label, with the room that it keeps for its heaviest state. */
function labelText({ values }: Making, label: string): Box {
  const reserved = reservedWeight(values);
  return { ...words(label), ...(reserved === null ? {} : { reserves: [reserved] }) };
}

/** The badge of an entry, behind its label. */
const badgeBox = ({ laid }: Making, { badge }: RoomEntry): Box =>
  box('.menu-badge', cascaded(laid['.menu-badge'], { gridColumn: '3' }), [words(badge)]);

/** The link of an entry; `below` where it is of a deeper level. */
function linkBox(making: Making, entry: RoomEntry, below: boolean, heading: Id | null): Box {
  const { values, laid } = making;
  const { icon, badge, description, label } = entry;
  const { weight, edge } = dressOfEntry(making, entry, below);
  const type = heading === null ? { weight } : { heading, weight };
  const rich = entry.card || icon !== null || badge !== '' || description !== '';
  // Only those of the first level, which stand in the bar itself.
  const alone = values.signsAlone && icon !== null && !below;
  const layout = cascaded(
    laid['.menu-link'],
    rich ? laid['.menu-link:has(> .menu-label)'] : {},
    below ? laid['.menu-below .menu-link'] : laid['.menu-list > li > .menu-link'],
    icon === null || below ? {} : laid['.menu-list > li > .menu-link:has(> .icon)'],
  );
  const text = labelText(making, label);
  const described = cascaded(laid['.menu-description'], below ? laid['.menu-below .menu-description'] : {});
  const inside = rich
    ? [
        icon === null ? null : sign(values),
        alone ? null : box('.menu-label', laid['.menu-label'], [text]),
        badge === '' ? null : badgeBox(making, entry),
        description === '' || entry.card ? null : box('.menu-description', described, [words(description)]),
      ]
    : [text];
  return box('.menu-link', layout, inside, {
    type,
    edge,
    rotated: values.turned && !below,
    id: entry.id,
  });
}

/** An entry as a card: its picture, its description, and its label as a button. */
function cardBox(making: Making, entry: RoomEntry): Box {
  const { laid, content, values } = making;
  const card = laidCard(values);
  const { weight, edge } = dressOfEntry(making, entry, true);
  const pictured = entry.picture !== null && content.artwork(entry.picture) !== null;
  const layout = cascaded(
    laid['.menu-link'],
    laid['.menu-link:has(> .menu-label)'],
    laid['.menu-below .menu-link'],
    card.whole,
  );
  const button = cascaded(laid['.menu-label'], card.button);
  const inside = [
    pictured ? box('.menu-picture', card.picture, []) : null,
    entry.description === '' ? null : box('.menu-card-words', card.words, [words(entry.description)]),
    box('.menu-label', button, [words(entry.label)]),
    entry.badge === '' ? null : badgeBox(making, entry),
  ];
  return box('.menu-link', layout, inside, { type: { weight }, edge, id: entry.id });
}

/** A box that is laid out otherwise in some things. */
export const otherLayout = (of: Box, layout: Layout): Box => ({ ...of, layout: cascaded(of.layout, layout) });

/** The list of what stands below an entry of the first level, or of a deeper one. */
export function belowBox(making: Making, entry: RoomEntry, first: boolean): Box | null {
  const { laid, values } = making;
  if (entry.children.length === 0) return null;
  const layout = first
    ? laid['.menu-list > li > .menu-below']
    : nestedLayouts(values)['.menu-below .menu-below'];
  const heading = ({ children }: RoomEntry) =>
    first && hasHeads(values) && children.length > 0 ? values.headingStyle : null;
  const items = entry.children.map((child) =>
    box('.menu-below > li', laid['.menu-below > li'], [
      first && child.card && hasHeads(values)
        ? cardBox(making, child)
        : linkBox(making, child, true, heading(child)),
      isUnfolding(values) ? toggleBox(making, child) : null,
      openBelow(making, child, false),
    ]),
  );
  return box('.menu-below', layout, items);
}

/** A drop-down whose items open the lists below them beside it; null where none has one. */
export function besideBox(making: Making, { children }: RoomEntry, edge: number): BesideHanging | null {
  const { laid } = making;
  if (!opensBeside(making.values) || children.every((child) => child.children.length === 0)) return null;
  const own = besideLayouts;
  const items = children.map((child) =>
    box('.menu-below > li', cascaded(laid['.menu-below > li'], own['> li']), [
      linkBox(making, child, true, null),
      toggleBox(making, child, own['> li > .menu-toggle']),
    ]),
  );
  const lists = children.flatMap((child, index) => {
    const below = belowBox(making, child, false);
    const laidOut = { ...own['> li > .menu-below'], display: 'block' } as const;
    return below ? [{ entry: child.id, index, box: { ...otherLayout(below, laidOut), edge } }] : [];
  });
  const panel = box(
    '.menu-below',
    cascaded(laid['.menu-list > li > .menu-below'], { display: 'block' }),
    items,
    {
      edge,
    },
  );
  return { box: panel, lists };
}

/** The button that opens what stands below an entry. */
function toggleBox({ laid }: Making, { children }: RoomEntry, layout: Layout = {}): Box | null {
  return children.length === 0 ? null : box('.menu-toggle', cascaded(laid['.menu-toggle'], layout), []);
}

/** What stands below an entry: where a column unfolds, open on the page on which one is. */
function openBelow(making: Making, entry: RoomEntry, first: boolean): Box | null {
  const below = belowBox(making, entry, first);
  if (below === null || !isUnfolding(making.values)) return below;
  const opens = making.content.opensBranch && entry.current !== null;
  return otherLayout(below, { display: opens ? 'block' : 'none' });
}

/** An entry of the first level, with the button that opens what drops down from it, or with what stands open below it. */
export function entryBox(making: Making, entry: RoomEntry, index: number): Box {
  const { values, laid, content } = making;
  const heading = values.shownAs === 'columns' ? values.headingStyle : null;
  const item = laid['.menu-list > li'];
  const open = item.display === 'flex' ? null : openBelow(making, entry, true);
  const ruled = index > 0 && isRuled(values);
  const lined = ruled ? { edge: { start: 0, above: content.border(values.lines), below: 0 } } : {};
  return box(
    '.menu-list > li',
    item,
    [linkBox(making, entry, false, heading), toggleBox(making, entry), open],
    { turned: values.turned, ...lined },
  );
}

/** The button behind which items go where room is short. */
function moreBox(making: Making): Box {
  const { values, content, laid } = making;
  const layout = cascaded(
    laid['.menu-link'],
    laid['.menu-list > li > .menu-link'],
    laid['.menu-toggle'],
    moreLayout,
  );
  const signBox = box(
    '.menu-toggle::before',
    { inlineSize: CHEVRON, blockSize: CHEVRON, alignSelf: 'center' },
    [],
  );
  const button = box(
    '.menu-more > .menu-toggle',
    layout,
    [labelText(making, values.moreLabel || content.words.more), signBox],
    {
      ...dressedBox(values, itemPart.prefix, content),
    },
  );
  return box('.menu-list > .menu-more', laid['.menu-list > li'], [button]);
}

/** A list of entries; where they may leave for want of room, with the button that stands for those that have. */
export function listBox(making: Making, entries: readonly RoomEntry[], layout = {}): Box {
  const { values, laid } = making;
  const { inRow, more } = standing(values, entries);
  const items = inRow.map((entry, index) => entryBox(making, entry, index));
  return box('.menu-list', cascaded(laid['.menu-list'], layout), more ? [...items, moreBox(making)] : items);
}
