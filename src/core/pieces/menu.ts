import { plainNumber } from '../lengths/length';
import { boxCss, leastOf, lengthAt, scaled, type Length } from '../lengths/formula';
import { px } from '../lengths/length';
import { choiceKind } from '../properties/kinds/choice';
import { flagKind } from '../properties/kinds/flag';
import { lengthKind } from '../properties/kinds/length';
import { numberKind } from '../properties/kinds/number';
import { optionalKind } from '../properties/kinds/optional';
import { referenceKind } from '../properties/kinds/reference';
import { textKind } from '../properties/kinds/text';
import { iconSize } from '../properties/icon-size';
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
  type WithLogo,
  withLogoColumns,
  withLogoCss,
  withLogoLabels,
  withLogoMarkup,
  withLogoSummary,
} from './menu-css';
import { menuHtml, openedBy } from './menu-html';
import { inRow, leavingCss, leftOf } from './menu-leaving';
import { belowPart, itemPart, menuButtonPart, reservedWeight } from './menu-parts';
import { menuRoom, shrinksGaps } from './menu-room';
import type { PieceKind } from './piece';

/** What a gap loses where it gets as narrow as it may. */
function lostGap(gap: Length, least: Length): Length {
  return typeof gap === 'number' && typeof least === 'number'
    ? gap - Math.min(gap, least)
    : { greatest: [0, { sum: [gap, scaled(least, -1)] }] };
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
    property<WithLogo | null>({
      name: 'around',
      label: 'With the logo',
      group: 'Arrangement',
      kind: optionalKind(choiceKind(withLogoLabels), 'no'),
      by: 'width',
      initial: null,
      // How it stands is a matter of its other values too: jointCss.
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
      css: (value) => ({ '& .menu-logo img': { 'block-size': value === 40 ? AS_IT_COMES : boxCss(value) } }),
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
    iconSize,
    property({
      name: 'itemGap',
      label: 'Between items',
      group: 'Space',
      kind: lengthKind(0, 120),
      by: 'width',
      initial: 8,
      aside: ({ itemGap, itemPaddingInline, shownAs }) =>
        shownAs === 'row' &&
        typeof itemGap === 'number' &&
        typeof itemPaddingInline === 'number' &&
        itemPaddingInline > 0
          ? `${plainNumber(itemGap + 2 * itemPaddingInline)} px between words`
          : null,
    }),
    property<Length | null>({
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
      css: (value) => ({ '& .menu-link': { 'padding-block': boxCss(value) } }),
    }),
    property({
      name: 'itemPaddingInline',
      label: 'Inside, beside',
      group: 'Space',
      kind: lengthKind(0, 80),
      by: 'width',
      initial: 10,
      css: (value) => ({ '& .menu-link': { 'padding-inline': boxCss(value) } }),
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
    const { itemGap, itemGapLeast } = values as Record<string, Length>;
    const shrinks = shrinksGaps(values);
    const scrolls = values.shownAs === 'scrolling' && !values.around;
    return {
      // A second column as wide as the gaps may lose is the first to go; the items spread over what both have.
      '& .menu-list': {
        gap: boxCss(shrinks ? leastOf(itemGap!, itemGapLeast!) : itemGap!),
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
        ...withLogoCss(values.around as WithLogo | null),
        'grid-template-columns': values.around
          ? withLogoColumns(values.around as WithLogo)
          : scrolls
            ? `minmax(${px(SCROLLING.least)}, max-content)`
            : shrinks
              ? `auto minmax(0, ${boxCss(scaled(lostGap(itemGap!, itemGapLeast!), Math.max(0, inRow(values, counts) - 1)))})`
              : AS_IT_COMES,
        'justify-content': shrinks ? 'start' : AS_IT_COMES,
        'flex-grow':
          values.takesRest || values.shownAs === 'cells' || values.around === 'around' ? '1' : AS_IT_COMES,
      },
      '& .menu-list:has(+ .menu-logo)': {
        'justify-content': values.around === 'around' ? 'end' : AS_IT_COMES,
      },
    };
  },
  takesRest: ({ shownAs, around }) => shownAs === 'cells' || around === 'around',
  draws: ({ around }) => (around ? ['logo'] : []),
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
  height: (values, { line, size, at }) => {
    const own =
      values.shownAs === 'button'
        ? line + 1.2 * size + 2
        : line + 2 * lengthAt(values.itemPaddingBlock as Length, at);
    if (!values.around) return own;
    const logo = lengthAt(values.logoHeight as Length, at);
    return values.around === 'below' ? logo + own : Math.max(logo, own);
  },
  form: 'shownAs',
  summary: (values) => {
    const logo = withLogoSummary[values.around as WithLogo] ?? '';
    if (values.shownAs !== 'button') return `${shownAsLabels[values.shownAs as ShownAs]}${logo}`;
    return values.opens === null ? 'opens no drawer, so it is not seen' : '→ menu button';
  },
  caption: (values, nameOf) => (values.menu === null ? 'none chosen' : (nameOf(values.menu as string) ?? '')),
  opens: openedBy,
  variant: (values, context) =>
    values.menu === null
      ? ''
      : `${context.menuOrder(values.menu as string)}${withLogoMarkup(values.around as WithLogo | null)}`,
  html: menuHtml,
};
