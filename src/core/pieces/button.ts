import { px } from '../lengths/length';
import { lengthKind } from '../properties/kinds/length';
import { linkKind } from '../properties/kinds/link';
import { textKind } from '../properties/kinds/text';
import { placeProperties } from '../properties/place';
import { property } from '../properties/property';
import { typeProperties } from '../properties/type';
import { linkOrSpan, pieceClass, type PieceKind } from './piece';
import type { Link } from '../properties/link';

/** A call to action. */
export const button: PieceKind = {
  kind: 'button',
  label: 'Button',
  properties: [
    property({
      name: 'label',
      label: 'Label',
      group: 'Content',
      kind: textKind(80),
      banded: false,
      initial: 'Button',
    }),
    property<Link>({
      name: 'link',
      label: 'Leads to',
      group: 'Content',
      kind: linkKind(),
      banded: false,
      initial: { to: 'nothing' },
    }),
    property({
      name: 'paddingBlock',
      label: 'Above and below',
      group: 'Space',
      kind: lengthKind(0, 80),
      banded: true,
      initial: 10,
      css: (value) => ({ '&': { 'padding-block': px(value) } }),
    }),
    property({
      name: 'paddingInline',
      label: 'Beside',
      group: 'Space',
      kind: lengthKind(0, 120),
      banded: true,
      initial: 18,
      css: (value) => ({ '&': { 'padding-inline': px(value) } }),
    }),
    ...typeProperties({ size: 16, weight: 'strong' }),
    ...placeProperties,
  ],
  css: {
    '.button': {
      display: 'inline-block',
      'background-color': 'var(--accent)',
      color: 'var(--on-accent)',
      border: '2px solid transparent',
      'border-radius': '4px',
      'line-height': '1.25',
      'text-decoration': 'none',
      'white-space': 'nowrap',
    },
    '.button:hover': { 'border-color': 'currentcolor' },
    '.button:active': { translate: '0 1px' },
  },
  summary: () => 'shown',
  caption: (values) => `“${values.label as string}”`,
  html(piece, context) {
    const { label, link } = piece.values as { label: string; link: Link };
    if (label.trim() === '') return null;
    return linkOrSpan(context.href(link), { class: pieceClass(piece, context) }, label);
  },
};
