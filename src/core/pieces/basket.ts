import { AS_IT_COMES } from '../markup/css';
import { box, words } from '../boxes/box';
import type { Layouts } from '../boxes/layout';
import { sign, signAndWords } from '../boxes/sign';
import { dressedBox } from './content';
import { el } from '../markup/html';
import { iconHtml } from '../icons/icons';
import { flagKind } from '../properties/kinds/flag';
import { lengthKind } from '../properties/kinds/length';
import { optionalKind } from '../properties/kinds/optional';
import { countKind } from '../properties/kinds/number';
import { textKind } from '../properties/kinds/text';
import { dressedCss, dressProperties, markerProperties, statedPart } from '../properties/dress';
import { iconSize } from '../properties/icon-size';
import { leadsTo } from '../properties/leads-to';
import { ownIcon } from '../properties/own-icon';
import { placeProperties } from '../properties/place';
import { property, propertyList, type ValuesOf } from '../properties/property';
import { typeProperties } from '../properties/type';
import { leading, kindOfPiece, pieceClass } from './piece';
import { labelCss } from './unseen';

const part = statedPart({ label: 'Basket', prefix: 'basket', selector: '&' });

const properties = propertyList(
  leadsTo(),
  property({
    name: 'label',
    label: 'Label',
    group: 'Content',
    kind: textKind(40, '“Basket”, in the page’s language'),
    by: 'language',
    initial: '',
  }),
  property({
    name: 'labelSeen',
    label: 'Label is',
    group: 'Content',
    kind: flagKind('said to readers only', 'seen'),
    by: 'width',
    initial: false,
    css: (value) => ({ '& .basket-label': labelCss(value) }),
  }),
  ownIcon('shopping-basket'),
  property({
    name: 'count',
    label: 'Count, until the shop says it',
    group: 'Content',
    kind: countKind(0, 999, 'in it'),
    by: null,
    initial: 0,
  }),
  property({
    name: 'countOver',
    label: 'Count stands',
    group: 'Arrangement',
    kind: flagKind('beside the icon', 'over its corner'),
    by: 'width',
    initial: false,
    // What is laid over takes no room: the piece is as wide whatever the count.
    css: (value) => ({
      '& .basket-count': {
        position: value ? 'absolute' : AS_IT_COMES,
        'inset-block-start': value ? '0' : AS_IT_COMES,
        'inset-inline-end': value ? '0' : AS_IT_COMES,
      },
    }),
  }),
  iconSize,
  property({
    name: 'inside',
    label: 'Inside',
    group: 'Space',
    kind: optionalKind(lengthKind(0, 80), 'with the text'),
    by: 'width',
    initial: null,
  }),
  dressProperties(part, { open: 'as the bar' }),
  markerProperties('&'),
  typeProperties('type-nav'),
  placeProperties,
);
type Values = ValuesOf<typeof properties>;

const layouts = ({ inside }: Values) =>
  ({
    '': { ...signAndWords, padding: inside ?? { em: 0.6 } },
    '.basket-label': {},
    '.basket-count': {
      flexShrink: 0,
      minInlineSize: { em: 1.5 },
      padding: [0, { em: 0.4 }],
      fontSize: { em: 0.75 },
      lineHeight: 1.5,
      textAlign: 'center',
    },
  }) as const satisfies Layouts;

/** The way to the shop's basket, with how much is in it: a shop's own script writes the number into `[data-basket-count]`. */
export const basket = kindOfPiece<Values>({
  kind: 'basket',
  label: 'Basket',
  about: 'The basket with how many things are in it.',
  sample: { count: 3 },
  properties,
  foreseen: [{ id: 'basket', label: 'Two digits in the basket', values: { count: 88 } }],
  css: {
    '.basket': { position: 'relative', color: 'inherit', 'text-decoration': 'none', ...dressedCss },
    '.basket-count': {
      'border-radius': 'var(--radius-round)',
      'background-color': 'var(--accent)',
      color: 'var(--on-accent)',
      // Two digits take the room of two, whatever they are.
      'font-variant-numeric': 'tabular-nums',
    },
    '.basket-count:empty': { display: 'none' },
  },
  layouts,
  targets: [''],
  box(values, content) {
    const { icon, label, labelSeen, count, countOver } = values;
    const laid = layouts(values);
    const inside = [
      icon === null ? null : sign(values),
      labelSeen ? box('.basket-label', laid['.basket-label'], [words(label || content.words.basket)]) : null,
      // What is laid over takes no room: the piece is as wide whatever the count.
      count > 0 && !countOver
        ? box('.basket-count', laid['.basket-count'], [words(String(count))], { type: { tabular: true } })
        : null,
    ];
    return box('', laid[''], inside, dressedBox(values, part.prefix, content));
  },
  summary: (values) => (values.labelSeen ? 'with label' : 'icon'),
  caption: () => '',
  html(piece, context) {
    const { link, label, icon, count } = piece.values;
    return leading(
      context.target(link),
      { class: pieceClass(piece, context) },
      icon !== null && iconHtml(icon),
      el('span', { class: 'basket-label' }, label || context.words.basket),
      el('span', { class: 'basket-count', 'data-basket-count': '' }, count > 0 && String(count)),
    );
  },
});
