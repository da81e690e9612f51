import { lessBy } from './giving';
import { AS_IT_COMES } from '../markup/css';
import { lengthCss } from '../lengths/formula';
import { lengthKind } from './kinds/length';
import { optionalKind } from './kinds/optional';
import { referenceKind } from './kinds/reference';
import type { Id } from '../ids/id';
import { property, propertyList } from './property';

const AS_STYLE = 'as its style';

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
          Object.entries(names.typeCss(value)).map(([css, own]) => [
            css,
            value === style ? AS_IT_COMES : own,
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
