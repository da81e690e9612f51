import { sizeCss } from '../boxes/layout';
import type { Declarations } from '../markup/css';

/** How wide and high the sign of what opens is, in CSS px at the usual text size. */
export const CHEVRON = { rem: 6.4 };

/** The sign of what opens: two edges of a square, which point down. */
export const chevronCss: Declarations = {
  content: '""',
  'inline-size': sizeCss(CHEVRON),
  'block-size': sizeCss(CHEVRON),
  border: 'solid currentcolor',
  'border-width': '0 2px 2px 0',
  rotate: '45deg',
  translate: '0 -25%',
};

/** The same of what is open: it points up. */
export const chevronOpenCss: Declarations = { rotate: '225deg', translate: '0 25%' };
