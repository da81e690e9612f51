import { AS_IT_COMES, type Rules } from '../../markup/css';

/** The signs of a menu button. */
export const signLabels = {
  three: 'three lines',
  two: 'two lines',
  dots: 'three dots',
  arrow: 'an arrow',
  own: 'a picture of its own',
  none: 'none',
};
export type Sign = keyof typeof signLabels;

/** How wide and high signs are, in em of the button's text, until a size is said; the height is that many times the width. */
export const SIGN = { wide: 1.1, high: 8 / 11 };

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
export function signCss(value: Sign): Rules {
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

/** The first and the last line of a sign. */
const ENDS = '.menu-sign::before, .menu-sign::after';

/** What every sign looks like; its lines turn into a cross while its drawer is open. */
export const menuSignCss: Rules = {
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
export const menuSignOpenCss: Rules = {
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
