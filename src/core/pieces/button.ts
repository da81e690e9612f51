import { px } from '../lengths/length';
import { lengthKind } from '../properties/kinds/length';
import { linkKind } from '../properties/kinds/link';
import { referenceKind } from '../properties/kinds/reference';
import { textKind } from '../properties/kinds/text';
import { placeProperties } from '../properties/place';
import { property } from '../properties/property';
import { typeProperties } from '../properties/type';
import { NOWHERE, type Link } from '../properties/link';
import { leading, pieceClass, type PieceKind } from './piece';

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
      initial: NOWHERE,
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
    property({
      name: 'radius',
      label: 'Corners',
      group: 'Edges',
      kind: referenceKind('radii'),
      banded: true,
      initial: 'radius-small',
      css: (value, names) => ({ '&': { 'border-radius': names.token(value) } }),
    }),
    ...typeProperties('type-button'),
    ...placeProperties,
  ],
  css: {
    '.button': {
      display: 'inline-block',
      'background-color': 'var(--accent)',
      color: 'var(--on-accent)',
      border: '2px solid transparent',
      cursor: 'pointer',
      'transition-property': 'border-color, translate',
      'transition-duration': 'var(--duration-quick)',
      'transition-timing-function': 'var(--easing-settle)',
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
    return leading(context.target(link), { class: pieceClass(piece, context) }, label);
  },
};
