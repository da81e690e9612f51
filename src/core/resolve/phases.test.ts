import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { barProperties } from '../properties/bar';
import { cellParts, phaseCell, phases } from '../properties/phases';
import { integrityProblems } from '../site/integrity';
import { sampleSite } from '../site/sample.test-data';
import { settledValue, settledValues } from './settled-values';

const bands = ['desktop', 'tablet', 'phone'];
const height = barProperties.find(({ name }) => name === 'leastHeight')!;
const valueIn = (cells: Record<string, unknown>, cell: string) =>
  settledValue({ leastHeight: cells }, height, bands, cell);

test('a phase follows itself in a wider band, and the phase before it where no wider band says anything', () => {
  const cells = { desktop: 80, phone: 56, 'desktop:scrolled': 48 };
  expect(valueIn(cells, 'phone')).toMatchObject({ value: 56, own: true });
  expect(valueIn(cells, 'phone:scrolled')).toEqual({ value: 48, from: 'desktop:scrolled', own: false });
  expect(valueIn(cells, 'phone:returning')).toMatchObject({ value: 48, from: 'desktop:scrolled' });
  expect(valueIn({ desktop: 80, phone: 56 }, 'phone:returning')).toMatchObject({ value: 56, from: 'phone' });
  expect(valueIn({}, 'tablet:scrolled')).toEqual({ value: 80, from: null, own: false });
});

test('what a narrower band says never reaches a wider one, in no phase', () => {
  const cell = fc.tuple(fc.constantFrom(...bands), fc.constantFrom(...phases));
  fc.assert(
    fc.property(cell, cell, fc.integer({ min: 0, max: 400 }), ([band, phase], [other, elsewhere], value) => {
      const { from } = valueIn({ [phaseCell(other, elsewhere)]: value }, phaseCell(band, phase));
      const reaches =
        bands.indexOf(other) <= bands.indexOf(band) && phases.indexOf(elsewhere) <= phases.indexOf(phase);
      expect(from !== null).toBe(reaches);
    }),
  );
});

test('a property without phases is the same in all of them', () => {
  const values = { pieceGap: { phone: 4 }, leastHeight: { 'desktop:scrolled': 48 } };
  const scrolled = settledValues(values, barProperties, bands, 'phone', 'scrolled');
  expect([scrolled.pieceGap, scrolled.leastHeight]).toEqual([4, 48]);
  expect(settledValues(values, barProperties, bands, 'phone').leastHeight).toBe(80);
  expect(cellParts('phone:scrolled')).toEqual({ band: 'phone', phase: 'scrolled' });
});

test('a cell of a phase that is not there, or that the property does not have, is found', () => {
  const problems = (values: Record<string, Record<string, unknown>>) => {
    const site = sampleSite();
    site.headers.h!.bars.b!.values = values;
    return integrityProblems(site).map(({ path }) => path.split('.').at(-1));
  };
  expect(problems({ leastHeight: { 'desktop:scrolled': 40, 'phone:returning': 30 } })).toEqual([]);
  expect(problems({ leastHeight: { 'desktop:later': 40 } })).toEqual(['desktop:later']);
  expect(problems({ leastHeight: { 'watch:scrolled': 40 } })).toEqual(['watch:scrolled']);
  expect(problems({ pieceGap: { 'desktop:scrolled': 40 } })).toEqual(['desktop:scrolled']);
});
