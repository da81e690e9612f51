import { rem } from '../../../lengths/length';
import type { Rules } from '../../../markup/css';
import { el, type Node } from '../../../markup/html';
import type { Page } from '../../../site/page';
import { STAND_IN_PICTURE, pageStandInOf, pageStandIns } from '../../../site/page-stand-in';
import { blockHtml, leading } from './blocks';
import { pictureHtml, skies } from './pictures';
import { tones } from './pictures/drawing';

/** What stands in for the content of pages, which is not ours to design. */

/** The stand-in content of a page, as the page has it; or what it has to say of its own. */
export function standIn(page: Page, title: string, own: Node = null): Node {
  const { opening, rows } = pageStandIns[pageStandInOf(page)];
  const said =
    own === null
      ? rows.map((row) =>
          el(
            'div',
            { class: 'stand-in-row' },
            ...row.map((block) => el('div', {}, ...blockHtml(block, title))),
          ),
        )
      : [el('h1', {}, title), own];
  return el(
    'main',
    { id: 'content', tabindex: -1, class: 'stand-in' },
    opening !== null &&
      el(
        'div',
        { class: 'stand-in-picture drawing', 'data-under-header': true, 'aria-hidden': 'true' },
        pictureHtml(opening),
      ),
    el('div', { class: 'stand-in-text' }, ...said),
  );
}

/** The beginning of a page’s stand-in content, without ids, for where it stands on another page. */
export function standInExcerpt(title: string): Node {
  return el('div', { class: 'stand-in-text' }, el('h2', {}, title), el('p', {}, leading));
}

export const standInCss: Rules = {
  '.stand-in': { flex: '1', 'padding-block-end': '4rem' },
  '.stand-in:focus': { outline: 'none' },
  '.drawing': { overflow: 'hidden' },
  '.drawing > svg': { display: 'block', 'inline-size': '100%', 'block-size': '100%' },
  ...skies,
  ...Object.fromEntries(
    Object.entries(tones).map(([tone, fill]) => [`.tone-${tone}`, { fill, stroke: fill }]),
  ),
  '.drawing :not(.drawn)': { stroke: 'none' },
  '.drawing .drawn': { fill: 'none', 'stroke-linecap': 'round' },
  '.stand-in-picture': { 'block-size': rem(STAND_IN_PICTURE) },
  '.stand-in-plate': { 'aspect-ratio': '3', 'margin-block-end': '2rem' },
  '.stand-in-text': {
    'max-inline-size': 'calc(var(--content-width) + 2 * var(--gutter))',
    'margin-inline': 'auto',
    padding: '2.5rem var(--gutter) 0',
  },
  '.stand-in-row': { display: 'flex', 'flex-wrap': 'wrap', gap: '0 4rem' },
  '.stand-in-row > *': { flex: '1 1 20rem', 'min-inline-size': '0' },
  '.found [hidden]': { display: 'none' },
  '.dialog .stand-in-text': { padding: '0 1.5rem' },
  ':is(.stand-in, .dialog) :is(h1, h2)': {
    'font-family': 'var(--type-heading-family)',
    'font-weight': 'var(--type-heading-weight)',
    'line-height': 'var(--type-heading-line-height)',
    margin: '0 0 0.5em',
  },
  // Nothing of it is wider than the narrowest window, however large a brand sets its text.
  '.stand-in :is(h1, h2, p, th, td)': { 'overflow-wrap': 'anywhere' },
  '.stand-in h1': { 'font-size': 'var(--type-heading-size)' },
  '.stand-in p': { 'max-inline-size': '62ch', margin: '0 0 1.5em' },
  '.stand-in table': { 'border-collapse': 'collapse', 'inline-size': '100%', 'margin-block-end': '2.5rem' },
  '.stand-in :is(th, td)': {
    padding: '0.5em 1em 0.5em 0',
    'border-block-end': '1px solid var(--line)',
    'text-align': 'start',
    'font-weight': '400',
    'font-variant-numeric': 'tabular-nums',
  },
  '.stand-in thead th': { 'font-weight': '600' },
  '.stand-in-news': {
    display: 'grid',
    'grid-template-columns': 'repeat(auto-fit, minmax(min(14rem, 100%), 1fr))',
    gap: '1.5rem',
    margin: '0 0 2.5rem',
    padding: '0',
    'list-style': 'none',
  },
  '.stand-in-news > li': {
    display: 'grid',
    'align-content': 'start',
    gap: '0.25rem',
    padding: '1rem 1.25rem 1.25rem',
    'background-color': 'var(--soft)',
  },
};
