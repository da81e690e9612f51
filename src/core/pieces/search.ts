import { el } from '../markup/html';
import { iconHtml } from '../icons/icons';
import { boxCss, leastOf, lengthAt, type Length } from '../lengths/formula';
import { rem } from '../lengths/length';
import { choiceKind } from '../properties/kinds/choice';
import { lengthKind } from '../properties/kinds/length';
import { optionalKind } from '../properties/kinds/optional';
import { textKind } from '../properties/kinds/text';
import { dressedCss, dressProperties, statedPart } from '../properties/dress';
import { placeProperties } from '../properties/place';
import { AS_IT_COMES, property } from '../properties/property';
import { typeProperties } from '../properties/type';
import { pieceClass, type PieceKind } from './piece';

type Form = 'field' | 'icon';

const fieldPart = statedPart({
  label: 'Search field',
  prefix: 'field',
  selector: '& input',
  states: ['rest', 'hover', 'focus'],
  look: { ink: 'ink', ground: 'ground', border: '1 px, Line' },
});
const iconPart = statedPart({ label: 'Search icon', prefix: 'searchIcon', selector: '& > .search-open' });

/** The size of the buttons with a sign, in CSS px at the usual text size. */
const ICON_BUTTON = 40;

/** How narrow the field may get. */
function leastWidth({ fieldWidth, fieldLeast }: Record<string, unknown>): Length {
  return fieldLeast === null ? (fieldWidth as Length) : leastOf(fieldWidth as Length, fieldLeast as Length);
}

/**
 * A search over the site: a field, or an icon that opens it. The form is a popover (HTML, 6.12), which opens and closes
 * without a script; where it is shown as a field it simply stands in the flow.
 */
export const search: PieceKind = {
  kind: 'search',
  label: 'Search',
  properties: [
    property<Form>({
      name: 'form',
      label: 'Shown as',
      group: 'Content',
      kind: choiceKind({ field: 'field', icon: 'icon that opens the field' }),
      by: 'width',
      givesWay: true,
      initial: 'field',
      css: (value) => ({
        '& > .search-open': { display: value === 'icon' ? 'inline-grid' : 'none' },
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
      kind: textKind(40),
      by: null,
      initial: 'Search',
    }),
    property({
      name: 'fieldWidth',
      label: 'Width of the field',
      group: 'Space',
      kind: lengthKind(80, 800),
      by: 'width',
      initial: 200,
    }),
    property<Length | null>({
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
      css: (value) => ({ '& input': { 'block-size': boxCss(value) } }),
    }),
    ...dressProperties(fieldPart, { open: 'as it comes' }),
    ...dressProperties(iconPart, { open: 'as the bar' }),
    ...typeProperties('type-nav'),
    ...placeProperties,
  ],
  css: {
    // Of a width of its own and a least one, between which it takes what its bay has; what it takes of free space comes behind.
    '.search': { display: 'grid' },
    '.search-open, .search-go': {
      'place-content': 'center',
      'inline-size': rem(ICON_BUTTON),
      'block-size': rem(ICON_BUTTON),
      ...dressedCss,
    },
    '.search-form': {
      'grid-column': '1 / -1',
      'align-items': 'center',
      inset: 'auto',
      'inset-block-start': '4rem',
      'inset-inline-end': 'var(--gutter)',
      margin: '0',
      padding: '0.75rem',
      border: '1px solid var(--line)',
      'background-color': 'var(--ground)',
      color: 'inherit',
    },
    // Where the browser knows anchors, the field hangs below the icon that opened it (CSS Anchor Positioning 1).
    '.search-form:popover-open': {
      display: 'flex',
      'inset-block-start': 'auto',
      'inset-inline-end': 'auto',
      'position-area': 'block-end span-inline-start',
    },
    '.search input': {
      'min-inline-size': '0',
      padding: '0 0.75em',
      border: '1px solid var(--line)',
      'background-color': 'var(--ground)',
      color: 'var(--ink)',
      font: 'inherit',
      'transition-property': 'color, background-color, border-color',
    },
    '.search-form:popover-open .search-go': { color: 'var(--ink)' },
    '.search-go': { display: 'grid', 'margin-inline-start': rem(-ICON_BUTTON), color: 'var(--ink)' },
  },
  jointCss: ({ form, fieldWidth, fieldLeast, takesRest }) => {
    const field = form === 'field';
    const width = boxCss(fieldWidth as Length);
    const column = `minmax(${boxCss(leastWidth({ fieldWidth, fieldLeast }))}, ${width})`;
    return {
      '&': { 'grid-template-columns': field ? `${column}${takesRest ? ' 1fr' : ''}` : 'none' },
      '& input': { 'inline-size': field ? '0' : width, 'flex-grow': field ? '1' : '0' },
    };
  },
  room: ({ form, fieldWidth, fieldLeast }, { length, rem }) =>
    form === 'icon'
      ? { preferred: rem(ICON_BUTTON) }
      : {
          preferred: length(fieldWidth as Length),
          least: length(leastWidth({ fieldWidth, fieldLeast })),
        },
  height: ({ form, fieldHeight }, { at }) =>
    form === 'icon' ? ICON_BUTTON : lengthAt(fieldHeight as Length, at),
  form: 'form',
  summary: (values) => values.form as Form,
  caption: () => '',
  html(piece, context) {
    const words = (piece.values.words as string) || 'Search';
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
          { class: 'search-go', type: 'submit', 'aria-label': `${words}: go` },
          iconHtml('search'),
        ),
      ),
    );
  },
};
