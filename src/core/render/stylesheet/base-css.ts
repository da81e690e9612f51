import { layoutCss } from '../../boxes/layout';
import { signLayout } from '../../boxes/sign';
import type { Rules } from '../../markup/css';
import { barCss } from './division';

/** What every page starts from. */
export const resetCss: Rules = {
  '*, ::before, ::after': { 'box-sizing': 'border-box' },
  html: { 'text-size-adjust': 'none' },
  body: { margin: '0', 'min-block-size': '100vh', display: 'flex', 'flex-direction': 'column' },
  'img, svg': { display: 'block' },
  // Widths of texts in proportion to their size, not rounded letter by letter: what was worked out holds on every screen.
  ':is(.header, .drawer, .footer)': { 'text-rendering': 'geometricPrecision' },
  'button, input': { 'text-rendering': 'inherit' },
  // A button is set as the text around it, and looks as its piece says: also what opens a drawer where others are links.
  ':is(.header, .drawer, .footer, .dialog) button': {
    padding: '0',
    border: '0',
    background: 'none',
    color: 'inherit',
    font: 'inherit',
    'letter-spacing': 'inherit',
    'text-transform': 'inherit',
    'text-align': 'inherit',
    cursor: 'pointer',
  },
  ':focus-visible': { outline: '2px solid currentcolor', 'outline-offset': '2px' },
};

/** Bars, bays, the drawer and the skip link: what headers, drawers and footers share. */
export const assemblyCss: Rules = {
  '.skip': {
    position: 'absolute',
    'inset-block-start': '-10rem',
    'z-index': 'var(--layer-skip, 30)',
    padding: '0.75rem 1rem',
    background: 'var(--ground)',
    color: 'var(--ink)',
  },
  '.skip:focus': { 'inset-block-start': '0' },
  // Said to readers, not seen.
  '.unseen': {
    position: 'absolute',
    'inline-size': '1px',
    'block-size': '1px',
    overflow: 'hidden',
    'clip-path': 'inset(50%)',
    'white-space': 'nowrap',
  },
  '.icon': {
    ...layoutCss(signLayout()),
    fill: 'none',
    stroke: 'currentcolor',
    'stroke-width': '2',
    'stroke-linecap': 'round',
    'stroke-linejoin': 'round',
  },
  '.bar': {
    ...barCss['.bar'],
    'padding-inline': 'var(--gutter)',
    background: 'var(--picture, none) center / cover no-repeat, var(--tint, none)',
  },
  '.bays': barCss['.bays']!,
  '.bay': barCss['.bay']!,
  '.drawer': {
    'inset-block': '0',
    'block-size': '100%',
    'max-block-size': 'none',
    'max-inline-size': 'none',
    margin: '0',
    padding: '0',
    border: '0',
    'background-color': 'var(--ground)',
    color: 'var(--ink)',
  },
  ':is(.drawer, .dialog)::backdrop': { 'background-color': 'var(--backdrop)' },
  '.dialog': {
    'inline-size': 'min(40rem, 100% - 2rem)',
    padding: '0 0 1rem',
    border: '0',
    'border-radius': 'var(--radius-small)',
    'background-color': 'var(--ground)',
    color: 'var(--ink)',
    'box-shadow': 'var(--shadow-high)',
  },
  // Pieces that have left the header for want of room, each where its own values say so.
  '.left-piece': { display: 'none', padding: '0.25rem var(--gutter)' },
  '.drawer-close': {
    display: 'block',
    margin: '0.75rem var(--gutter) 0.25rem auto',
    padding: '0.6em 0.8em',
    border: '1px solid currentcolor',
    'border-radius': 'var(--radius-small)',
  },
};
