import { el } from '../markup/html';
import { iconHtml, type IconName } from '../icons/icons';
import { flagKind } from '../properties/kinds/flag';
import { iconKind } from '../properties/kinds/icon';
import { lengthKind } from '../properties/kinds/length';
import { optionalKind } from '../properties/kinds/optional';
import { linkKind } from '../properties/kinds/link';
import { numberKind } from '../properties/kinds/number';
import { textKind } from '../properties/kinds/text';
import { NOWHERE, type Link } from '../properties/link';
import {
  dressedCss,
  dressProperties,
  markerProperties,
  signAndWordsCss,
  statedPart,
} from '../properties/dress';
import { boxCss, lengthAt, type Length } from '../lengths/formula';
import { times, total, widest, type Piecewise } from '../lengths/piecewise';
import { iconLine, iconSize } from '../properties/icon-size';
import { placeProperties } from '../properties/place';
import { AS_IT_COMES, property } from '../properties/property';
import { typeProperties } from '../properties/type';
import { leading, pieceClass, type PieceKind } from './piece';
import { dressOf, iconWidth, row, type RoomContext } from './room';
import { labelCss } from './unseen';

const part = statedPart({ label: 'Basket', prefix: 'basket', selector: '&' });

/** What is around the basket where nothing is said, in em. */
const INSIDE = 0.6;

function insideOf({ inside }: Record<string, unknown>, context: RoomContext): Piecewise {
  return inside === null ? context.em(INSIDE) : context.length(inside as Length);
}

/** The way to the shop's basket, with how much is in it: a shop's own script writes the number into `[data-basket-count]`. */
export const basket: PieceKind = {
  kind: 'basket',
  label: 'Basket',
  properties: [
    property<Link>({
      name: 'link',
      label: 'Leads to',
      group: 'Content',
      kind: linkKind(),
      by: null,
      initial: NOWHERE,
    }),
    property({
      name: 'label',
      label: 'Label',
      group: 'Content',
      kind: textKind(40),
      by: null,
      initial: 'Basket',
    }),
    property<boolean>({
      name: 'labelSeen',
      label: 'Label is',
      group: 'Content',
      kind: flagKind('said to readers only', 'seen'),
      by: 'width',
      initial: false,
      css: (value) => ({ '& .basket-label': labelCss(value) }),
    }),
    property<IconName | null>({
      name: 'icon',
      label: 'Icon',
      group: 'Content',
      kind: iconKind(),
      by: null,
      initial: 'shopping-basket',
    }),
    property({
      name: 'count',
      label: 'Count, until the shop says it',
      group: 'Content',
      kind: numberKind(0, 999, 'in it'),
      by: null,
      initial: 0,
    }),
    property<boolean>({
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
    property<Length | null>({
      name: 'inside',
      label: 'Inside',
      group: 'Space',
      kind: optionalKind(lengthKind(0, 80), 'with the text'),
      by: 'width',
      initial: null,
      css: (value) => ({ '&': { padding: value === null ? AS_IT_COMES : boxCss(value) } }),
    }),
    ...dressProperties(part, { open: 'as the bar' }),
    ...markerProperties('&'),
    ...typeProperties('type-nav'),
    ...placeProperties,
  ],
  css: {
    '.basket': {
      ...signAndWordsCss,
      position: 'relative',
      padding: `${INSIDE}em`,
      color: 'inherit',
      'text-decoration': 'none',
      'white-space': 'nowrap',
      ...dressedCss,
    },
    '.basket-count': {
      'min-inline-size': '1.5em',
      padding: '0 0.4em',
      'border-radius': 'var(--radius-round)',
      'background-color': 'var(--accent)',
      color: 'var(--on-accent)',
      'font-size': '0.75em',
      'line-height': '1.5',
      'text-align': 'center',
      // Two digits take the room of two, whatever they are.
      'font-variant-numeric': 'tabular-nums',
    },
    '.basket-count:empty': { display: 'none' },
  },
  room(values, context) {
    const { weight, edge } = dressOf(values, part.prefix);
    const count = (values.count as number) > 0 && !values.countOver && String(values.count);
    const counted =
      count &&
      widest(
        context.em(0.75 * 1.5),
        total(context.em(0.75 * 0.8), context.text(count, { weight, scale: 0.75, tabular: true })),
      );
    const label = Boolean(values.labelSeen) && context.text((values.label as string) || 'Basket', { weight });
    const parts = [values.icon !== null && iconWidth(values, context), label, counted].filter(
      (each) => each !== false,
    );
    return {
      preferred: total(
        row(context, parts as Exclude<(typeof parts)[number], false | ''>[], context.em(0.5)),
        times(insideOf(values, context), 2),
        context.px(2 * context.border(edge)),
      ),
    };
  },
  height: (values, { line, size, at }) =>
    (values.icon === null ? line : iconLine(values, { line, at })) +
    2 * (values.inside === null ? INSIDE * size : lengthAt(values.inside as Length, at)),
  summary: (values) => (values.labelSeen ? 'with label' : 'icon'),
  caption: () => '',
  html(piece, context) {
    const { link, label, icon, count } = piece.values as {
      link: Link;
      label: string;
      icon: IconName | null;
      count: number;
    };
    return leading(
      context.target(link),
      { class: pieceClass(piece, context) },
      icon !== null && iconHtml(icon),
      el('span', { class: 'basket-label' }, label || 'Basket'),
      el('span', { class: 'basket-count', 'data-basket-count': '' }, count > 0 && String(count)),
    );
  },
};
