import { AS_IT_COMES } from '../markup/css';
import { iconHtml } from '../icons/icons';
import { dressedCss, dressProperties, markerProperties, stateSuffix } from '../properties/dress';
import { choiceKind } from '../properties/kinds/choice';
import { flagKind } from '../properties/kinds/flag';
import { lengthKind } from '../properties/kinds/length';
import { referenceKind } from '../properties/kinds/reference';
import { textKind } from '../properties/kinds/text';
import { iconSize } from '../properties/icon-size';
import { leadsTo } from '../properties/leads-to';
import { ownIcon } from '../properties/own-icon';
import { placeProperties } from '../properties/place';
import { lessBy } from '../properties/giving';
import { property, propertyList, type ValuesOf } from '../properties/property';
import type { Id } from '../ids/id';
import type { BareLook, State } from '../properties/states';
import { typeProperties } from '../properties/type';
import { box } from '../boxes/box';
import type { Layouts } from '../boxes/layout';
import { signAndWords, signThenWords } from '../boxes/sign';
import { dressedBox } from './content';
import { kindOfPiece, leading, pieceClass } from './piece';

const part = {
  label: 'Button',
  prefix: 'button',
  bare: ({ rank, radius }: Record<string, unknown>, state: State): BareLook => ({
    ...(rank === 'first' ? { ink: 'on-accent', ground: 'accent' } : { ink: 'of the bar', ground: 'none' }),
    corners: radius as Id,
    // What has the pointer has its line in any rank.
    ...(rank === 'second' || state === 'hover' || state === 'pressed'
      ? { border: `${BORDER} px, as its text` }
      : {}),
  }),
  states: ['rest', 'hover', 'focus', 'pressed'],
  selector: (state: State) => `&${stateSuffix[state]}`,
} as const;

/** The three ranks of buttons: the ground, the text and the line around each. As a text colour, `currentcolor` is that of what it stands in (CSS Color 4, 9.2); `inherit` would be said of the custom property. */
const ranks = {
  first: { ground: 'var(--accent)', ink: 'var(--on-accent)', line: 'transparent' },
  second: { ground: 'transparent', ink: 'currentcolor', line: 'currentcolor' },
  third: { ground: 'transparent', ink: 'currentcolor', line: 'transparent' },
};

/** The width of the line around a button, in CSS px. */
const BORDER = 2;

const properties = propertyList(
  property({
    name: 'label',
    label: 'Label',
    group: 'Content',
    kind: textKind(80),
    by: 'language',
    initial: 'Button',
  }),
  leadsTo(),
  property({
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
  ownIcon(null),
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
  }),
  property({
    name: 'paddingInline',
    gives: { least: 6, step: 1 },
    turns: [lessBy('inside', 'narrower inside', [0, 80], 1, 8)],
    label: 'Beside',
    group: 'Space',
    kind: lengthKind(0, 120),
    by: 'width',
    initial: 18,
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
  dressProperties(part, { open: 'as its rank' }),
  markerProperties('&'),
  typeProperties('type-button'),
  placeProperties,
);
type Values = ValuesOf<typeof properties>;

const layouts = ({ paddingBlock, paddingInline }: Values) =>
  ({
    '': {
      ...signAndWords,
      justifyContent: 'center',
      paddingBlock,
      paddingInline,
      border: { width: BORDER, look: 'solid var(--button-line, transparent)' },
    },
  }) as const satisfies Layouts;

/** A call to action. Its colours are its own: those of links around it never reach it. */
export const button = kindOfPiece<Values>({
  kind: 'button',
  label: 'Button',
  about: 'A link that stands out, in one of three ranks.',
  properties,
  css: {
    '.button': {
      'background-color': 'var(--button-ground, var(--accent))',
      color: 'var(--button-ink, var(--on-accent))',
      'text-decoration': 'none',
      ...dressedCss,
    },
    '.button:hover': { 'border-color': 'currentcolor' },
    '.button:active': { translate: '0 1px' },
  },
  layouts,
  targets: [''],
  box(values, content) {
    const label = values.label.trim();
    if (label === '') return null;
    const inside = signThenWords(values, values.icon, label);
    return box(
      '',
      layouts(values)[''],
      values.iconAfter ? inside.reverse() : inside,
      dressedBox(values, part.prefix, content),
    );
  },
  summary: () => 'shown',
  caption: (values) => `“${values.label}”`,
  html(piece, context) {
    const { label, link, icon, iconAfter } = piece.values;
    if (label.trim() === '') return null;
    const sign = icon !== null && iconHtml(icon);
    const content = iconAfter ? [label, sign] : [sign, label];
    return leading(context.target(link), { class: pieceClass(piece, context) }, ...content);
  },
});
