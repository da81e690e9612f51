import { box, words, type Box } from '../../boxes/box';
import { cascaded, type Layout } from '../../boxes/layout';
import { sign } from '../../boxes/sign';
import { widthsOf } from '../../boxes/widths';
import type { Id } from '../../ids/id';
import { valueAt } from '../../lengths/piecewise';
import type { State } from '../../properties/states';
import { brandLogoBox } from '../brand-logo';
import { dressedBox, dressOf, type PieceContent, type RoomEntry } from '../content';
import type { BesideHanging, Hanging } from '../piece';
import { hasHeads, opensBeside } from './below';
import { besideLayouts } from './beside';
import { laidCard } from './card';
import { CHEVRON } from '../chevron';
import { isRuled, isUnfolding, opensAtFirst } from './unfolding';
import { menuButtonBox } from './button';
import { forms } from './forms';
import { menuLayouts, moreLayout } from './layouts';
import { countsOf, standing } from './leaving';
import { belowPart, itemPart, reservedWeight } from './parts';
import type { MenuValues } from './properties';
import { balancedSplit } from './split';

/** What the boxes of a menu are made with. */
interface Making {
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

/** The list of what stands below an entry of the first level, or of a deeper one. */
function belowBox(making: Making, entry: RoomEntry, first: boolean): Box | null {
  const { laid, values } = making;
  if (entry.children.length === 0) return null;
  const layout = first ? laid['.menu-list > li > .menu-below'] : laid['.menu-below .menu-below'];
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
function besideBox(making: Making, { children }: RoomEntry, edge: number): BesideHanging | null {
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

/** What stands open below an entry: where a column unfolds, that of the page on which one is. */
function openBelow(making: Making, entry: RoomEntry, first: boolean): Box | null {
  const below = belowBox(making, entry, first);
  if (below === null || !isUnfolding(making.values)) return below;
  return opensAtFirst(making.values, entry) ? otherLayout(below, { display: 'block' }) : null;
}

/** The list before the logo that a menu draws. */
const FIRST_HALF = '.menu-list:has(+ .menu-logo)';

/** What stands behind “more”, as an entry that has it below it. */
const NO_ENTRY: Omit<RoomEntry, 'children'> = {
  id: '',
  label: '',
  icon: null,
  picture: null,
  card: false,
  badge: '',
  description: '',
  leaves: 'turn',
  current: null,
  shown: true,
};

const otherLayout = (of: Box, layout: Layout): Box => ({ ...of, layout: cascaded(of.layout, layout) });

/** What drops down from entries of the first level, as it stands open. */
export function hangingBoxes(values: MenuValues, content: PieceContent): Hanging[] {
  const entries = values.menu === null ? [] : content.entries(values.menu);
  if (forms[values.shownAs].below !== 'dropped' || values.turned) return [];
  const making = { values, content, laid: menuLayouts(values, countsOf(entries)) };
  const { inRow, behind } = standing(values, entries);
  const split = values.around === 'around' ? splitAfter(values, entries, content) : entries.length;
  const edge = content.border(values.panelLine);
  const open = (below: Box): Box => ({
    ...otherLayout(below, { display: values.panel === 'columns' ? 'grid' : 'block' }),
    edge,
  });
  const item = '.menu-list > li';
  const hanging = (entry: RoomEntry): Hanging[] => {
    const below = belowBox(making, entry, true);
    if (below === null || !inRow.includes(entry)) return [];
    const at = entries.indexOf(entry);
    const second = at >= split;
    const nth = `${item}:nth-child(${at + 1 - (second ? split : 0)})`;
    const selector =
      split === entries.length ? nth : second ? `.menu-logo ~ ${nth}` : nth.replace('.menu-list', FIRST_HALF);
    const beside = besideBox(making, entry, edge);
    return [{ entry: entry.id, under: item, selector, box: open(below), beside }];
  };
  const all = { ...NO_ENTRY, children: behind };
  const more = belowBox(making, all, true);
  const under = '.menu-list > .menu-more';
  return [
    ...entries.flatMap(hanging),
    ...(more
      ? [{ entry: null, under, selector: under, box: open(more), beside: besideBox(making, all, edge) }]
      : []),
  ];
}

/** An entry of the first level, with the button that opens what drops down from it, or with what stands open below it. */
function entryBox(making: Making, entry: RoomEntry, index: number): Box {
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
  const layout = cascaded(laid['.menu-link'], laid['.menu-toggle'], moreLayout);
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
function listBox(making: Making, entries: readonly RoomEntry[], layout = {}): Box {
  const { values, laid } = making;
  const { inRow, more } = standing(values, entries);
  const items = inRow.map((entry, index) => entryBox(making, entry, index));
  return box('.menu-list', cascaded(laid['.menu-list'], layout), more ? [...items, moreBox(making)] : items);
}

/** The button that stands for a menu; none where it opens no drawer. */
function buttonBox({ values, content }: Making): Box | null {
  return values.opens === null || values.shownAs !== 'button' ? null : menuButtonBox(values, content, true);
}

/** After how many entries a menu is split: as was said, half of them, or where both sides come nearest to the same width where the band begins. */
export function splitAfter(values: MenuValues, entries: readonly RoomEntry[], content: PieceContent): number {
  if (values.splitAfter !== null) return values.splitAfter;
  const half = Math.ceil(entries.length / 2);
  if (values.balancedBy !== 'width') return half;
  const inRow = { ...values, shownAs: 'row', turned: false } as const;
  const making = { values: inRow, content, laid: menuLayouts(inRow, countsOf(entries)) };
  const widths = entries.map((entry) => valueAt(widthsOf(entryBox(making, entry, 0), content).preferred, 0));
  return content.measured() ? balancedSplit(widths, valueAt(content.length(values.itemGap), 0)) : half;
}

/** The logo that a menu draws, and the halves of its list around it, or the list behind or below it. */
function withLogo(making: Making, entries: readonly RoomEntry[]): Box[] {
  const { values, content, laid } = making;
  const logo = brandLogoBox(content, values.shownAs === 'button' ? 'compact' : 'full', values.logoHeight);
  if (values.around !== 'around') return [logo, listBox(making, entries)];
  const at = splitAfter(values, entries, content);
  return [listBox(making, entries.slice(0, at), laid[FIRST_HALF]), logo, listBox(making, entries.slice(at))];
}

/** The boxes of a menu in the form in which it is shown; null where it has nothing to show in any band. */
export function menuBox(values: MenuValues, content: PieceContent): Box | null {
  const entries = values.menu === null ? [] : content.entries(values.menu);
  if (entries.length === 0) return null;
  const laid = menuLayouts(values, countsOf(entries));
  const making = { values, content, laid };
  const inside = values.around ? withLogo(making, entries) : [listBox(making, entries)];
  return box('', laid[''], [buttonBox(making), ...inside]);
}
