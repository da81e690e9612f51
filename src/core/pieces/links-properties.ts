import { AS_IT_COMES, unless } from '../markup/css';
import { choiceKind } from '../properties/kinds/choice';
import { lengthKind } from '../properties/kinds/length';
import { countKind } from '../properties/kinds/number';
import { optionalKind } from '../properties/kinds/optional';
import { referenceKind } from '../properties/kinds/reference';
import { textKind } from '../properties/kinds/text';
import { dressProperties, markerProperties, statedPart } from '../properties/dress';
import { landmark } from '../properties/landmark';
import { placeProperties } from '../properties/place';
import { property, propertyList, type ValuesOf } from '../properties/property';
import { shownMenu } from '../properties/shown-menu';
import { typeProperties } from '../properties/type';
import { headingParts } from './menu/forms';

export const part = statedPart({
  label: 'Links',
  prefix: 'links',
  selector: '& .links-link',
  states: ['rest', 'current', 'trail', 'hover', 'focus', 'pressed'],
});

/** How its lists stand where they have headings: open, or behind these, which are buttons then. */
export const unfoldsLabels = {
  open: 'stand open',
  several: 'unfold below their headings',
  one: 'unfold, one at a time',
};

/** What can be set on lists of links. */
export const linksProperties = propertyList(
  shownMenu(),
  property({
    name: 'grouped',
    label: 'Shown as',
    group: 'Content',
    kind: choiceKind({ one: 'one list', columns: 'a list for each item of the first level' }),
    by: null,
    initial: 'one',
  }),
  property({
    name: 'heading',
    label: 'Heading of the list',
    group: 'Content',
    kind: textKind(80, 'none'),
    by: 'language',
    initial: '',
  }),
  property({
    name: 'headingLevel',
    label: 'Level of headings',
    group: 'Content',
    kind: countKind(2, 6, ''),
    by: null,
    initial: 2,
  }),
  landmark,
  property({
    name: 'unfolds',
    label: 'Lists',
    group: 'Collapse',
    kind: choiceKind(unfoldsLabels),
    by: 'width',
    initial: 'open',
    css: (value) => ({ '&': { '--unfolds': unless(value === 'open', value) } }),
  }),
  property({
    name: 'run',
    label: 'Links stand',
    group: 'Arrangement',
    kind: choiceKind({ column: 'below each other', row: 'in lines, one after another' }),
    by: 'width',
    initial: 'column',
  }),
  property({
    name: 'columns',
    label: 'Lists beside each other',
    group: 'Arrangement',
    kind: countKind(1, 8, ''),
    by: 'width',
    initial: 1,
  }),
  property({
    name: 'columnGap',
    label: 'Between lists',
    group: 'Space',
    kind: lengthKind(0, 120),
    by: 'width',
    initial: 32,
  }),
  property({
    name: 'headingGap',
    label: 'Below headings',
    group: 'Space',
    kind: lengthKind(0, 80),
    by: 'width',
    initial: 8,
  }),
  property({
    name: 'linkGap',
    label: 'Between links',
    group: 'Space',
    kind: lengthKind(0, 80),
    by: 'width',
    initial: 4,
  }),
  property({
    name: 'lines',
    label: 'Line between lists',
    group: 'Edges',
    kind: optionalKind(referenceKind('borders'), 'none'),
    by: 'width',
    initial: null,
    css: (value, names) => ({
      '& .links-group + .links-group': {
        'border-block-start': value === null ? AS_IT_COMES : names.token(value),
      },
      // The ring of a heading stands beyond the line below it, not over it.
      '& .links-toggle': { '--ring-offset': value === null ? AS_IT_COMES : '2px' },
    }),
  }),
  dressProperties(part, { open: 'as the bar', marked: ['current', 'hover'] }),
  markerProperties('& .links-link'),
  typeProperties('type-small'),
  property({
    name: 'headingStyle',
    label: 'Style of headings',
    group: 'Type',
    kind: referenceKind('typeStyles'),
    by: null,
    initial: 'type-column',
    css: (value, names) => ({
      '& .links-heading': Object.fromEntries(
        headingParts.map(([css, of]) => [css, unless(value === 'type-column', names.typeStyle(value, of))]),
      ),
    }),
  }),
  placeProperties,
);
export type LinksValues = ValuesOf<typeof linksProperties>;
