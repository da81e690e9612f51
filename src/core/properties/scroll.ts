import { mediaEm, px } from '../lengths/length';
import { AS_IT_COMES, type Block, type Rules } from '../markup/css';
import { choiceKind } from './kinds/choice';
import { pixelsKind } from './kinds/pixels';
import { optionalKind } from './kinds/optional';
import { numberKind } from './kinds/number';
import { referenceKind } from './kinds/reference';
import { property, type CssNames, type Values } from './property';

/** What a header does while the page scrolls. */
const scrollingLabels = {
  leaves: 'scrolls away',
  stays: 'stays in sight',
  returns: 'leaves, and returns on scrolling up',
};

/** Where a header that bears phases keeps its bars: in a part that stays (see render/page/). */
const HELD = '& > .held';
const HELD_BARS = '& > .held > .held-bars';

/** Where the header lies among what overlaps on the page (brand.ts). */
export const LAYER = 'var(--layer-header, 10)';

/** The share of the viewport's height, in percent, that a header takes at most unless the designer says otherwise. */
const SHARE_LIMIT = 20;

/** What scrolling does to a header as a whole. */
export const scrollProperties = [
  property({
    name: 'scrolling',
    label: 'On scrolling',
    group: 'Scrolling',
    kind: choiceKind(scrollingLabels),
    by: 'width',
    initial: 'leaves',
    // Its rules depend on where the header stands: `scrollRules`.
  }),
  property({
    name: 'lies',
    label: 'Lies',
    group: 'Scrolling',
    kind: choiceKind({ room: 'above the page', over: 'over the first section' }),
    by: 'width',
    initial: 'room',
  }),
  property({
    name: 'phaseAt',
    label: 'Scrolled begins',
    group: 'Scrolling',
    kind: optionalKind(pixelsKind(0, 4000), 'when the first section has passed'),
    by: null,
    initial: 80,
  }),
  property({
    name: 'phaseDuration',
    label: 'Change takes',
    group: 'Scrolling',
    kind: referenceKind('durations'),
    by: null,
    initial: 'duration-calm',
  }),
  property({
    name: 'phaseEasing',
    label: 'Easing',
    group: 'Scrolling',
    kind: referenceKind('easings'),
    by: null,
    initial: 'easing-settle',
  }),
  property({
    name: 'shareLimit',
    label: 'At most of a screen’s height',
    group: 'Scrolling',
    kind: numberKind(5, 100, '%'),
    by: null,
    initial: SHARE_LIMIT,
    // Not written: it is what the figures beside the sheet are compared with.
  }),
];

/** Whether a header does anything on scrolling in some band, or lies over the page: then it bears phases. */
export function bearsPhases({ scrolling = {}, lies = {} }: Values): boolean {
  return (
    Object.values(scrolling).some((value) => value !== 'leaves') ||
    Object.values(lies).some((value) => value === 'over')
  );
}

/** How a header that bears phases is placed in one band. Beside the page, or with its bars in one row, it stays as a whole. */
export function scrollRules(
  { scrolling, lies, stands, phaseAt, phaseDuration, phaseEasing }: Record<string, unknown>,
  names: CssNames,
): Rules {
  const bars = stands === 'top';
  const stays = scrolling !== 'leaves';
  const over = bars && lies === 'over';
  const held = (value: string) => (bars ? value : AS_IT_COMES);
  return {
    '&': {
      '--phase-duration': names.token(phaseDuration as string),
      '--phase-easing': names.token(phaseEasing as string),
    },
    '.phase-mark:has(+ &)': { 'block-size': phaseAt === null ? AS_IT_COMES : px(phaseAt as number) },
    // The bars that stay must not end with the header, which is no longer than its bars.
    '&.header': {
      display: bars ? 'contents' : 'flex',
      position: stays || (!bars && stands !== 'row') ? 'sticky' : bars ? 'static' : 'relative',
      'inset-block-start': '0',
      'z-index': LAYER,
    },
    [HELD]: {
      display: bars ? AS_IT_COMES : 'contents',
      position: held(stays ? 'sticky' : 'relative'),
      // It cannot be seen over anything else than it begins over, nor leave and return, where nothing tells it to.
      '--unscripted': bars && scrolling === 'stays' && !over ? 'sticky' : AS_IT_COMES,
      // Over the page it takes no room, so that what comes after it begins behind it.
      'block-size': over ? '0' : AS_IT_COMES,
      'min-block-size': over ? '0' : AS_IT_COMES,
    },
    [HELD_BARS]: { display: bars ? AS_IT_COMES : 'contents' },
    // On a page that begins with nothing to lie over, the header takes its room.
    [`body:not(:has(> main > [data-under-header])) > ${HELD}`]: {
      'block-size': over ? 'auto' : AS_IT_COMES,
    },
    [`&[data-phase='scrolled'] > .held:not(:focus-within) > .held-bars`]: {
      translate: bars && scrolling === 'returns' ? '0 -100%' : AS_IT_COMES,
    },
  };
}

/** What every header that bears phases shares. */
export const phasedHeaderCss: Rules = {
  '.phase-mark': {
    position: 'absolute',
    'inset-block-start': '0',
    'inline-size': '1px',
    visibility: 'hidden',
  },
  'body:has(> [data-returns])': { position: 'relative' },
  '.held': {
    'inset-block-start': '0',
    'z-index': LAYER,
    // What a smaller header leaves free still takes its room, so that nothing below it moves; it lets clicks through.
    'pointer-events': 'none',
    'min-block-size': '0',
    transition: 'min-block-size var(--phase-duration) step-end',
  },
  '[data-phase]:not([data-phase=top]) > .held': { 'min-block-size': 'var(--room)', transition: 'none' },
  '.held-bars': {
    'pointer-events': 'auto',
    transition: 'translate var(--phase-duration) var(--phase-easing)',
  },
  // Pieces keep their place in the window while the bar around them changes its height; what is sticky, browsers know to move
  // by intent (Layout Instability, 2.3). The inset is one that never holds a piece.
  '.held-bars :is(.bay, .bay > *)': { position: 'sticky', 'inset-block-start': '-100vh' },
  // Each is a stacking context of its own, so what it opens has to be lifted over its neighbours.
  ".held-bars :is(.bay, .bay > *):is(:hover, :focus-within, :has([aria-expanded='true']))": {
    'z-index': '1',
  },
  '.held-bars :is(.bar, .bays, .logo img)': {
    transition: 'var(--phase-duration) var(--phase-easing)',
    'transition-property':
      'background-color, color, padding, border-color, box-shadow, min-block-size, block-size',
  },
};

/** Where scripts are off, a header looks as it does at the top: it stays in sight where that is all it does, else it stands still and takes its room. */
export const phasedWithoutScriptsCss: Rules = {
  '.held': { position: 'var(--unscripted, relative)' },
};

/** The height of a window, in CSS px, below which no header stays in sight: one of 80 px would take a quarter of it. */
const LOW_WINDOW = 320;

/** In low windows and on paper, headers stand where they are. */
export const phasedMediaCss: Block[] = [
  {
    at: `@media (height < ${mediaEm(LOW_WINDOW)})`,
    inside: [{ '.header': { position: 'static' }, '.held': { position: 'relative' } }],
  },
  {
    at: '@media print',
    inside: [{ '.held, .held-bars': { position: 'static', translate: 'none', 'block-size': 'auto' } }],
  },
];

/** Which of several logos shows in a phase: above every value, and as the value has it where it shows. */
export const phasedOpenCss: Rules = {
  ":is([data-phase='top'] .when-scrolled, [data-phase]:not([data-phase='top']) .at-top)": { display: 'none' },
};

/** The same where returning may look otherwise than scrolled. */
export const returningOpenCss: Rules = {
  ":is([data-phase='returning'] .not-returning, [data-phase]:not([data-phase='returning']) .when-returning)":
    { display: 'none' },
};
