import { expect, test } from '@jest/globals';
import { fontGaps } from '@/core/brand/font-gaps';
import { gapsOfFiles } from './font-gaps.test-data';

test('what shipped fonts lack is as their files say', async () => {
  expect(await gapsOfFiles()).toEqual(fontGaps);
});
