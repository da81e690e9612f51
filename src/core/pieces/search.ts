import { saidOf } from './words';
import { AS_IT_COMES } from '../markup/css';
import { box, words } from '../boxes/box';
import { sign } from '../boxes/sign';
import type { Layouts, Track } from '../boxes/layout';
import { EVERY_WIDTH, extremes, leastOf, type Length } from '../lengths/formula';
import { el } from '../markup/html';
import { iconHtml } from '../icons/icons';
import { choiceKind } from '../properties/kinds/choice';
import { lengthKind } from '../properties/kinds/length';
import { optionalKind } from '../properties/kinds/optional';
import { textKind } from '../properties/kinds/text';
import { dressedCss, dressProperties, statedPart } from '../properties/dress';
import { placeProperties } from '../properties/place';
import { property, propertyList, type ValuesOf } from '../properties/property';
import { typeProperties } from '../properties/type';
import { dressedBox } from './content';
import { kindOfPiece, pieceClass } from './piece';

const fieldPart = statedPart({
  label: 'Search field',
  prefix: 'field',
  selector: '& input',
  states: ['rest', 'hover', 'focus'],
  look: { ink: 'ink', ground: 'ground', border: '1 px, Muted', fieldLine: 'muted' },
});
const iconPart = statedPart({ label: 'Search icon', prefix: 'searchIcon', selector: '& > .search-open' });

/** The size of the buttons with a sign, in CSS px at the usual text size. */
const ICON_BUTTON = 40;

/** How narrow the field may get. */
function leastWidth({ fieldWidth, fieldLeast }: { fieldWidth: Length; fieldLeast: Length | null }): Length {
  return fieldLeast === null ? fieldWidth : leastOf(fieldWidth, fieldLeast);
}

/** A width of the field with room for the button in it. */
const withButton = (width: Length): Length =>
  extremes(width, EVERY_WIDTH).least < ICON_BUTTON ? { greatest: [width, ICON_BUTTON] } : width;

const properties = propertyList(
  property({
    name: 'form',
    label: 'Shown as',
    group: 'Content',
    kind: choiceKind({ field: 'field', icon: 'icon that opens the field' }),
    by: 'width',
    givesWay: true,
    initial: 'field',
    css: (value) => ({
      '& > .search-form': {
        display: value === 'field' ? 'flex' : AS_IT_COMES,
        position: value === 'field' ? 'static' : AS_IT_COMES,
        padding: value === 'field' ? '0' : AS_IT_COMES,
        border: value === 'field' ? '0' : AS_IT_COMES,
        'background-color': value === 'field' ? 'transparent' : AS_IT_COMES,
        'inline-size': value === 'field' ? '100%' : AS_IT_COMES,
      },
    }),
  }),
  property({
    name: 'words',
    label: 'Words',
    group: 'Content',
    kind: textKind(40, '“Search”, in the page’s language'),
    by: 'language',
    initial: '',
  }),
  property({
    name: 'fieldWidth',
    gives: { least: 96, step: 4 },
    label: 'Width of the field',
    group: 'Space',
    kind: lengthKind(80, 800),
    by: 'width',
    initial: 200,
  }),
  property({
    name: 'fieldLeast',
    label: 'Gets narrower down to',
    group: 'Space',
    kind: optionalKind(lengthKind(64, 800), 'not at all'),
    by: 'width',
    initial: 120,
  }),
  property({
    name: 'fieldHeight',
    label: 'Height of the field',
    group: 'Space',
    kind: lengthKind(24, 96),
    by: 'width',
    initial: 40,
  }),
  dressProperties(fieldPart, { open: 'as it comes' }),
  dressProperties(iconPart, { open: 'as the bar' }),
  typeProperties('type-nav'),
  placeProperties,
);
type Values = ValuesOf<typeof properties>;

const layouts = ({ form, fieldWidth, fieldLeast, fieldHeight, takesRest }: Values) => {
  const field = form === 'field';
  const column: Track = {
    least: withButton(leastWidth({ fieldWidth, fieldLeast })),
    most: withButton(fieldWidth),
  };
  const size = { rem: ICON_BUTTON };
  return {
    // Of a width of its own and a least one, between which it takes what its bay has; what it takes of free space comes behind.
    '': {
      display: 'grid',
      gridTemplateColumns: !field ? 'none' : takesRest ? [column, { fr: 1 }] : [column],
    },
    // A large sign makes it larger.
    '> .search-open': {
      display: field ? 'none' : 'inline-grid',
      placeContent: 'center',
      justifySelf: 'start',
      alignSelf: 'start',
      minInlineSize: size,
      minBlockSize: size,
    },
    '.search-form': { gridColumn: '1 / -1', alignItems: 'center' },
    '.search-go': {
      display: 'grid',
      placeContent: 'center',
      inlineSize: size,
      blockSize: size,
      marginInlineStart: { rem: -ICON_BUTTON },
    },
    input: {
      minInlineSize: 0,
      inlineSize: field ? 0 : fieldWidth,
      flexGrow: field ? 1 : 0,
      blockSize: fieldHeight,
      padding: [0, { em: 0.75 }],
      border: { width: 1, look: 'solid var(--muted)' },
    },
  } as const satisfies Layouts;
};

/**
 * A search over the site: a field, or an icon that opens it. The form is a popover (HTML, 6.12), which opens and closes
 * without a script; where it is shown as a field it simply stands in the flow.
 */
export const search = kindOfPiece<Values>({
  kind: 'search',
  label: 'Search',
  about: 'Searches the pages of the site: a field, or a sign that opens it.',
  properties,
  css: {
    '.search-open, .search-go': dressedCss,
    '.search-form': {
      inset: 'auto',
      'inset-block-start': '4rem',
      'inset-inline-end': 'var(--gutter)',
      margin: '0',
      // A popover would cut off the ring of the field in it.
      overflow: 'visible',
      padding: '0.75rem',
      border: '1px solid var(--line)',
      'background-color': 'var(--ground)',
      color: 'inherit',
    },
    '.search-form:popover-open': { display: 'flex', 'max-inline-size': 'calc(100vw - 2 * var(--gutter))' },
    '.search input': {
      'background-color': 'var(--ground)',
      color: 'var(--ink)',
      font: 'inherit',
      'transition-property': 'color, background-color, border-color',
    },
    '.search-form:popover-open .search-go': { color: 'var(--ink)' },
    '.search-go': { color: 'var(--ink)' },
  },
  someCss: [
    {
      // Where the browser knows anchors, the field hangs below the bar of the icon that opened it (CSS Anchor Positioning 1): at its end
      // or its start, or where neither has room, across the window.
      css: [
        {
          '.bar:has(.search-open)': { 'anchor-name': '--search-bar', 'anchor-scope': '--search-bar' },
          '@position-try --across': { 'inset-inline': '0' },
        },
        {
          at: '@supports (inset: anchor(end))',
          inside: [
            {
              '.search-form:popover-open': {
                'inset-block': 'anchor(--search-bar end) auto',
                'inset-inline': 'auto anchor(end)',
                'position-try-fallbacks': 'flip-inline, --across',
              },
            },
          ],
        },
      ],
      when: ({ form }) => form === 'icon',
    },
  ],
  layouts,
  targets: ['> .search-open', 'input', '.search-go'],
  box(values, content) {
    const laid = layouts(values);
    if (values.form === 'icon')
      return box('', laid[''], [
        box(
          '> .search-open',
          laid['> .search-open'],
          [sign({})],
          dressedBox(values, iconPart.prefix, content),
        ),
      ]);
    const { edge } = dressedBox(values, fieldPart.prefix, content);
    // As a field the form stands in the flow; else it is a popover, out of it. What can be one is as high as its content.
    const inFlow = {
      ...laid['.search-form'],
      display: 'flex',
      inlineSize: '100%',
      blockSize: 'fit-content',
    } as const;
    // A field has its words on its middle line by itself, as high as their font.
    const field = {
      ...laid.input,
      alignContent: 'center',
      whiteSpace: 'nowrap',
      lineHeight: 'normal',
    } as const;
    const inside = [
      box('input', field, [words(values.words || content.words.search)], { edge }),
      box('.search-go', laid['.search-go'], [sign({})]),
    ];
    return box('', laid[''], [box('.search-form', inFlow, inside)]);
  },
  form: 'form',
  summary: (values) => values.form,
  caption: () => '',
  html(piece, context) {
    const words = piece.values.words || context.words.search;
    const name = context.idOf(piece.id);
    const [form, field] = [`${name}-form`, `${name}-field`];
    return el(
      'search',
      { class: pieceClass(piece, context) },
      el(
        'button',
        { class: 'search-open', type: 'button', popovertarget: form, 'aria-label': words },
        iconHtml('search'),
      ),
      el(
        'form',
        { class: 'search-form', id: form, popover: 'auto', action: context.searchHref() },
        el('label', { class: 'unseen', for: field }, words),
        el('input', { type: 'search', id: field, name: 'q', placeholder: words }),
        el(
          'button',
          { class: 'search-go', type: 'submit', 'aria-label': saidOf(context.words.go, words) },
          iconHtml('search'),
        ),
      ),
    );
  },
});
