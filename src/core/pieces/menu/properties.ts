import { AS_IT_COMES } from '../../markup/css';
import { plainNumber } from '../../lengths/length';
import { choiceKind } from '../../properties/kinds/choice';
import { flagKind } from '../../properties/kinds/flag';
import { lengthKind } from '../../properties/kinds/length';
import { countKind } from '../../properties/kinds/number';
import { optionalKind } from '../../properties/kinds/optional';
import { referenceKind } from '../../properties/kinds/reference';
import { textKind } from '../../properties/kinds/text';
import { iconSize } from '../../properties/icon-size';
import { lessBy } from '../../properties/giving';
import { landmark } from '../../properties/landmark';
import { placeProperties } from '../../properties/place';
import { dressProperties, markerProperties } from '../../properties/dress';
import { property, propertyList, type ValuesOf } from '../../properties/property';
import { typeProperties } from '../../properties/type';
import { belowProperties } from './below-properties';
import { menuButtonProperties } from './button';
import { headingParts, shownAsLabels, withLogoLabels } from './forms';
import { shownAsCss, signsAloneCss } from './looks';
import { belowPart, itemPart } from './parts';
import { behindTurns, formTurns, leftOutTurns, logoTurns, signTurns } from './turn-offers';

/** What a designer sets on a menu. */
export const menuPieceProperties = propertyList(
  property({
    name: 'menu',
    label: 'Menu',
    group: 'Content',
    kind: optionalKind(referenceKind('menus'), 'none'),
    by: 'width',
    initial: null,
  }),
  landmark,
  property({
    name: 'shownAs',
    label: 'Shown as',
    group: 'Collapse',
    kind: choiceKind(shownAsLabels),
    by: 'width',
    initial: 'row',
    turns: formTurns,
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
      '& .menu-list > li': {
        'writing-mode': value ? 'vertical-rl' : AS_IT_COMES,
        // No sign stands upright among others, so that a line is as long as it is without being turned.
        'text-orientation': value ? 'sideways' : AS_IT_COMES,
      },
      '& .menu-list > li > .menu-link': { rotate: value ? '180deg' : AS_IT_COMES },
    }),
  }),
  property({
    name: 'around',
    label: 'With the logo',
    group: 'Arrangement',
    kind: optionalKind(choiceKind(withLogoLabels), 'no'),
    by: 'width',
    initial: null,
    turns: logoTurns,
  }),
  property({
    name: 'splitAfter',
    label: 'Items before the logo',
    group: 'Arrangement',
    kind: optionalKind(countKind(1, 40, ''), 'as many as balance'),
    by: null,
    initial: null,
  }),
  property({
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
  }),
  property({
    name: 'behind',
    label: 'Items behind “more”',
    group: 'Collapse',
    kind: countKind(0, 40, 'items'),
    by: 'width',
    initial: 0,
    turns: behindTurns,
  }),
  property({
    name: 'leftOut',
    label: 'Items left out',
    group: 'Collapse',
    kind: countKind(0, 40, 'items'),
    by: 'width',
    initial: 0,
    turns: leftOutTurns,
  }),
  property({
    name: 'moreLabel',
    label: 'Label of “more”',
    group: 'Collapse',
    kind: textKind(40, '“More”, in the page’s language'),
    by: 'language',
    initial: '',
  }),
  property({
    name: 'signsAlone',
    label: 'Items with an icon',
    group: 'Collapse',
    kind: flagKind('with their labels', 'as the icon alone'),
    by: 'width',
    initial: false,
    turns: signTurns,
    css: signsAloneCss,
  }),
  iconSize,
  property({
    name: 'itemGap',
    gives: { least: 0, step: 1 },
    turns: [lessBy('gap', 'narrower gaps', [0, 120], 1, 2)],
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
  property({
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
  }),
  property({
    name: 'itemPaddingInline',
    gives: { least: 2, step: 1 },
    turns: [lessBy('padding', 'items closer', [0, 80], 1, 4)],
    label: 'Inside, beside',
    group: 'Space',
    kind: lengthKind(0, 80),
    by: 'width',
    initial: 10,
  }),
  belowProperties,
  dressProperties(itemPart, { open: 'as the bar', marked: ['current', 'hover'] }),
  dressProperties(belowPart, { open: 'as items' }),
  menuButtonProperties,
  markerProperties('& .menu-link'),
  typeProperties('type-nav'),
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
  placeProperties,
);
export type MenuValues = ValuesOf<typeof menuPieceProperties>;
