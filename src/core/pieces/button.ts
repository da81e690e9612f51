import { iconHtml, type IconName } from '../icons/icons';
import { boxCss, lengthAt, type Length } from '../lengths/formula';
import { times, total } from '../lengths/piecewise';
import {
  dressedCss,
  dressProperties,
  markerProperties,
  stateSuffix,
  signAndWordsCss,
} from '../properties/dress';
import { choiceKind } from '../properties/kinds/choice';
import { flagKind } from '../properties/kinds/flag';
import { iconKind } from '../properties/kinds/icon';
import { lengthKind } from '../properties/kinds/length';
import { linkKind } from '../properties/kinds/link';
import { referenceKind } from '../properties/kinds/reference';
import { textKind } from '../properties/kinds/text';
import { iconLine, iconSize } from '../properties/icon-size';
import { placeProperties } from '../properties/place';
import { AS_IT_COMES, property } from '../properties/property';
import type { Id } from '../ids/id';
import type { StatedPart } from '../properties/states';
import { typeProperties } from '../properties/type';
import { NOWHERE, type Link } from '../properties/link';
import { leading, pieceClass, type PieceKind } from './piece';
import { signAndWords } from './room';

const part: StatedPart = {
  label: 'Button',
  prefix: 'button',
  bare: ({ rank, radius }, state) => ({
    ...(rank === 'first' ? { ink: 'on-accent', ground: 'accent' } : { ink: 'of the bar', ground: 'none' }),
    corners: radius as Id,
    // What has the pointer has its line in any rank.
    ...(rank === 'second' || state === 'hover' || state === 'pressed'
      ? { border: `${BORDER} px, as its text` }
      : {}),
  }),
  states: ['rest', 'hover', 'focus', 'pressed'],
  selector: (state) => `&${stateSuffix[state]}`,
};

/** The three ranks of buttons: the ground, the text and the line around each. */
const ranks = {
  first: { ground: 'var(--accent)', ink: 'var(--on-accent)', line: 'transparent' },
  second: { ground: 'transparent', ink: 'inherit', line: 'currentcolor' },
  third: { ground: 'transparent', ink: 'inherit', line: 'transparent' },
};
type Rank = keyof typeof ranks;

/** The width of the line around a button, in CSS px. */
const BORDER = 2;

/** A call to action. Its colours are its own: those of links around it never reach it. */
export const button: PieceKind = {
  kind: 'button',
  label: 'Button',
  properties: [
    property({
      name: 'label',
      label: 'Label',
      group: 'Content',
      kind: textKind(80),
      by: null,
      initial: 'Button',
    }),
    property<Link>({
      name: 'link',
      label: 'Leads to',
      group: 'Content',
      kind: linkKind(),
      by: null,
      initial: NOWHERE,
    }),
    property<Rank>({
      name: 'rank',
      label: 'Rank',
      group: 'Look',
      kind: choiceKind({ first: 'first', second: 'second', third: 'third' }),
      by: 'width',
      initial: 'first',
      css: (value) => {
        const { ground, ink, line } = ranks[value];
        const first = value === 'first';
        return {
          '&': {
            '--button-ground': first ? AS_IT_COMES : ground,
            '--button-ink': first ? AS_IT_COMES : ink,
            '--button-line': first ? AS_IT_COMES : line,
          },
        };
      },
    }),
    property<IconName | null>({
      name: 'icon',
      label: 'Icon',
      group: 'Content',
      kind: iconKind(),
      by: null,
      initial: null,
    }),
    property({
      name: 'iconAfter',
      label: 'Icon stands',
      group: 'Content',
      kind: flagKind('before the label', 'after the label'),
      by: null,
      initial: false,
    }),
    property({
      name: 'paddingBlock',
      label: 'Above and below',
      group: 'Space',
      kind: lengthKind(0, 80),
      by: 'width',
      initial: 10,
      css: (value) => ({ '&': { 'padding-block': boxCss(value) } }),
    }),
    property({
      name: 'paddingInline',
      label: 'Beside',
      group: 'Space',
      kind: lengthKind(0, 120),
      by: 'width',
      initial: 18,
      css: (value) => ({ '&': { 'padding-inline': boxCss(value) } }),
    }),
    property({
      name: 'radius',
      label: 'Corners',
      group: 'Edges',
      kind: referenceKind('radii'),
      by: 'width',
      initial: 'radius-small',
      css: (value, names) => ({ '&': { 'border-radius': names.token(value) } }),
    }),
    iconSize,
    ...dressProperties(part, { open: 'as its rank' }),
    ...markerProperties('&'),
    ...typeProperties('type-button'),
    ...placeProperties,
  ],
  css: {
    '.button': {
      ...signAndWordsCss,
      'background-color': 'var(--button-ground, var(--accent))',
      color: 'var(--button-ink, var(--on-accent))',
      border: `${BORDER}px solid var(--button-line, transparent)`,
      'text-decoration': 'none',
      'white-space': 'nowrap',
      ...dressedCss,
    },
    '.button:hover': { 'border-color': 'currentcolor' },
    '.button:active': { translate: '0 1px' },
  },
  room(values, context) {
    const label = (values.label as string).trim();
    if (label === '') return null;
    const dress = { values, prefix: part.prefix, bareBorder: BORDER };
    const inside = signAndWords(context, dress, { icon: values.icon, words: [label] });
    return { preferred: total(inside, times(context.length(values.paddingInline as Length), 2)) };
  },
  height: (values, { line, at }) =>
    (values.icon === null ? line : iconLine(values, { line, at })) +
    2 * lengthAt(values.paddingBlock as Length, at) +
    2 * BORDER,
  summary: () => 'shown',
  caption: (values) => `“${values.label as string}”`,
  html(piece, context) {
    const { label, link, icon, iconAfter } = piece.values as {
      label: string;
      link: Link;
      icon: IconName | null;
      iconAfter: boolean;
    };
    if (label.trim() === '') return null;
    const sign = icon !== null && iconHtml(icon);
    const content = iconAfter ? [label, sign] : [sign, label];
    return leading(context.target(link), { class: pieceClass(piece, context) }, ...content);
  },
};
