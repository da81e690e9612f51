import { el, type Node } from '../../../markup/html';
import type { StandInBlock } from '../../../site/page-stand-in';
import { pictureHtml } from './pictures';

const paragraphs = [
  'This text stands in for what the page will say. It is long enough to show how lines run under the header and how far the eye travels from one edge to the other.',
  'A second paragraph follows, since few pages end after one. Set here at the site’s own text size, it shows whether the header speaks louder than what it heads.',
  'And a third, so that a phone has something to scroll.',
] as const;

/** The first of what pages say. */
export const [leading] = paragraphs;

const parts = paragraphs
  .slice(1)
  .flatMap((words, index) => [
    el('h2', { id: `part-${index + 1}` }, `Part ${index + 1}`),
    el('p', {}, words),
  ]);

/** A table with a heading: what its columns mean, and rows that begin with what they mean. */
function table(heading: string, [head, ...rows]: readonly (readonly string[])[]): Node[] {
  const cell = (words: string, index: number) =>
    index === 0 ? el('th', { scope: 'row' }, words) : el('td', {}, words);
  return [
    el('h2', {}, heading),
    el(
      'table',
      {},
      el('thead', {}, el('tr', {}, el('td'), ...head!.map((words) => el('th', { scope: 'col' }, words)))),
      el('tbody', {}, ...rows.map((row) => el('tr', {}, ...row.map(cell)))),
    ),
  ];
}

const timetable = table('Times', [
  ['Weekdays', 'Weekends'],
  ['Morning', '07:10, 09:40', '09:40'],
  ['Noon', '12:25', '12:25, 13:50'],
  ['Afternoon', '16:10, 17:35', '16:10'],
  ['Evening', '20:05', '19:15, 21:30'],
]);

const fares = table('Prices', [
  ['One way', 'There and back'],
  ['Adults', '12.40', '21.80'],
  ['Children to 15', '6.20', '10.90'],
  ['Families', '31.00', '54.50'],
  ['Groups of 10 or more', '9.90', '17.40'],
]);

const news: Node[] = [
  el('h2', {}, 'What is new'),
  el(
    'ul',
    { class: 'stand-in-news' },
    ...(
      [
        ['12 May', 'Something opened this week'],
        ['3 May', 'A day on which hours are longer'],
        ['26 April', 'What was repaired over the winter'],
      ] as const
    ).map(([day, title]) =>
      el(
        'li',
        {},
        el('span', {}, day),
        el('strong', {}, title),
        el('span', {}, 'Two lines of news stand here, so that a card is as high as one would be.'),
      ),
    ),
  ),
];

/** A block of a stand-in. The heading and first words of a page are its lead. */
export function blockHtml(block: StandInBlock, title: string): Node[] {
  if (typeof block !== 'string')
    return [el('div', { class: 'stand-in-plate drawing', 'aria-hidden': 'true' }, pictureHtml(block.plate))];
  if (block === 'lead') return [el('h1', {}, title), el('p', {}, leading)];
  return { parts, timetable, fares, news }[block];
}
