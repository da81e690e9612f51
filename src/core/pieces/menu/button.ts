import { box, words, type Box } from '../../boxes/box';
import { cascaded, type Layouts } from '../../boxes/layout';
import { scaled, type Length } from '../../lengths/formula';
import { AS_IT_COMES, type Rules } from '../../markup/css';
import { el, type Element } from '../../markup/html';
import { dressProperties } from '../../properties/dress';
import { choiceKind } from '../../properties/kinds/choice';
import { flagKind } from '../../properties/kinds/flag';
import { lengthKind } from '../../properties/kinds/length';
import { optionalKind } from '../../properties/kinds/optional';
import { referenceKind } from '../../properties/kinds/reference';
import { textKind } from '../../properties/kinds/text';
import { property, propertyList, type ValuesOf } from '../../properties/property';
import { smallTarget, TARGET } from '../../properties/target';
import { dressedBox, type PieceContent } from '../content';
import { usuallySeenCss } from '../unseen';
import { badgeLayout } from './badge';
import { menuButtonPart } from './parts';
import { buttonTurns } from './turn-offers';

/** The signs of a menu button. */
const signLabels = {
  three: 'three lines',
  two: 'two lines',
  dots: 'three dots',
  arrow: 'an arrow',
  own: 'a picture of its own',
  none: 'none',
};
type Sign = keyof typeof signLabels;

/** How wide and high signs are, in em of the button's text, until a size is said; the height is that many times the width. */
const SIGN = { wide: 1.1, high: 8 / 11 };

/** What is drawn of each sign: the middle of it as a ground, its first and its last line or dot as what comes before and after. */
const line = (where: string) => ({
  inset: where,
  'inline-size': 'auto',
  'block-size': '2px',
  'border-radius': '0',
});
const dot = (where: string) => ({
  inset: where,
  'inline-size': '0.25em',
  'block-size': '0.25em',
  'border-radius': '50%',
});
const chevron = {
  ...line('calc(50% - 1px) 0 auto'),
  'transform-origin': '50%',
};

const drawn: Record<Sign, { middle: string; before: Record<string, string>; after: Record<string, string> }> =
  {
    three: {
      middle: 'linear-gradient(currentcolor, currentcolor) 50% / 100% 2px no-repeat',
      before: line('0 0 auto'),
      after: line('auto 0 0'),
    },
    two: { middle: 'none', before: line('20% 0 auto'), after: line('auto 0 20%') },
    dots: {
      middle: 'radial-gradient(closest-side, currentcolor 90%, #0000) 50% / 0.25em 0.25em no-repeat',
      before: dot('calc(50% - 0.125em) auto auto 0'),
      after: dot('calc(50% - 0.125em) 0 auto auto'),
    },
    arrow: {
      middle: 'none',
      before: { ...chevron, 'inset-inline-end': '42%', rotate: '40deg' },
      after: { ...chevron, 'inset-inline-start': '42%', rotate: '-40deg' },
    },
    own: {
      middle: 'var(--sign-picture, none) 50% / contain no-repeat',
      before: { display: 'none' },
      after: { display: 'none' },
    },
    none: { middle: 'none', before: {}, after: {} },
  };

/** What a sign says other than three lines; the same selectors and properties for each. */
function signCss(value: Sign): Rules {
  const names = (end: 'before' | 'after') => [
    ...new Set(Object.values(drawn).flatMap((each) => Object.keys(each[end]))),
  ];
  const end = (which: 'before' | 'after') =>
    Object.fromEntries(
      names(which).map((name) => [
        name,
        value === 'three' ? AS_IT_COMES : (drawn[value][which][name] ?? AS_IT_COMES),
      ]),
    );
  return {
    '& > .menu-button > .menu-sign': {
      background: value === 'three' ? AS_IT_COMES : drawn[value].middle,
    },
    '& > .menu-button > .menu-sign::before': end('before'),
    '& > .menu-button > .menu-sign::after': end('after'),
  };
}

const group = 'Menu button';

/** What a designer sets on the button that stands for a collapsed menu. */
export const menuButtonProperties = propertyList(
  property({
    name: 'opens',
    label: 'Opens',
    group: 'Collapse',
    kind: optionalKind(referenceKind('drawers'), 'none'),
    by: null,
    initial: null,
  }),
  property({
    name: 'buttonLabel',
    label: 'Label of the button',
    group,
    kind: textKind(40, '“Menu”, in the page’s language'),
    by: 'language',
    initial: '',
  }),
  property({
    name: 'buttonLabelSeen',
    label: 'Label of the button is',
    group,
    kind: flagKind('said to readers only', 'seen'),
    by: 'width',
    initial: true,
    turns: buttonTurns,
    // Whether it is seen also depends on the sign: `menuButtonJointCss`.
    aside: ({ buttonLabelSeen, buttonSign }) =>
      buttonSign === 'none' && buttonLabelSeen === false ? 'seen, since there is no sign' : null,
  }),
  property({
    name: 'buttonSign',
    label: 'Sign',
    group,
    kind: choiceKind(signLabels),
    by: 'width',
    initial: 'three',
    css: signCss,
    aside: ({ buttonSign, buttonPicture }) =>
      buttonSign === 'own' && buttonPicture === null ? 'no picture is chosen: it is empty' : null,
  }),
  property({
    name: 'buttonPicture',
    label: 'Picture as sign',
    group,
    kind: optionalKind(referenceKind('artwork'), 'none'),
    by: null,
    initial: null,
    css: (value, names) => ({
      '&': { '--sign-picture': value === null ? AS_IT_COMES : names.picture(value) },
    }),
  }),
  property({
    name: 'buttonSignAfter',
    label: 'Sign stands',
    group,
    kind: flagKind('before the label', 'after the label'),
    by: 'width',
    initial: false,
  }),
  property({
    name: 'buttonSignSize',
    label: 'Width of the sign',
    group,
    kind: optionalKind(lengthKind(8, 96), 'by its text'),
    by: 'width',
    initial: null,
  }),
  property({
    name: 'buttonGap',
    label: 'Between sign and label',
    group,
    kind: optionalKind(lengthKind(0, 64), 'by its text'),
    by: 'width',
    initial: null,
  }),
  property({
    name: 'buttonLeast',
    label: 'At least high and wide',
    group,
    kind: lengthKind(16, 120),
    by: 'width',
    initial: TARGET,
    aside: ({ buttonLeast }) => smallTarget(buttonLeast),
  }),
  property({
    name: 'buttonBadge',
    label: 'Badge',
    group,
    kind: textKind(20, 'none'),
    by: 'language',
    initial: '',
  }),
  dressProperties(menuButtonPart, { open: 'as it comes' }),
);
export type MenuButtonValues = ValuesOf<typeof menuButtonProperties>;

/** Whether the label of the button is seen: where it has no sign, in any case. */
const labelSeen = ({
  buttonLabelSeen,
  buttonSign,
}: Pick<MenuButtonValues, 'buttonLabelSeen' | 'buttonSign'>) => buttonLabelSeen || buttonSign === 'none';

/** What of its values decides where the parts of the button stand. */
export interface LaidButton {
  buttonLabelSeen: boolean;
  buttonSign: Sign;
  buttonSignAfter: boolean;
  buttonSignSize: Length | null;
  buttonGap: Length | null;
  buttonLeast: Length;
}

/** Where the parts of the button stand. */
export function menuButtonLayouts(values: LaidButton, shown: boolean) {
  const { buttonSign, buttonSignSize: own, buttonGap, buttonLeast } = values;
  const square = buttonSign === 'own' || buttonSign === 'dots';
  const high = square ? 1 : SIGN.high;
  return {
    '> .menu-button': { display: shown ? 'inline-flex' : 'none' },
    '.menu-button': {
      justifySelf: 'start',
      alignItems: 'center',
      justifyContent: 'center',
      gap: labelSeen(values) ? (buttonGap ?? { em: 0.6 }) : 0,
      padding: [{ em: 0.6 }, { em: 0.8 }],
      // With a least size said, it would else be that narrow where room is short.
      inlineSize: 'max-content',
      minInlineSize: buttonLeast,
      minBlockSize: buttonLeast,
      border: { width: 1, look: 'solid currentcolor' },
    },
    '.menu-sign': {
      display: buttonSign === 'none' ? 'none' : 'block',
      order: values.buttonSignAfter ? 1 : undefined,
      flexShrink: 0,
      inlineSize: own ?? { em: SIGN.wide },
      blockSize: own === null ? { em: SIGN.wide * high } : scaled(own, high),
    },
  } as const satisfies Layouts;
}

/** The first and the last line of a sign. */
const ENDS = '.menu-sign::before, .menu-sign::after';

/** Whether the label is seen, as CSS. */
export const menuButtonJointCss = (values: MenuButtonValues): Rules => ({
  '& > .menu-button > .menu-word': usuallySeenCss(labelSeen(values)),
});

/** What every menu button looks like; the lines of its sign turn into a cross while its drawer is open. */
export const menuButtonCss: Rules = {
  '.menu-button': { 'border-radius': 'var(--radius-small)' },
  '.menu-sign': {
    position: 'relative',
    background: drawn.three.middle,
    transition: 'background-size var(--duration-quick)',
  },
  [ENDS]: {
    content: '""',
    position: 'absolute',
    background: 'currentcolor',
    transition:
      'inset var(--duration-quick), rotate var(--duration-quick), inline-size var(--duration-quick)',
  },
  '.menu-sign::before': drawn.three.before,
  '.menu-sign::after': drawn.three.after,
};

/** The sign while the drawer is open: a cross, whatever it was. */
export const menuButtonOpenCss: Rules = {
  '.menu-button[aria-expanded="true"] > .menu-sign': { 'background-size': '0 2px' },
  [ENDS.split(', ')
    .map((end) => `.menu-button[aria-expanded="true"] > ${end}`)
    .join(', ')]: {
    display: 'block',
    ...line('calc(50% - 1px) 0 auto'),
    rotate: '45deg',
  },
  '.menu-button[aria-expanded="true"] > .menu-sign::after': { rotate: '-45deg' },
};

/** The box of the button, as its layouts have it. */
export function menuButtonBox(values: MenuButtonValues, content: PieceContent, shown: boolean): Box {
  const laid = menuButtonLayouts(values, shown);
  const layout = cascaded(laid['.menu-button'], laid['> .menu-button']);
  const label = box('> .menu-button > .menu-word', {}, [words(values.buttonLabel || content.words.menu)]);
  const badge = box('.menu-badge', badgeLayout, [words(values.buttonBadge)]);
  return box(
    '> .menu-button',
    layout,
    [
      values.buttonSign === 'none' ? null : box('.menu-sign', laid['.menu-sign'], []),
      labelSeen(values) ? label : null,
      values.buttonBadge === '' ? null : badge,
    ],
    dressedBox(values, menuButtonPart.prefix, content),
  );
}

/** Its markup: it opens a drawer. */
export function menuButtonHtml(
  { buttonLabel, buttonBadge }: MenuButtonValues,
  menu: string,
  drawer: string,
): Element {
  return el(
    'button',
    {
      class: 'menu-button',
      type: 'button',
      command: 'show-modal',
      commandfor: drawer,
      'aria-haspopup': 'dialog',
    },
    el('span', { class: 'menu-sign', 'aria-hidden': 'true' }),
    el('span', { class: 'menu-word' }, buttonLabel || menu),
    ...(buttonBadge === '' ? [] : [' ', el('span', { class: 'menu-badge' }, buttonBadge)]),
  );
}
