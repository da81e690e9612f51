import { box } from '../boxes/box';
import type { Layouts } from '../boxes/layout';
import { el } from '../markup/html';
import { choiceKind } from '../properties/kinds/choice';
import { lengthKind } from '../properties/kinds/length';
import { optionalKind } from '../properties/kinds/optional';
import { referenceKind } from '../properties/kinds/reference';
import { placeProperties } from '../properties/place';
import { property, propertyList, without, type ValuesOf } from '../properties/property';
import { kindOfPiece, pieceClass } from './piece';

const properties = propertyList(
  property({
    name: 'line',
    label: 'Line',
    group: 'Content',
    kind: referenceKind('borders'),
    by: null,
    initial: 'border-hairline',
    css: (value, names) => ({ '&': { '--line-of': names.token(value) } }),
  }),
  property({
    name: 'stands',
    label: 'Stands',
    group: 'Content',
    kind: choiceKind({ upright: 'upright', flat: 'flat' }),
    by: 'width',
    initial: 'upright',
    css: (value) => ({
      '&': {
        'border-inline-start': value === 'upright' ? 'var(--line-of)' : 'none',
        'border-block-start': value === 'upright' ? 'none' : 'var(--line-of)',
      },
    }),
  }),
  property({
    name: 'length',
    label: 'Length',
    group: 'Content',
    kind: optionalKind(lengthKind(4, 1600), 'all the way'),
    by: 'width',
    initial: null,
  }),
  without(placeProperties, 'pieceWidth'),
);
type Values = ValuesOf<typeof properties>;

/** It keeps its length whatever room there is: a line that gives way would be one that says something else. */
const layouts = ({ stands, length, alignSelf }: Values) =>
  ({
    '': {
      // All across its bay, unless something else is said of its place.
      alignSelf: alignSelf ?? 'stretch',
      flexShrink: 0,
      inlineSize: stands === 'upright' ? 0 : (length ?? 'auto'),
      blockSize: stands === 'upright' ? (length ?? 'auto') : 0,
    },
  }) as const satisfies Layouts;

/** A line between pieces: upright in a row, flat in a stack. */
export const divider = kindOfPiece<Values>({
  kind: 'divider',
  label: 'Divider',
  about: 'A line between what is on either side of it.',
  properties,
  css: { '.divider': { margin: '0', border: '0' } },
  layouts,
  box(values, content) {
    const line = content.border(values.line);
    const edge =
      values.stands === 'upright' ? { start: line, above: 0, below: 0 } : { start: 0, above: line, below: 0 };
    return box('', layouts(values)[''], [], { edge });
  },
  summary: () => 'shown',
  caption: () => '',
  html: (piece, context) => el('hr', { class: pieceClass(piece, context) }),
});
