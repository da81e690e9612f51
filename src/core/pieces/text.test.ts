import { expect, test } from '@jest/globals';
import { renderFiles } from '../render/files';
import { noScripts } from '../render/scripts.test-data';
import { sampleSite } from '../site/sample.test-data';
import { newPiece } from '../site/defaults';
import type { Words } from '../properties/kinds/words';

/** The line of a text on the home page. */
function lineOf(text: Words, yearFollows = true): string {
  const site = sampleSite();
  const header = site.headers.h!;
  const piece = {
    ...newPiece('t', 'text'),
    values: { text: { all: text }, yearFollows: { all: yearFollows } },
  };
  const [bar] = Object.values(header.bars);
  const [bay, ...bays] = bar!.bays;
  const held = { ...bar!, bays: [{ ...bay!, pieces: [...bay!.pieces, 't'] }, ...bays] };
  const changed = {
    ...site,
    headers: {
      ...site.headers,
      h: { ...header, bars: { ...header.bars, [bar!.id]: held }, pieces: { ...header.pieces, t: piece } },
    },
  };
  const home = renderFiles(changed, noScripts).find(({ path }) => path === 'index.html')!;
  return /<p class="text[^>]*>(.*)<\/p>/.exec('text' in home ? home.text : '')![1]!;
}
const year = (said: string) => `<time class="text-year">${said}</time>`;

test.each<[Words, string]>([
  [['© 2026 Quay'], `© ${year('2026')} Quay`],
  [['© 2011–2026 Quay'], `© 2011–${year('2026')} Quay`],
  [['1999'], year('1999')],
  [['01632 960117, since 20266, no. 2026a'], '01632 960117, since 20266, no. 2026a'],
  [['Nothing here 3026'], 'Nothing here 3026'],
])('of %j the last year follows the calendar', (text, expected) => {
  expect(lineOf(text)).toBe(expected);
});

test('years in words that lead somewhere stay, and all of them where that is not asked for', () => {
  const linked: Words = ['Since 1999, ', { words: 'plans for 2027', link: { to: 'nothing' } }];
  expect(lineOf(linked)).toMatch(/^Since <time class="text-year">1999<\/time>, <span.*plans for 2027</);
  expect(lineOf(['© 2026'], false)).toBe('© 2026');
});
