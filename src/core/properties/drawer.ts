import { lengthCss, type Length } from '../lengths/formula';
import { mediaEm, plainNumber, px } from '../lengths/length';
import { AS_IT_COMES, type CssNode, type Declarations, type Rules } from '../markup/css';
import { choiceKind } from './kinds/choice';
import { colourKind } from './kinds/colour';
import { flagKind } from './kinds/flag';
import { lengthKind } from './kinds/length';
import { numberKind } from './kinds/number';
import { optionalKind } from './kinds/optional';
import { pixelsKind } from './kinds/pixels';
import { referenceKind } from './kinds/reference';
import { property, propertyList, type CssNames, type ValuesOf } from './property';

/** The sides from which a drawer comes, in the words of the interface. */
const sideLabels = {
  start: 'the start',
  end: 'the end',
  top: 'the top',
  bottom: 'the bottom',
  screen: 'nowhere: it fills the screen',
  below: 'below the header, over the page',
  pushing: 'below the header, pushing the page down',
};
type Side = keyof typeof sideLabels;

/** Whether a drawer is as high as the window, or as what is in it. */
const upright: Record<Side, boolean> = {
  start: true,
  end: true,
  screen: true,
  top: false,
  bottom: false,
  below: false,
  pushing: false,
};

/** How wide a drawer is until something else is said, in CSS px. */
const WIDTH = 304;

/** How much of the backdrop's own colour is seen, in percent, until something else is said. */
const WHOLE = 100;

const sheet = { group: 'Panel', by: 'width' } as const;
const motion = { group: 'Motion', by: null } as const;
const closing = { group: 'Closes', by: null } as const;

/** What a drawer is as a whole. */
export const drawerProperties = propertyList(
  property({
    ...sheet,
    name: 'side',
    label: 'Comes from',
    kind: choiceKind(sideLabels),
    initial: 'end',
  }),
  property({
    ...sheet,
    name: 'width',
    label: 'Width',
    kind: lengthKind(160, 4000),
    initial: WIDTH,
    aside: ({ side, width }) =>
      side !== 'start' && side !== 'end'
        ? 'as wide as the window, from this side'
        : typeof width === 'number' && width > 320
          ? `narrower windows than ${plainNumber(width)} px are filled`
          : null,
  }),
  property({
    ...sheet,
    name: 'height',
    label: 'Height',
    kind: optionalKind(lengthKind(80, 2000), 'as what is in it'),
    initial: null,
    aside: ({ side, height }) =>
      height !== null && upright[side as Side] ? 'as high as the window, from this side' : null,
  }),
  property({ ...sheet, name: 'ground', label: 'Ground', kind: colourKind(), initial: 'ground' }),
  property({ ...sheet, name: 'ink', label: 'Ink', kind: colourKind(), initial: 'ink' }),
  property({
    ...sheet,
    name: 'corners',
    label: 'Corners',
    kind: optionalKind(referenceKind('radii'), 'square'),
    initial: null,
    aside: ({ side, corners }) =>
      side === 'screen' && corners !== null ? 'none where it fills the screen' : null,
  }),
  property({
    ...sheet,
    name: 'shadow',
    label: 'Shadow',
    kind: optionalKind(referenceKind('shadows'), 'none'),
    initial: null,
  }),
  property({
    ...sheet,
    name: 'backdrop',
    group: 'Behind it',
    label: 'Colour',
    kind: colourKind(),
    initial: 'backdrop',
  }),
  property({
    ...sheet,
    name: 'backdropShare',
    group: 'Behind it',
    label: 'Of that colour',
    kind: numberKind(0, WHOLE, '%'),
    initial: WHOLE,
  }),
  property({
    ...sheet,
    name: 'backdropBlur',
    group: 'Behind it',
    label: 'The page is blurred by',
    kind: pixelsKind(0, 40),
    initial: 0,
  }),
  property({
    ...motion,
    name: 'motion',
    label: 'Comes and goes',
    kind: choiceKind({ slide: 'sliding', fade: 'fading', none: 'at once' }),
    initial: 'slide',
  }),
  property({
    ...motion,
    name: 'duration',
    label: 'In',
    kind: referenceKind('durations'),
    initial: 'duration-calm',
  }),
  property({
    ...motion,
    name: 'easing',
    label: 'Easing',
    kind: referenceKind('easings'),
    initial: 'easing-settle',
  }),
  property({
    ...closing,
    name: 'closesOutside',
    label: 'On a click outside',
    kind: flagKind('stays open', 'closes'),
    initial: true,
  }),
  property({
    ...closing,
    name: 'closesOnSwipe',
    label: 'On a swipe to its side',
    kind: flagKind('stays open', 'closes'),
    initial: true,
  }),
);
export type DrawerValues = ValuesOf<typeof drawerProperties>;

/** How far a drawer is moved while it is away, along the line and across it; one that unrolls is not. */
const away: Record<Side, string | null> = {
  start: 'calc(-100% * var(--along, 1)) 0',
  end: 'calc(100% * var(--along, 1)) 0',
  top: '0 -100%',
  bottom: '0 100%',
  screen: '0 100%',
  below: null,
  pushing: null,
};

/** The way in which a swipe takes a drawer away; the script reads it. */
const swipes: Record<Side, string> = {
  start: 'start',
  end: 'end',
  top: 'up',
  bottom: 'down',
  screen: 'down',
  below: 'up',
  pushing: 'up',
};

/** The corners that a drawer has towards the page. */
const roundCorners: Record<Side, readonly string[]> = {
  start: ['start-end', 'end-end'],
  end: ['start-start', 'end-start'],
  top: ['end-start', 'end-end'],
  bottom: ['start-start', 'start-end'],
  screen: [],
  below: ['end-start', 'end-end'],
  pushing: ['end-start', 'end-end'],
};
const corners = ['start-start', 'start-end', 'end-start', 'end-end'];

const colour = (value: string, names: CssNames) => (value === 'none' ? 'transparent' : names.token(value));

/** Where a drawer stands in the window, and how large it is. */
function standing({ side, width, height }: DrawerValues): Declarations {
  const tall = upright[side];
  const wide = side !== 'start' && side !== 'end';
  const hangs = side === 'below' || side === 'pushing';
  return {
    'inset-block': tall || side === 'top' ? '0 auto' : side === 'bottom' ? 'auto 0' : 'var(--under, 0) auto',
    'inset-inline': side === 'end' ? 'auto 0' : '0 auto',
    'inline-size': wide ? '100%' : `min(${lengthCss(width)}, 100%)`,
    'block-size': tall ? '100%' : height === null ? 'fit-content' : lengthCss(height),
    'max-block-size': hangs ? 'calc(100dvh - var(--under, 0px))' : '100%',
    // In the flow of the page it is no longer the window that limits it.
    ...(side === 'pushing' ? { position: 'absolute', 'max-block-size': 'none' } : { position: AS_IT_COMES }),
  };
}

/** How a drawer comes and goes. */
function moving({ side, motion, duration, easing }: DrawerValues, names: CssNames): Declarations {
  const slides = motion === 'slide';
  const rolled = slides && away[side] === null;
  return {
    '--away': (slides && away[side]) || AS_IT_COMES,
    '--rolled': rolled ? 'inset(0 0 100%)' : AS_IT_COMES,
    // What it casts a shadow on is not cut off.
    '--unrolled': rolled ? 'inset(0 -10rem -10rem)' : AS_IT_COMES,
    '--faint': motion === 'fade' ? '0' : AS_IT_COMES,
    '--takes': motion === 'none' ? '0s' : duration === 'duration-calm' ? AS_IT_COMES : names.token(duration),
    '--eases': easing === 'easing-settle' ? AS_IT_COMES : names.token(easing),
  };
}

function backdrop(
  { backdrop: of, backdropShare, backdropBlur }: DrawerValues,
  names: CssNames,
): Declarations {
  const own = of !== 'backdrop' || backdropShare !== WHOLE;
  return {
    'background-color': !own
      ? AS_IT_COMES
      : backdropShare === WHOLE
        ? colour(of, names)
        : `color-mix(in srgb, ${colour(of, names)} ${backdropShare}%, transparent)`,
    'backdrop-filter': backdropBlur === 0 ? AS_IT_COMES : `blur(${px(backdropBlur)})`,
  };
}

/** What the values of a drawer make together: where it stands, how it comes, and what is behind it; `&` stands for it. */
export function drawerRules(values: DrawerValues, names: CssNames): Rules {
  const { side, ground, ink, corners: radius, shadow, closesOnSwipe } = values;
  const pushes = side === 'pushing';
  return {
    '&': {
      ...standing(values),
      ...moving(values, names),
      'background-color': ground === 'ground' ? AS_IT_COMES : colour(ground, names),
      color: ink === 'ink' ? AS_IT_COMES : ink === 'none' ? 'inherit' : names.token(ink),
      ...Object.fromEntries(
        corners.map((corner) => [
          `border-${corner}-radius`,
          radius === null || !roundCorners[side].includes(corner) ? AS_IT_COMES : names.token(radius),
        ]),
      ),
      'box-shadow': shadow === null ? AS_IT_COMES : names.token(shadow),
      '--swipe': closesOnSwipe ? swipes[side] : AS_IT_COMES,
    },
    '&::backdrop': backdrop(values, names),
    ':root:has(> body > &:modal)': { overflow: pushes ? 'visible' : AS_IT_COMES },
    'body:has(> &[open]) > main': { 'margin-block-start': pushes ? 'var(--pushed, 0)' : AS_IT_COMES },
  };
}

/** In windows that are no higher than this, in CSS px at the usual text size, nothing of a drawer stays: it scrolls as a whole. */
export const LOW_WINDOW = 416;

/** How long it takes and how it runs; a browser that cannot change `display` in time does all at once (CSS Transitions 2, 3). */
const TRANSITION = 'var(--takes, var(--duration-calm)) var(--eases, var(--easing-settle)) allow-discrete';

/** What every drawer has: a head and a foot that stay, between them a body that scrolls; and how it comes and goes. */
export const drawerCss: readonly CssNode[] = [
  {
    // The page behind does not scroll; where its bar of scrolling took room, that stays free (the script tells).
    ':root:has(> body > .drawer:modal)': {
      overflow: 'hidden',
      'scrollbar-gutter': 'var(--gutter-of-bar, auto)',
    },
    '.drawer': {
      'max-inline-size': 'none',
      margin: '0',
      padding:
        'env(safe-area-inset-top) env(safe-area-inset-right) env(safe-area-inset-bottom) env(safe-area-inset-left)',
      border: '0',
      'flex-direction': 'column',
      'background-color': 'var(--ground)',
      color: 'var(--ink)',
      // In a low window it scrolls as a whole.
      overflow: 'hidden auto',
      'overscroll-behavior': 'contain',
      translate: 'var(--away, none)',
      opacity: 'var(--faint, 1)',
      'clip-path': 'var(--rolled, none)',
      transition: TRANSITION,
      'transition-property': 'translate, opacity, clip-path, display, overlay',
    },
    '.drawer[open]': {
      display: 'flex',
      translate: 'none',
      opacity: '1',
      'clip-path': 'var(--unrolled, none)',
    },
    "[dir='rtl'] .drawer": { '--along': '-1' },
    '.drawer > *': { 'flex-shrink': '0' },
    '.drawer > .drawer-body': {
      flex: '1 1 auto',
      'overflow-y': 'auto',
      'overscroll-behavior': 'contain',
    },
    '.drawer::backdrop': {
      opacity: '0',
      transition: TRANSITION,
      'transition-property': 'opacity, display, overlay',
    },
    '.drawer[open]::backdrop': { opacity: '1' },
  },
  {
    at: '@starting-style',
    inside: [
      {
        '.drawer[open]': {
          translate: 'var(--away, none)',
          opacity: 'var(--faint, 1)',
          'clip-path': 'var(--rolled, none)',
        },
        '.drawer[open]::backdrop': { opacity: '0' },
      },
    ],
  },
  {
    at: `@media (max-height: ${mediaEm(LOW_WINDOW)})`,
    inside: [{ '.drawer > .drawer-body': { overflow: 'visible', 'flex-shrink': '0' } }],
  },
];

/** The width that a drawer has of its own; null where it is as wide as the window. */
export function drawerWidth({ side, width }: Record<string, unknown>): Length | null {
  return side === 'start' || side === 'end' ? (width as Length) : null;
}

/** Whether a drawer is as high as the window. */
export const isUpright = ({ side }: Record<string, unknown>) => upright[side as Side];
