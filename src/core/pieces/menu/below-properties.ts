import { unless } from '../../markup/css';
import { choiceKind } from '../../properties/kinds/choice';
import { lengthKind } from '../../properties/kinds/length';
import { flagKind } from '../../properties/kinds/flag';
import { countKind } from '../../properties/kinds/number';
import { property, propertyList, type ValuesOf } from '../../properties/property';
import { isFromItem } from '../drop-down/hanging';
import { hangingAlign, hangingLookProperties, itemEdges, notDropped } from '../drop-down/look';
import type { HangsAt } from '../piece';
import { headingParts } from './forms';
import { toggleSignLabels } from './toggle-sign';
import { unfoldingProperties } from './unfolding';

/** How wide a drop-down is. */
const widthLabels = {
  own: 'as what is in it, at least as its item',
  content: 'as the content of its bar',
  bar: 'as its bar: the window, but where bars share a row',
  window: 'as the window, or the panel at its side',
};
export type PanelWidth = keyof typeof widthLabels;

/** Where a drop-down stands that is as wide as what is in it. */
const edges = {
  ...itemEdges,
  barStart: 'the start of its bar',
  barMiddle: 'the middle of its bar',
  barEnd: 'the end of its bar',
};

const drop = { group: 'Drop-down', by: 'width', aside: notDropped } as const;
const inPanels = (values: Record<string, unknown>) =>
  notDropped(values) ?? (values.panel === 'list' ? 'in panels of columns' : null);
const look = { group: 'Drop-down', by: null } as const;

/** What a designer sets of what stands below the items of a menu. */
export const belowProperties = propertyList(
  unfoldingProperties,
  property({
    ...look,
    name: 'opensBy',
    label: 'Opens by',
    kind: choiceKind({ click: 'a click, a touch or a key', pointing: 'pointing at it too' }),
    initial: 'click',
    css: (value) => ({ '&': { '--points': unless(value === 'click', '1') } }),
  }),
  property({
    ...drop,
    name: 'panel',
    label: 'Form',
    kind: choiceKind({ list: 'a list', columns: 'a panel of columns' }),
    initial: 'list',
    css: (value) => ({
      '&': { '--below-as': unless(value === 'list', 'grid') },
      // Its second level are headings of columns.
      '& .menu-below > li > .menu-link:has(~ .menu-below)': Object.fromEntries(
        headingParts.map(([css, part]) => [
          css,
          unless(value === 'list', `var(--heading-${part}, var(--type-column-${part}))`),
        ]),
      ),
    }),
  }),
  property({
    ...drop,
    name: 'second',
    label: 'Lists below its items',
    kind: choiceKind({ inside: 'set in below them', beside: 'open beside it' }),
    initial: 'inside',
    aside: (values) =>
      notDropped(values) ??
      (values.panel === 'columns' || values.panelWidth !== 'own'
        ? 'in lists as wide as what is in them'
        : isFromItem(values.belowAlign as HangsAt)
          ? null
          : 'in lists at their item'),
    // It is written for the windows that have the room for it: `besideCss`.
  }),
  property({
    ...drop,
    name: 'panelColumns',
    label: 'Columns',
    kind: countKind(1, 8, ''),
    initial: 3,
    aside: inPanels,
  }),
  property({
    ...drop,
    name: 'cardWidth',
    label: 'Width of cards in it',
    kind: lengthKind(120, 600),
    initial: 240,
    aside: inPanels,
  }),
  property({
    ...drop,
    name: 'panelWidth',
    label: 'Width',
    kind: choiceKind(widthLabels),
    initial: 'own',
    // What then holds it is said with how it stands: `hangingSideCss`.
  }),
  property({
    ...drop,
    name: 'belowItemsLeast',
    label: 'Items in it at least',
    kind: lengthKind(0, 600),
    initial: 0,
    aside: (values) =>
      notDropped(values) ?? (values.panelWidth === 'own' ? null : 'in drop-downs as wide as what is in them'),
  }),
  hangingAlign(edges),
  hangingLookProperties,
  property({
    ...look,
    name: 'toggleSign',
    label: 'Sign beside the item',
    kind: choiceKind(toggleSignLabels),
    initial: 'chevron',
    // It also turns where lists go level by level: `toggleSignCss`.
  }),
  property({
    group: 'Drop-down',
    by: 'width',
    name: 'descriptions',
    label: 'Descriptions',
    kind: flagKind('left out', 'shown'),
    initial: false,
  }),
);
export type BelowValues = ValuesOf<typeof belowProperties>;
