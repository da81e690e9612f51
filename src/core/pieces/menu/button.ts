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
import { menuSignCss, SIGN, signCss, signLabels, type Sign } from './button-sign';
import { buttonTurns } from './turn-offers';

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

/** Whether the label is seen, as CSS. */
export const menuButtonJointCss = (values: MenuButtonValues): Rules => ({
  '& > .menu-button > .menu-word': usuallySeenCss(labelSeen(values)),
});

/** What every menu button looks like. */
export const menuButtonCss: Rules = {
  '.menu-button': { 'border-radius': 'var(--radius-small)' },
  ...menuSignCss,
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
