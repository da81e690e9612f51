import { expect, test } from '@jest/globals';
import { heldScreens } from '@/core/fit/screens';
import { sampleSite } from '@/core/site/sample.test-data';
import { rulerDropDowns, stretchText } from './ruler-drop-downs';

const plain = {
  from: 640,
  to: 1024,
  count: 2,
  turned: [],
  across: [],
  scrolling: [],
  besideFrom: null,
  inside: [],
};

test('what does not stand as it is said to is told by its name', () => {
  const site = sampleSite();
  expect(stretchText(site, plain)).toBe('2 drop-downs within the window');
  expect(stretchText(site, { ...plain, count: 1, turned: ['i2'] })).toBe(
    '1 drop-down: Boats to the other side',
  );
  expect(stretchText(site, { ...plain, besideFrom: 412, inside: ['i2'] })).toBe(
    '2 drop-downs: lists beside in windows from 412 px high; no room for lists beside Boats',
  );
  const phone = heldScreens.find(({ name, held }) => name === 'Phone' && held === 'sideways')!;
  expect(stretchText(site, { ...plain, across: ['menu'], scrolling: [phone] })).toBe(
    '2 drop-downs: Menu: Main as wide as the window; higher than a Phone sideways leaves',
  );
});

test('neighbours that say the same are one stretch', () => {
  const narrower = { ...plain, from: 320, to: 640 };
  const turned = { ...plain, from: 1024, to: 1920, turned: ['i2'] };
  const rows = rulerDropDowns(sampleSite(), { dropDowns: [turned, plain, narrower], drawer: [] });
  expect(rows.map(({ from, to }) => [from, to])).toEqual([
    [1024, 1920],
    [320, 1024],
  ]);
});
