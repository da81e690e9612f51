import { box, words, type Box } from '../boxes/box';
import type { Layouts } from '../boxes/layout';
import { dressedBox, type PieceContent } from './content';
import { el, type Node } from '../markup/html';
import { choiceKind } from '../properties/kinds/choice';
import { lengthKind } from '../properties/kinds/length';
import { dressedCss, dressProperties, markerProperties, statedPart } from '../properties/dress';
import { placeProperties } from '../properties/place';
import { property, propertyList, type ValuesOf } from '../properties/property';
import { typeProperties } from '../properties/type';
import {
  chooserBox,
  chooserCss,
  chooserFormCss,
  chooserForms,
  chooserHanging,
  chooserHangs,
  chooserHtml,
  chooserLayouts,
  chooserOpenCss,
  chooserUnscriptedCss,
  someChooserCss,
  TOGGLE,
} from './drop-down/chooser';
import { hangingAlign, hangingLookProperties, itemEdges } from './drop-down/look';
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
    name: 'form',
    label: 'Shown as',
    group: 'Content',
    kind: choiceKind(chooserForms),
    by: 'width',
    initial: 'row',
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
  hangingAlign(itemEdges),
  hangingLookProperties,
  typeProperties('type-nav'),
  placeProperties,
);
type Values = ValuesOf<typeof properties>;

const layouts = ({ said, form, languageGap }: Values) =>
  ({
    '': {},
    '.language-link': {
      display: 'block',
      paddingBlock: { em: form === 'drop' ? 0.5 : 0.25 },
      whiteSpace: 'nowrap',
    },
    '.language-code': { display: said === 'codes' ? 'inline' : 'none' },
    ...chooserLayouts(form, languageGap),
  }) as const satisfies Layouts;

/** What is read of a language. */
const saidAs = ({ said }: Values, { tag, name }: { tag: string; name: string }) =>
  said === 'names' ? name : tag.toUpperCase();

function itemBoxes(values: Values, content: PieceContent): Box[] {
  const link = layouts(values)['.language-link'];
  return content
    .languages()
    .map((language) =>
      box('li', {}, [
        box(
          '.language-link',
          link,
          [words(saidAs(values, language))],
          dressedBox(values, part.prefix, content, language.current ? 'current' : 'rest'),
        ),
      ]),
    );
}

/** A language in its own words and by its code; who listens hears the words. */
const languageHtml = ({ tag, name }: { tag: string; name: string }): Node[] => [
  el('span', { class: 'language-name' }, name),
  ' ',
  el('span', { class: 'language-code' }, tag.toUpperCase()),
];

/** The same page in the other languages of the site, each named in itself. */
export const languageChoice = kindOfPiece<Values>({
  kind: 'language',
  label: 'Language choice',
  about: 'The languages of the site: in a row, a list or a drop-down.',
  properties,
  css: {
    ...chooserCss,
    '.language-link': { color: 'inherit', 'text-decoration': 'none', ...dressedCss },
  },
  layouts,
  jointCss: (values) => chooserFormCss(values.form, values),
  someCss: someChooserCss,
  openCss: chooserOpenCss,
  openWithoutScriptsCss: chooserUnscriptedCss,
  targets: ['.language-link', TOGGLE],
  box(values, content) {
    if (content.languages().length < 2) return null;
    const laid = layouts(values);
    const current = content.languages().find((each) => each.current) ?? content.languages()[0]!;
    const toggle = {
      said: saidAs(values, current),
      sign: null,
      dress: dressedBox(values, part.prefix, content),
    };
    return box('', laid[''], [chooserBox(laid, values.form, toggle, itemBoxes(values, content))]);
  },
  hanging: {
    ...chooserHangs,
    boxes(values, content) {
      if (content.languages().length < 2 || values.form !== 'drop') return [];
      const edge = content.border(values.panelLine);
      return [chooserHanging(layouts(values), itemBoxes(values, content), edge)];
    },
  },
  form: 'form',
  summary: ({ said, form }) => (form === 'drop' ? `${said}, dropping down` : said),
  caption: () => '',
  html(piece, context, versions) {
    const { languages, words } = context;
    if (languages.length < 2) return null;
    const items = languages.map((language) =>
      el(
        'li',
        {},
        leading(
          context.target({ to: 'language', language: language.tag }),
          { class: 'language-link', 'aria-current': language.current ? 'page' : null },
          ...languageHtml(language),
        ),
      ),
    );
    const current = languages.find((each) => each.current)!;
    const toggle = {
      class: 'language-link',
      said: languageHtml(current),
      label: `${words.language}: ${current.name}`,
    };
    const drops = versions.some(({ values }) => values.form === 'drop');
    return el(
      'nav',
      { class: pieceClass(piece, context), 'aria-label': context.landmark(words.language) },
      chooserHtml({ id: `${context.idOf(piece.id)}-list`, drops }, toggle, items),
    );
  },
});
