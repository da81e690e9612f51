import { layoutCss } from '../../boxes/layout';
import { signLayout } from '../../boxes/sign';
import { NARROWEST } from '../../bands/band';
import { lengthAt } from '../../lengths/formula';
import type { Block, Rules } from '../../markup/css';
import { drawerWidth } from '../../properties/drawer';
import { LAYER } from '../../properties/scroll';
import { TARGET } from '../../properties/target';
import { settledPieces, type SettledAssembly } from '../../resolve/assembly';
import type { Site } from '../../site/site';
import { opensDialogsIn } from '../used-scripts';
import { barCss } from './division';

/** What every page starts from. */
export const resetCss: Rules = {
  '*, ::before, ::after': { 'box-sizing': 'border-box' },
  // One browser family knows the first by its prefix only.
  html: { '-webkit-text-size-adjust': 'none', 'text-size-adjust': 'none' },
  body: { margin: '0', 'min-block-size': '100vh', display: 'flex', 'flex-direction': 'column' },
  'img, svg': { display: 'block' },
  // Widths of texts in proportion to their size, not rounded letter by letter: what was worked out holds on every screen. What type styles
  // need not say does not come from the page around either.
  ':is(.header, .drawer, .footer)': {
    'text-rendering': 'geometricPrecision',
    'font-style': 'normal',
    'letter-spacing': '0',
    'text-transform': 'none',
  },
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
  // What is around it, such as a focus ring, is seen above what follows it.
  '.header': { 'z-index': LAYER },
  '.bar': {
    ...barCss['.bar'],
    'padding-inline': 'var(--gutter)',
    background: 'var(--picture, none) center / cover no-repeat, var(--tint, none), var(--shade-over, none)',
  },
  '.bays': barCss['.bays']!,
  '.bay': barCss['.bay']!,
  ':is(.drawer, .dialog)::backdrop': { 'background-color': 'var(--backdrop)' },
};

/** Whether a drawer holds nothing that closes it. */
const lacksClose = (assembly: SettledAssembly) =>
  assembly.kind === 'drawers' && !settledPieces(assembly).some(({ kind }) => kind === 'close');

/** Whether a drawer leaves so much of every window beside it that it is closed there by a finger. */
const leavesOutside = ({ values }: SettledAssembly) => {
  const width = drawerWidth(values);
  return values.closesOutside === true && width !== null && lengthAt(width, NARROWEST) <= NARROWEST - TARGET;
};

/** Whether something that is shown opens the content of a page as a dialog, in some language. */
const showsDialogs = ({ menus }: Site, settled: readonly SettledAssembly[]): boolean =>
  settled.flatMap(settledPieces).some(({ values, said }) => {
    const menu = typeof values.menu === 'string' ? menus[values.menu] : undefined;
    return [values, said, menu].some((part) => part !== undefined && opensDialogsIn(part));
  });

/** What only some sites need of what headers, drawers and footers share. */
export const someAssemblyCss: readonly {
  css: Rules;
  when(site: Site, settled: readonly SettledAssembly[]): boolean;
}[] = [
  {
    css: {
      '.dialog': {
        'inline-size': 'min(40rem, 100% - 2rem)',
        padding: '0 0 1rem',
        border: '0',
        'border-radius': 'var(--radius-small)',
        'background-color': 'var(--ground)',
        color: 'var(--ink)',
        'box-shadow': 'var(--shadow-high)',
      },
    },
    when: showsDialogs,
  },
  {
    // Pieces that have left the header for want of room, each where its own values say so.
    css: { '.left-piece': { display: 'none', padding: '0.25rem var(--gutter)' } },
    when: (_, settled) => settled.flatMap(settledPieces).some(({ values }) => values.shown === 'drawer'),
  },
  {
    css: {
      '.drawer-close': {
        display: 'block',
        'margin-block': '0.75rem 0.25rem',
        'margin-inline': 'auto var(--gutter)',
        padding: '0.6em 0.8em',
        border: '1px solid currentcolor',
        'border-radius': 'var(--radius-small)',
      },
    },
    when: (site, settled) => showsDialogs(site, settled) || settled.some(lacksClose),
  },
  {
    // Who opened it by a pointer closes it beside it, and is not shown what lies over its content.
    css: { '.drawer-close:focus:not(:focus-visible)': { 'inset-block-start': '-10rem' } },
    when: (_, settled) => {
      const lacking = settled.filter(lacksClose);
      return lacking.length > 0 && lacking.every(leavesOutside);
    },
  },
];

/** What every page says of certain readers, windows and media: above all values. */
export const mediaCss: Block[] = [
  // Nothing moves for those who asked for that.
  {
    at: '@media (prefers-reduced-motion: reduce)',
    inside: [{ '*, ::before, ::after, ::backdrop': { 'transition-duration': '0s' } }],
  },
  // Markers are pictures, which forced colours leave out, and panels may have no line (CSS Color Adjustment 1, 3.1).
  {
    at: '@media (forced-colors: active)',
    inside: [
      {
        ':is(.header, .drawer, .footer) :is(a, button):hover': { 'text-decoration': 'underline' },
        ':is(.header, .drawer, .footer) [aria-current]': { 'text-decoration': 'underline 3px' },
        ':is(.header, .drawer, .footer) [aria-expanded="true"]': {
          'forced-color-adjust': 'none',
          'background-color': 'Highlight',
          color: 'HighlightText',
        },
        '.drawer': { outline: '1px solid', 'outline-offset': '-1px' },
      },
    ],
  },
  // On paper nothing stays in sight or opens, and no ground is printed under light letters.
  {
    at: '@media print',
    inside: [
      {
        '.header': { position: 'static' },
        ':is(.header, .footer) *': { background: 'none', color: '#000' },
        ':is(.header, .footer) a': { 'text-decoration': 'underline' },
        '.skip, .menu-toggle, .menu-button, .menu-below, .chooser-toggle': { display: 'none' },
      },
    ],
  },
];
