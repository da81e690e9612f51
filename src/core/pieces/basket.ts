import { el } from '../markup/html';
import { iconHtml, type IconName } from '../icons/icons';
import { flagKind } from '../properties/kinds/flag';
import { iconKind } from '../properties/kinds/icon';
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
import { total, widest } from '../lengths/piecewise';
import { ICON_SIZE } from '../icons/icons';
import { placeProperties } from '../properties/place';
import { property } from '../properties/property';
import { typeProperties } from '../properties/type';
import { leading, pieceClass, type PieceKind } from './piece';
import { dressOf, row } from './room';
import { labelCss } from './unseen';

const part = statedPart({ label: 'Basket', prefix: 'basket', selector: '&' });

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
    ...dressProperties(part, { open: 'as the bar' }),
    ...markerProperties('&'),
    ...typeProperties('type-nav'),
    ...placeProperties,
  ],
  css: {
    '.basket': {
      ...signAndWordsCss,
      position: 'relative',
      padding: '0.6em',
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
    const count = (values.count as number) > 0 && String(values.count);
    const counted =
      count &&
      widest(
        context.em(0.75 * 1.5),
        total(context.em(0.75 * 0.8), context.text(count, { weight, scale: 0.75, tabular: true })),
      );
    const label = Boolean(values.labelSeen) && context.text((values.label as string) || 'Basket', { weight });
    const parts = [values.icon !== null && context.em(ICON_SIZE), label, counted].filter(
      (each) => each !== false,
    );
    return {
      preferred: total(
        row(context, parts as Exclude<(typeof parts)[number], false | ''>[], context.em(0.5)),
        context.em(2 * 0.6),
        context.px(2 * context.border(edge)),
      ),
    };
  },
  height: (_, { line, size }) => line + 1.2 * size,
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
