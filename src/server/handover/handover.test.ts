import { expect, test } from '@jest/globals';
import { ahead } from './ahead';
import { encoder } from './encoder';
import { keyedSite, siteAt } from './site-address';

test('what is under way comes in its order, and never more than a few at a time', async () => {
  let underWay = 0;
  let most = 0;
  const items = (async function* () {
    for (let item = 0; item < 20; item += 1) yield item;
  })();
  const work = async (item: number) => {
    most = Math.max(most, (underWay += 1));
    await new Promise((resolve) => setTimeout(resolve, item % 3));
    underWay -= 1;
    return item * 2;
  };
  const got: number[] = [];
  for await (const result of ahead(items, work)) got.push(result);
  expect(got).toEqual(Array.from({ length: 20 }, (_, item) => item * 2));
  expect(most).toBeLessThanOrEqual(4);
});

test('pieces encoded one by one are the bytes of the whole text', () => {
  const encode = encoder();
  const shared = `<li>Fähre – ${'größer '.repeat(400)}</li>`;
  for (const pieces of [['<p>é</p>', shared, '\u{1F6A2}', shared], [], [''], [shared, 'x'.repeat(2000), '€']])
    expect(encode(pieces).equals(Buffer.from(pieces.join('')))).toBe(true);
});

test('more pieces than are kept are encoded all the same', () => {
  const encode = encoder();
  for (let count = 0; count < 40; count += 1) {
    const piece = `${count}`.repeat(500_000);
    expect(encode([piece]).length).toBe(piece.length);
  }
});

test('the address of a site’s files has a key of its own, which no other site’s and no part of it is', () => {
  expect(siteAt(keyedSite('hollin-sound'))).toEqual({ site: 'hollin-sound', keyed: true });
  const key = keyedSite('other').split('.')[1]!;
  for (const part of [
    'hollin-sound',
    `hollin-sound.${key}`,
    'hollin-sound.',
    keyedSite('hollin-sound').slice(0, -1),
  ])
    expect(siteAt(part)).toEqual({ site: 'hollin-sound', keyed: false });
});
