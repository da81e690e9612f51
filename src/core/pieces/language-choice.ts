import { box, words } from '../boxes/box';
import type { Layouts } from '../boxes/layout';
import { dressedBox } from './content';
import { el } from '../markup/html';
import { choiceKind } from '../properties/kinds/choice';
import { lengthKind } from '../properties/kinds/length';
import { dressedCss, dressProperties, markerProperties, statedPart } from '../properties/dress';
import { placeProperties } from '../properties/place';
import { property, propertyList, type ValuesOf } from '../properties/property';
import { typeProperties } from '../properties/type';
import { leading, kindOfPiece, pieceClass } from './piece';
import { usuallySeenCss } from './unseen';

const part = statedPart({
  label: 'Languages',
  prefix: 'language',
  selector: '& .language-link',
  states: ['rest', 'current', 'hover', 'focus', 'pressed'],
});

const properties = propertyList(
  property({
    name: 'said',
    label: 'Said as',
    group: 'Content',
    kind: choiceKind({ names: 'names', codes: 'codes' }),
    by: 'width',
    initial: 'names',
    // Who listens hears the name in any case.
    css: (value) => ({ '& .language-name': usuallySeenCss(value === 'names') }),
  }),
  property({
    name: 'languageGap',
    gives: { least: 4, step: 1 },
    label: 'Between languages',
    group: 'Space',
    kind: lengthKind(0, 120),
    by: 'width',
    initial: 12,
  }),
  dressProperties(part, { open: 'as the bar', marked: ['current', 'hover'] }),
  markerProperties('& .language-link'),
  typeProperties('type-nav'),
  placeProperties,
);
type Values = ValuesOf<typeof properties>;

const layouts = ({ said, languageGap }: Values) =>
  ({
    '': {},
    ul: { display: 'flex', alignItems: 'center', gap: languageGap },
    '.language-link': { display: 'block', paddingBlock: { em: 0.25 }, whiteSpace: 'nowrap' },
    '.language-code': { display: said === 'codes' ? 'inline' : 'none' },
  }) as const satisfies Layouts;

/** The same page in the other languages of the site, each named in itself. */
export const languageChoice = kindOfPiece<Values>({
  kind: 'language',
  label: 'Language choice',
  properties,
  css: {
    '.language ul': { margin: '0', padding: '0', 'list-style': 'none' },
    '.language-link': { color: 'inherit', 'text-decoration': 'none', ...dressedCss },
  },
  layouts,
  box(values, content) {
    if (content.languages.length < 2) return null;
    const laid = layouts(values);
    const items = content.languages.map(({ tag, name, current }) =>
      box('li', {}, [
        box(
          '.language-link',
          laid['.language-link'],
          [words(values.said === 'names' ? name : tag.toUpperCase())],
          dressedBox(values, part.prefix, content, current ? 'current' : 'rest'),
        ),
      ]),
    );
    return box('', laid[''], [box('ul', laid.ul, items)]);
  },
  summary: (values) => values.said,
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
          ' ',
          el('span', { class: 'language-code' }, tag.toUpperCase()),
        ),
      ),
    );
    return el(
      'nav',
      { class: pieceClass(piece, context), 'aria-label': context.landmark(context.words.language) },
      el('ul', {}, ...items),
    );
  },
});
