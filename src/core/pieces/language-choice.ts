import { el } from '../markup/html';
import { boxCss, type Length } from '../lengths/formula';
import { total } from '../lengths/piecewise';
import { choiceKind } from '../properties/kinds/choice';
import { lengthKind } from '../properties/kinds/length';
import { dressedCss, dressProperties, markerProperties, statedPart } from '../properties/dress';
import { placeProperties } from '../properties/place';
import { property } from '../properties/property';
import { typeProperties } from '../properties/type';
import { leading, pieceClass, type PieceKind } from './piece';
import { dressOf, row } from './room';

const part = statedPart({
  label: 'Languages',
  prefix: 'language',
  selector: '& .language-link',
  states: ['rest', 'current', 'hover', 'focus', 'pressed'],
});

/** The same page in the other languages of the site, each named in itself. */
export const languageChoice: PieceKind = {
  kind: 'language',
  label: 'Language choice',
  properties: [
    property<'names' | 'codes'>({
      name: 'said',
      label: 'Said as',
      group: 'Content',
      kind: choiceKind({ names: 'names', codes: 'codes' }),
      by: 'width',
      initial: 'names',
      css: (value) => ({
        '& .language-name': { display: value === 'names' ? 'inline' : 'none' },
        '& .language-code': { display: value === 'codes' ? 'inline' : 'none' },
      }),
    }),
    property({
      name: 'languageGap',
      label: 'Between languages',
      group: 'Space',
      kind: lengthKind(0, 120),
      by: 'width',
      initial: 12,
      css: (value) => ({ '& ul': { gap: boxCss(value) } }),
    }),
    ...dressProperties(part, { open: 'as the bar', marked: ['current', 'hover'] }),
    ...markerProperties('& .language-link'),
    ...typeProperties('type-nav'),
    ...placeProperties,
  ],
  css: {
    '.language ul': {
      display: 'flex',
      margin: '0',
      padding: '0',
      'align-items': 'center',
      'list-style': 'none',
    },
    '.language-link': {
      display: 'block',
      'padding-block': '0.25em',
      color: 'inherit',
      'text-decoration': 'none',
      'white-space': 'nowrap',
      ...dressedCss,
    },
  },
  room(values, context) {
    if (context.languages.length < 2) return null;
    const widths = context.languages.map(({ tag, name, current }) => {
      const { weight, edge } = dressOf(values, part.prefix, current ? 'current' : 'rest');
      const said = values.said === 'codes' ? tag.toUpperCase() : name;
      return total(context.text(said, { weight }), context.px(2 * context.border(edge)));
    });
    return { preferred: row(context, widths, context.length(values.languageGap as Length)) };
  },
  height: (_, { line, size }) => line + 0.5 * size,
  summary: (values) => values.said as string,
  caption: () => '',
  html(piece, context) {
    if (context.languages.length < 2) return null;
    const items = context.languages.map(({ tag, name, current }) =>
      el(
        'li',
        {},
        leading(
          context.target({ to: 'language', language: tag }),
          { class: 'language-link', 'aria-current': current ? 'page' : null },
          el('span', { class: 'language-name' }, name),
          // Those who listen hear the name also where the code is seen.
          el('abbr', { class: 'language-code', title: name }, tag.toUpperCase()),
        ),
      ),
    );
    return el(
      'nav',
      { class: pieceClass(piece, context), 'aria-label': context.landmark('Language') },
      el('ul', {}, ...items),
    );
  },
};
