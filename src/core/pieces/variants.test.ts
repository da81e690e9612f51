import { expect, test } from '@jest/globals';
import { resolveAssembly } from '../resolve/assembly';
import { sampleSite } from '../site/sample.test-data';
import { variantRules, variantsOf } from './variants';

/** The menu of the sample as it is settled in each band: a row on the desktop, a menu button on the phone, standing so with its logo. */
function menuWith(around: Record<string, string>) {
  const site = sampleSite();
  const header = site.headers.h!;
  const { menu } = header.pieces;
  header.pieces.menu = { ...menu!, values: { ...menu!.values, around } };
  return site.bands.map(({ id }) => {
    const { bars } = resolveAssembly(site, 'headers', header, id);
    return bars
      .flatMap(({ bays }) => bays.flatMap(({ pieces }) => pieces))
      .find((each) => each.id === 'menu')!;
  });
}
const namesOf = (stages: ReturnType<typeof menuWith>) => variantsOf(stages).map(({ name }) => name);

test('a menu button whose logo stands in no list has markup of its own with it, and shows that', () => {
  const stages = menuWith({ phone: 'after' });
  expect(namesOf(stages)).toEqual(['desktop', 'phone']);
  const [desktop, , phone] = stages.map((stage) => variantRules(stages, stage));
  expect(desktop).toMatchObject({ '& > .for-phone': { display: 'none' } });
  expect(phone).toEqual({
    '& > .for-desktop': { display: 'none' },
    '& > .for-phone': { display: 'contents' },
  });
});

test.each<[string, Record<string, string>]>([
  ['where its logo stands in the list of a wider band', { desktop: 'around', phone: 'below' }],
  ['where it has no logo', {}],
])('a menu button needs no markup of its own %s', (_, around) => {
  expect(namesOf(menuWith(around))).toEqual(['desktop']);
});
