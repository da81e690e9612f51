import { expect, test } from '@jest/globals';
import { newBar, newPiece } from '../site/defaults';
import { sampleSite } from '../site/sample.test-data';
import { groundFindings } from './ground-findings';

test('what has a colour of its own and fails on the ground is named with its contrast, and nothing else', () => {
  const site = sampleSite();
  const header = site.headers.h!;
  const failing = newPiece('p-failing', 'contact', {
    link: { all: { to: 'telephone', telephone: '+44 1632 960117' } },
    contactInk: { rest: 'deep', hover: 'on-deep' },
  });
  const following = newPiece(
    'p-following',
    'contact',
    failing.values.link ? { link: failing.values.link } : {},
  );
  const bar = newBar(
    'b-own',
    'Own',
    { ground: { desktop: 'deep' }, set: { all: true } },
    { start: [failing.id, following.id] },
  );
  const own = {
    ...site,
    headers: {
      ...site.headers,
      h: {
        ...header,
        order: [...header.order, bar.id],
        bars: { ...header.bars, [bar.id]: bar },
        pieces: { ...header.pieces, [failing.id]: failing, [following.id]: following },
      },
    },
  };
  const found = groundFindings(own, { in: 'headers', assembly: 'h' }, bar);
  expect(found).toEqual([
    {
      piece: 'p-failing',
      title: expect.stringContaining('Contact link'),
      part: 'Contact link',
      state: 'rest',
      ratio: 1,
      own: ['contactInk'],
    },
  ]);
  const unset = { ...bar, values: { ground: { desktop: 'deep' } } };
  expect(groundFindings(own, { in: 'headers', assembly: 'h' }, unset)).toEqual([]);
});
