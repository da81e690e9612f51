import type { Id } from '../../ids/id';
import { unless, AS_IT_COMES, type Rules } from '../../markup/css';
import { choiceKind } from '../../properties/kinds/choice';
import { optionalKind } from '../../properties/kinds/optional';
import { referenceKind } from '../../properties/kinds/reference';
import { property, propertyList } from '../../properties/property';
import { forms, type ShownAs } from './forms';

/** What becomes of the items below others in a column. */
const unfoldsLabels = {
  open: 'stand open, indented',
  several: 'unfold in place',
  one: 'unfold in place, one at a time',
  levels: 'take the place of the list, level by level',
};
type Unfolds = keyof typeof unfoldsLabels;

/** What a designer sets of a menu that stands in a column. */
export const unfoldingProperties = propertyList(
  property({
    name: 'unfolds',
    label: 'Items below others',
    group: 'In a column',
    kind: choiceKind(unfoldsLabels),
    by: 'width',
    initial: 'open',
    // What it says holds in columns only: `unfoldingCss`.
  }),
  property({
    name: 'lines',
    label: 'Between the items of the first level',
    group: 'In a column',
    kind: optionalKind(referenceKind('borders'), 'nothing'),
    by: 'width',
    initial: null,
    css: (value, names) => ({ '&': { '--item-line': value === null ? AS_IT_COMES : names.token(value) } }),
  }),
);

/** What of a menu's values decides how its column stands. */
export interface LaidColumn {
  shownAs: ShownAs;
  turned: boolean;
  unfolds: Unfolds;
  lines: Id | null;
}

/** Whether a menu stands in a column whose items open what stands below them. */
export const isUnfolding = ({
  shownAs,
  turned,
  unfolds,
}: Pick<LaidColumn, 'shownAs' | 'turned' | 'unfolds'>) =>
  shownAs === 'column' && !turned && unfolds !== 'open';

/** Whether it goes level by level. */
export const isByLevel = (values: Pick<LaidColumn, 'shownAs' | 'turned' | 'unfolds'>) =>
  isUnfolding(values) && values.unfolds === 'levels';

/** Whether nothing is in the way of what stands open at first: a drop-down or a level would stand open, and what leaves its lists out would show one. */
export const mayOpenAtFirst = ({ shownAs, unfolds }: Pick<LaidColumn, 'shownAs' | 'unfolds'>) =>
  !['dropped', 'left out'].includes(forms[shownAs].below) && unfolds !== 'levels';

/** Whether lines stand between the items of a column. */
export const isRuled = ({ shownAs, turned, lines }: Pick<LaidColumn, 'shownAs' | 'turned' | 'lines'>) =>
  shownAs === 'column' && !turned && lines !== null;

const BACK = '[aria-expanded="true"]';
const OTHERS = `li:not(:has(> ${BACK}))`;

/** What only lists need that are gone through level by level: what is open takes the place of the list, and its button leads back. */
function levelsCss(levels: boolean): Rules {
  const only = (css: string) => unless(!levels, css);
  return {
    [`& ul:has(> li > ${BACK}) > ${OTHERS}, & li:has(> .menu-below > li > ${BACK}) > :is(.menu-link, .menu-toggle)`]:
      { display: only('none') },
    [`& li:has(> ${BACK})`]: { 'grid-template-columns': only('auto 1fr'), 'border-width': only('0') },
    [`& .menu-toggle${BACK}`]: { 'grid-area': only('1 / 1') },
    [`& .menu-link:has(+ ${BACK})`]: { 'grid-area': only('1 / 2'), 'font-weight': only('600') },
    [`& .menu-toggle${BACK} + .menu-below`]: { 'padding-inline-start': only('0') },
  };
}

/** How a column opens what stands below its items; the script reads it, and where it is off all stands open. */
export function unfoldingCss(values: LaidColumn): Rules {
  const unfolding = isUnfolding(values);
  const mode = values.unfolds === 'several' ? 'several' : 'one';
  return {
    '&': {
      '--unfolds': unless(!unfolding, mode),
      '--unscripted-below': unless(!unfolding, 'block'),
    },
    // The ring lies over the lines and the button beside it.
    '& .menu-link:focus-visible': {
      position: unless(!unfolding, 'relative'),
      'z-index': unless(!unfolding, '1'),
    },
    '& .menu-list > li + li': { 'border-block-start': unless(!isRuled(values), 'var(--item-line)') },
    ...levelsCss(isByLevel(values)),
  };
}
