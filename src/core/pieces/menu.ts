import { el, type Element, type Node } from '../markup/html';
import { px } from '../lengths/length';
import { iconHtml } from '../icons/icons';
import { choiceKind } from '../properties/kinds/choice';
import { flagKind } from '../properties/kinds/flag';
import { lengthKind } from '../properties/kinds/length';
import { numberKind } from '../properties/kinds/number';
import { optionalKind } from '../properties/kinds/optional';
import { referenceKind } from '../properties/kinds/reference';
import { textKind } from '../properties/kinds/text';
import { placeProperties } from '../properties/place';
import { dressProperties, markerProperties } from '../properties/dress';
import { AS_IT_COMES, property } from '../properties/property';
import { typeProperties } from '../properties/type';
import {
  belowDisplay,
  headingParts,
  menuCss,
  moreCss,
  SCROLLING,
  scrollingBlock,
  scrollingCss,
  shownAsCss,
  shownAsLabels,
  signsAloneCss,
  type ShownAs,
} from './menu-css';
import { inRow, leavingCss, leavingRanks, leftOf } from './menu-leaving';
import { belowPart, itemPart, menuButtonPart, reservedWeight } from './menu-parts';
import { menuRoom, shrinksGaps } from './menu-room';
import { splitAfter } from './menu-split';
import {
  leading,
  pieceClass,
  type MenuEntry,
  type PieceContext,
  type PieceKind,
  type SettledPiece,
} from './piece';
import { variantsOf } from './variants';

/** An entry of the first level has a button that opens its drop-down; deeper levels stand open inside it. */
function toggleHtml(entry: MenuEntry, belowId: string): Element {
  return el('button', {
    class: 'menu-toggle',
    type: 'button',
    'aria-expanded': 'false',
    'aria-controls': belowId,
    'aria-label': `${entry.label}: more`,
  });
}

/** What stands in an entry: its icon, its label, its badge and, for wide drop-downs, its description. */
function labelHtml({ icon, label, badge, description }: MenuEntry): Node[] {
  const rich = icon !== null || badge !== '' || description !== '';
  if (!rich) return [label];
  return [
    icon !== null && iconHtml(icon),
    el('span', { class: 'menu-label' }, label),
    badge !== '' && el('span', { class: 'menu-badge' }, badge),
    description !== '' && el('span', { class: 'menu-description' }, description),
  ];
}

/** What a list needs beside its entries: the beginning of the ids in it, and whether items keep room for a heavier state. */
interface ListNeeds {
  prefix: string;
  reserve: boolean;
  /** The label of the button behind which items go where room is short; null where none ever does. */
  more: string | null;
}

/** An entry with what stands below it. */
function entryHtml(
  entry: MenuEntry,
  needs: ListNeeds,
  level: number,
  context: PieceContext,
  rank: number | null = null,
): Element {
  const { prefix, reserve } = needs;
  const current = entry.current && { 'aria-current': entry.current === 'page' ? 'page' : 'true' };
  const belowId = `${prefix}-${entry.id}`;
  const below = entry.children.length > 0;
  const title = entry.title || null;
  return el(
    'li',
    { class: context.className(entry.id), 'data-leaves': rank },
    leading(
      entry.target,
      {
        class: 'menu-link',
        title,
        'data-label': reserve ? entry.label : null,
        newWindow: entry.newWindow,
        ...current,
      },
      ...labelHtml(entry),
    ),
    below && level === 1 && toggleHtml(entry, belowId),
    below &&
      el(
        'ul',
        { class: 'menu-below', id: belowId },
        ...entry.children.map((child) => entryHtml(child, needs, level + 1, context)),
      ),
  );
}

/** A list of entries, and behind them the button with those of it that have left for want of room. */
function entriesHtml(
  entries: readonly MenuEntry[],
  needs: ListNeeds,
  leaves: boolean,
  context: PieceContext,
): Element {
  const ranks = leaves ? leavingRanks(entries) : null;
  const rank = ({ id }: MenuEntry) => ranks?.get(id) ?? null;
  const { more, prefix } = needs;
  return el(
    'ul',
    { class: 'menu-list' },
    ...entries.map((entry) => entryHtml(entry, needs, 1, context, rank(entry))),
    more !== null && moreHtml(entries, { ...needs, prefix: `${prefix}-more` }, rank, context),
  );
}

function moreHtml(
  entries: readonly MenuEntry[],
  needs: ListNeeds,
  rank: (entry: MenuEntry) => number | null,
  context: PieceContext,
): Element {
  const { prefix, reserve, more } = needs;
  const attributes = {
    class: 'menu-link menu-toggle',
    type: 'button',
    'aria-expanded': 'false',
    'aria-controls': prefix,
    'data-label': reserve ? more : null,
  };
  return el(
    'li',
    { class: 'menu-more' },
    el('button', attributes, el('span', { class: 'menu-label' }, more)),
    el(
      'ul',
      { class: 'menu-below', id: prefix },
      ...entries.map((entry) => entryHtml(entry, needs, 2, context, rank(entry))),
    ),
  );
}

function menuButtonHtml(label: string, drawer: string): Element {
  return el(
    'button',
    {
      class: 'menu-button',
      type: 'button',
      command: 'show-modal',
      commandfor: drawer,
      'aria-haspopup': 'dialog',
    },
    el('span', { class: 'menu-sign', 'aria-hidden': 'true' }),
    label,
  );
}

/** The drawer behind the menu button; null where the menu is not shown as one. */
function openedBy(values: Record<string, unknown>): string | null {
  return values.shownAs === 'button' ? (values.opens as string | null) : null;
}

/** The button that opens the drawer, where some band asks for one and there is a drawer to open. */
function buttonWhereAsked(piece: SettledPiece, context: PieceContext, bands: readonly SettledPiece[]): Node {
  const { buttonLabel } = piece.values as { buttonLabel: string };
  const opens = bands.map((band) => openedBy(band.values)).find((id) => id !== null);
  const drawer = opens === undefined ? null : context.drawer(opens);
  return drawer !== null && menuButtonHtml(buttonLabel || 'Menu', drawer);
}

/** What stands in a menu in place of the logo between two halves of it. */
type Between = { logo: Node; after: number | null } | null;

/** The list of a variant, in two halves where something stands between them; empty when its menu has nothing to show. */
function listHtml(
  piece: SettledPiece,
  context: PieceContext,
  { alone, between, bands }: { alone: boolean; between: Between; bands: readonly SettledPiece[] },
): Node[] {
  const { id, values, band } = piece;
  const shown = values.menu === null ? null : context.menu(values.menu as string, band);
  if (!shown || shown.entries.length === 0) return [];
  const left = bands.map((each) => leftOf(each.values));
  const needs = {
    prefix: `${context.idOf(id)}${alone ? '' : `-${band}`}`,
    reserve: reservedWeight(values) !== null,
    more: left.some(({ behind }) => behind > 0) ? (values.moreLabel as string) || 'More' : null,
  };
  const leaves = left.some(({ behind, out }) => behind + out > 0);
  const list = (entries: readonly MenuEntry[]) => entriesHtml(entries, needs, leaves, context);
  const halves = ({ logo, after }: NonNullable<Between>) => {
    const room = context.room(piece);
    const at = after ?? splitAfter(values, room.entries(values.menu as string), room);
    return [list(shown.entries.slice(0, at)), logo, list(shown.entries.slice(at))];
  };
  const lists = between === null ? [list(shown.entries)] : halves(between);
  return alone ? lists : [el('div', { class: `for-${band}` }, ...lists)];
}

/** The logo that a menu stands around, compact where the menu is a menu button; null where it stands around none. */
function betweenOf({ values }: SettledPiece, context: PieceContext, bands: readonly SettledPiece[]): Between {
  if (!values.around) return null;
  const collapsed = bands.find((each) => each.values.shownAs === 'button');
  const logo = context.brandLogo(collapsed?.band ?? null);
  return { logo, after: values.splitAfter as number | null };
}

/** A menu of the site: as a row, a column, columns with headings, or behind a menu button. */
export const menu: PieceKind = {
  kind: 'menu',
  label: 'Menu',
  properties: [
    property({
      name: 'menu',
      label: 'Menu',
      group: 'Content',
      kind: optionalKind(referenceKind('menus'), 'none'),
      by: 'width',
      initial: null,
    }),
    property<ShownAs>({
      name: 'shownAs',
      label: 'Shown as',
      group: 'Collapse',
      kind: choiceKind(shownAsLabels),
      by: 'width',
      initial: 'row',
      css: shownAsCss,
    }),
    property({
      name: 'turned',
      label: 'Text runs',
      group: 'Arrangement',
      kind: flagKind('along the line', 'turned by 90 degrees'),
      by: 'width',
      initial: false,
      css: (value) => ({
        '& .menu-list > li': { 'writing-mode': value ? 'vertical-rl' : AS_IT_COMES },
        '& .menu-list > li > .menu-link': { rotate: value ? '180deg' : AS_IT_COMES },
      }),
    }),
    property({
      name: 'around',
      label: 'Stands around the logo',
      group: 'Arrangement',
      kind: flagKind('no', 'half before it, half after it'),
      by: null,
      initial: false,
    }),
    property({
      name: 'splitAfter',
      label: 'Items before the logo',
      group: 'Arrangement',
      kind: optionalKind(numberKind(1, 40, ''), 'as many as balance'),
      by: null,
      initial: null,
    }),
    property<'count' | 'width'>({
      name: 'balancedBy',
      label: 'Sides balance by',
      group: 'Arrangement',
      kind: choiceKind({ count: 'number of items', width: 'measured width' }),
      by: null,
      initial: 'count',
    }),
    property({
      name: 'logoHeight',
      label: 'Height of the logo in it',
      group: 'Arrangement',
      kind: lengthKind(8, 400),
      by: 'width',
      initial: 40,
      css: (value) => ({ '& .menu-logo img': { 'block-size': value === 40 ? AS_IT_COMES : px(value) } }),
    }),
    property({
      name: 'opens',
      label: 'Opens',
      group: 'Collapse',
      kind: optionalKind(referenceKind('drawers'), 'none'),
      by: null,
      initial: null,
    }),
    property({
      name: 'buttonLabel',
      label: 'Label of the button',
      group: 'Collapse',
      kind: textKind(40),
      by: null,
      initial: 'Menu',
    }),
    property({
      name: 'behind',
      label: 'Items behind “more”',
      group: 'Collapse',
      kind: numberKind(0, 40, 'items'),
      by: 'width',
      initial: 0,
    }),
    property({
      name: 'leftOut',
      label: 'Items left out',
      group: 'Collapse',
      kind: numberKind(0, 40, 'items'),
      by: 'width',
      initial: 0,
    }),
    property({
      name: 'moreLabel',
      label: 'Label of “more”',
      group: 'Collapse',
      kind: textKind(40),
      by: null,
      initial: 'More',
    }),
    property({
      name: 'signsAlone',
      label: 'Items with an icon',
      group: 'Collapse',
      kind: flagKind('with their labels', 'as the icon alone'),
      by: 'width',
      initial: false,
      css: signsAloneCss,
    }),
    property({
      name: 'itemGap',
      label: 'Between items',
      group: 'Space',
      kind: lengthKind(0, 120),
      by: 'width',
      initial: 8,
    }),
    property<number | null>({
      name: 'itemGapLeast',
      label: 'Gets narrower down to',
      group: 'Space',
      kind: optionalKind(lengthKind(0, 120), 'not at all'),
      by: 'width',
      initial: null,
    }),
    property({
      name: 'itemPaddingBlock',
      label: 'Inside, above and below',
      group: 'Space',
      kind: lengthKind(0, 80),
      by: 'width',
      initial: 8,
      css: (value) => ({ '& .menu-link': { 'padding-block': px(value) } }),
    }),
    property({
      name: 'itemPaddingInline',
      label: 'Inside, beside',
      group: 'Space',
      kind: lengthKind(0, 80),
      by: 'width',
      initial: 10,
      css: (value) => ({ '& .menu-link': { 'padding-inline': px(value) } }),
    }),
    property({
      name: 'belowShadow',
      label: 'Shadow',
      group: 'Drop-down',
      kind: optionalKind(referenceKind('shadows'), 'none'),
      by: null,
      initial: 'shadow-high',
      css: (value, names) => ({
        '&': {
          '--below-shadow':
            value === null ? 'none' : value === 'shadow-high' ? AS_IT_COMES : names.token(value),
        },
      }),
    }),
    property({
      name: 'belowRadius',
      label: 'Corners',
      group: 'Drop-down',
      kind: referenceKind('radii'),
      by: null,
      initial: 'radius-small',
      css: (value, names) => ({
        '&': { '--below-radius': value === 'radius-small' ? AS_IT_COMES : names.token(value) },
      }),
    }),
    property({
      name: 'descriptions',
      label: 'Descriptions',
      group: 'Drop-down',
      kind: flagKind('left out', 'shown'),
      by: 'width',
      initial: false,
      css: (value) => ({
        '& .menu-below .menu-description': { display: value ? 'block' : AS_IT_COMES },
      }),
    }),
    ...dressProperties(itemPart, { open: 'as the bar', marked: ['current', 'hover'] }),
    ...dressProperties(belowPart, { open: 'as items' }),
    ...dressProperties(menuButtonPart, { open: 'as it comes' }),
    ...markerProperties('& .menu-link'),
    ...typeProperties('type-nav'),
    property({
      name: 'headingStyle',
      label: 'Style of column headings',
      group: 'Type',
      kind: referenceKind('typeStyles'),
      by: null,
      initial: 'type-column',
      css: (value, names) => ({
        '&': Object.fromEntries(
          headingParts.map(([, part]) => [
            `--heading-${part}`,
            value === 'type-column' ? AS_IT_COMES : names.typeStyle(value, part),
          ]),
        ),
      }),
    }),
    ...placeProperties,
  ],
  css: menuCss,
  jointCss: (values, counts) => {
    const weight = reservedWeight(values);
    const { itemGap, itemGapLeast } = values as Record<string, number>;
    const shrinks = shrinksGaps(values);
    const scrolls = values.shownAs === 'scrolling' && !values.around;
    return {
      // A second column as wide as the gaps may lose is the first to go; the items spread over what both have.
      '& .menu-list': {
        gap: px(shrinks ? itemGapLeast! : itemGap!),
        'grid-column': shrinks ? '1 / -1' : AS_IT_COMES,
        'justify-content': shrinks ? 'space-between' : AS_IT_COMES,
      },
      // A heavier text is wider: each item keeps the room of its heaviest state, so that its neighbours stand still.
      '& .menu-link::after': {
        content: weight === null ? AS_IT_COMES : 'attr(data-label) / ""',
        'font-weight': weight === null ? AS_IT_COMES : String(weight),
      },
      '& .menu-list > li > .menu-below': {
        display:
          belowDisplay(values.shownAs as ShownAs, Boolean(values.turned)) === 'block' ? 'block' : AS_IT_COMES,
      },
      // Equal cells fill the width, so they take what is free.
      '&': {
        'grid-template-columns': scrolls
          ? `minmax(${px(SCROLLING.least)}, max-content)`
          : shrinks
            ? `auto minmax(0, ${px((itemGap! - itemGapLeast!) * Math.max(0, inRow(values, counts) - 1))})`
            : AS_IT_COMES,
        'justify-content': shrinks ? 'start' : AS_IT_COMES,
        'flex-grow': values.takesRest || values.shownAs === 'cells' || values.around ? '1' : AS_IT_COMES,
      },
    };
  },
  takesRest: ({ shownAs, around }) => shownAs === 'cells' || around === true,
  shortCss: leavingCss,
  someCss: [
    { css: [scrollingBlock, scrollingCss], when: ({ shownAs }) => shownAs === 'scrolling' },
    { css: [moreCss], when: (values) => leftOf(values).behind > 0 },
  ],
  openCss: {
    '.menu-toggle[aria-expanded="true"] + .menu-below': { display: 'block' },
  },
  openWithoutScriptsCss: {
    '.menu-list > li:is(:hover, :focus-within) > .menu-toggle + .menu-below': { display: 'block' },
  },
  room: menuRoom,
  height: (values, { line, size }) =>
    values.shownAs === 'button' ? line + 1.2 * size + 2 : line + 2 * (values.itemPaddingBlock as number),
  summary: (values) => {
    if (values.shownAs !== 'button') return shownAsLabels[values.shownAs as ShownAs];
    return values.opens === null ? 'opens no drawer, so it is not seen' : '→ menu button';
  },
  caption: (values, nameOf) => (values.menu === null ? 'none chosen' : (nameOf(values.menu as string) ?? '')),
  opens: openedBy,
  variant: (values, context) => (values.menu === null ? '' : context.menuOrder(values.menu as string)),
  html(piece, context, bands) {
    const variants = variantsOf(bands);
    const alone = variants.length === 1;
    const between = betweenOf(piece, context, bands);
    const lists = variants.flatMap((variant) => listHtml(variant, context, { alone, between, bands }));
    if (lists.length === 0) return null;
    const named = variants.find((variant) => variant.values.menu !== null)!;
    const { name } = context.menu(named.values.menu as string, named.band)!;
    return el(
      'nav',
      {
        class: `${pieceClass(piece, context)}${between ? ' menu-around' : ''}`,
        'aria-label': context.landmark(name),
      },
      buttonWhereAsked(piece, context, bands),
      ...lists,
    );
  },
};
