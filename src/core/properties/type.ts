import { lessBy } from './giving';
import { AS_IT_COMES } from '../markup/css';
import { lengthCss } from '../lengths/formula';
import { lengthKind } from './kinds/length';
import { optionalKind } from './kinds/optional';
import { referenceKind } from './kinds/reference';
import type { Id } from '../ids/id';
import { property, propertyList } from './property';

const AS_STYLE = 'as its style';

/** The CSS properties that a type style settles, with the part of the style that each reads. */
const styleParts = {
  'font-family': 'family',
  'font-weight': 'weight',
  'font-style': 'slant',
  'font-size': 'size',
  'line-height': 'line-height',
  'letter-spacing': 'letter-spacing',
  'text-transform': 'case',
} as const;

/** What a kind of piece has before its own style is chosen: the declarations of a style that every site has. */
export function standardTypeCss(style: Id): Record<string, string> {
  return Object.fromEntries(
    Object.entries(styleParts).map(([css, part]) => [css, `var(--${style}-${part})`]),
  );
}

/** Properties of text: the brand's type style that it takes, and a size of its own. */
export function typeProperties(style: Id) {
  return propertyList(
    property({
      name: 'typeStyle',
      label: 'Style',
      group: 'Type',
      kind: referenceKind('typeStyles'),
      by: 'width',
      initial: style,
      css: (value, names) => ({
        '&': Object.fromEntries(
          Object.entries(styleParts).map(([css, part]) => [
            css,
            value === style ? AS_IT_COMES : names.typeStyle(value, part),
          ]),
        ),
      }),
    }),
    property({
      name: 'textSize',
      ofStyle: 'size',
      gives: { least: 12, step: 0.25 },
      turns: [lessBy('text', 'smaller text', [8, 160], 0.5, 13)],
      label: 'Size',
      group: 'Type',
      kind: optionalKind(lengthKind(8, 160), AS_STYLE),
      by: 'width',
      initial: null,
      // Stands after the style, whose size it takes the place of.
      css: (value): Record<string, Record<string, string>> =>
        value === null ? {} : { '&': { 'font-size': lengthCss(value) } },
    }),
  );
}
