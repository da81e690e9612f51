import { rem } from '../../lengths/length';
import type { Rules } from '../../markup/css';
import { el, type Node } from '../../markup/html';
import { beginsWithPicture, STAND_IN_PICTURE, type Page } from '../../site/page';

/** What stands in for the content of pages, which is not ours to design. */

const paragraphs = [
  'This text stands in for what the page will say. It is long enough to show how lines run under the header and how far the eye travels from one edge to the other.',
  'A second paragraph follows, since few pages end after one. Set here at the site’s own text size, it shows whether the header speaks louder than what it heads.',
  'And a third, so that a phone has something to scroll.',
];

function article(title: string): Node[] {
  return [
    el('h1', {}, title),
    ...paragraphs.flatMap((words, index): Node[] =>
      index === 0
        ? [el('p', {}, words)]
        : [el('h2', { id: `part-${index}` }, `Part ${index}`), el('p', {}, words)],
    ),
  ];
}

/** The stand-in content of a page: a wide opening on the home page, an article elsewhere; or what it has to say of its own. */
export function standIn(page: Page, title: string, own: Node = null): Node {
  return el(
    'main',
    { id: 'content', tabindex: -1, class: 'stand-in' },
    beginsWithPicture(page) &&
      el('div', { class: 'stand-in-picture', 'data-under-header': true, 'aria-hidden': 'true' }),
    el('div', { class: 'stand-in-text' }, ...(own === null ? article(title) : [el('h1', {}, title), own])),
  );
}

/** The beginning of a page’s stand-in content, without ids, for where it stands on another page. */
export function standInExcerpt(title: string): Node {
  return el('div', { class: 'stand-in-text' }, el('h2', {}, title), el('p', {}, paragraphs[0]!));
}

/** Islands in the sea with a low sun, from the front to the back, in the brand’s own colours; what lies under a header is sky. */
const scene = [
  'linear-gradient(0deg, var(--deep) 0 17%, transparent 17.3%)',
  'radial-gradient(ellipse 30% 40% at 12% 84%, color-mix(in srgb, var(--deep) 82%, var(--muted)) 99%, transparent)',
  'radial-gradient(ellipse 17% 26% at 88% 84%, color-mix(in srgb, var(--deep) 66%, var(--muted)) 99%, transparent)',
  'radial-gradient(ellipse 24% 30% at 68% 84%, var(--muted) 99%, transparent)',
  'radial-gradient(ellipse 34% 22% at 40% 84%, color-mix(in srgb, var(--muted) 62%, var(--line)) 99%, transparent)',
  'radial-gradient(circle at 56% 62%, color-mix(in srgb, var(--accent) 42%, var(--soft)) 2.2rem, transparent 2.25rem)',
  'linear-gradient(var(--soft), var(--line) 70%, color-mix(in srgb, var(--accent) 16%, var(--soft)) 84%)',
];

export const standInCss: Rules = {
  '.stand-in': { flex: '1', 'padding-block-end': '4rem' },
  '.stand-in:focus': { outline: 'none' },
  '.stand-in-picture': {
    'block-size': rem(STAND_IN_PICTURE),
    'background-image': scene.join(', '),
  },
  '.stand-in-text': {
    'max-inline-size': 'calc(var(--content-width) + 2 * var(--gutter))',
    'margin-inline': 'auto',
    padding: '2.5rem var(--gutter) 0',
  },
  '.found [hidden]': { display: 'none' },
  '.dialog .stand-in-text': { padding: '0 1.5rem' },
  ':is(.stand-in, .dialog) :is(h1, h2)': {
    'font-family': 'var(--type-heading-family)',
    'font-weight': 'var(--type-heading-weight)',
    'line-height': 'var(--type-heading-line-height)',
    margin: '0 0 0.5em',
  },
  '.stand-in h1': { 'font-size': 'var(--type-heading-size)' },
  '.stand-in p': { 'max-inline-size': '62ch', margin: '0 0 1.5em' },
};
