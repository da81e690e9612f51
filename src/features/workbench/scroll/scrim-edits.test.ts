import { expect, test } from '@jest/globals';
import { applyEdits } from '@/core/edit/apply';
import { unmeasured } from '@/core/text/advances';
import { usually } from '@/core/fit/heights';
import { barsOverPicture } from '@/core/fit/over-picture';
import { countedIds, sampleSite } from '@/core/site/sample.test-data';
import type { Site } from '@/core/site/site';
import { scrimEdits, type WantedScrim } from './scrim-edits';

const ids = countedIds();
function put(site: Site, wanted: WantedScrim): Site {
  const [at] = barsOverPicture(usually(site, unmeasured), site.headers.h!);
  const outcome = applyEdits(site, scrimEdits(site, 'h', at!, wanted, ids));
  if (!outcome.ok) throw new Error(outcome.reason);
  return outcome.site;
}

function over(): Site {
  const site = sampleSite();
  site.headers.h!.values = { lies: { desktop: 'over' } };
  site.headers.h!.bars.b!.values = { ground: { desktop: 'none' } };
  return site;
}
const scrim = (site: Site) => barsOverPicture(usually(site, unmeasured), site.headers.h!)[0]!.scrim;

test('a scrim that is put in lies under the text, as a colour of the brand that is added once', () => {
  const wanted: WantedScrim = { form: 'flat', colour: 'black', alpha: 0.42 };
  const once = put(over(), wanted);
  expect(scrim(once)).toEqual({ form: 'flat', colour: 'rgb(0 0 0 / 0.42)' });
  const colours = Object.keys(once.brand.colours).length;
  expect(colours).toBe(Object.keys(over().brand.colours).length + 1);
  expect(Object.keys(put(once, wanted).brand.colours)).toHaveLength(colours);
});

test('a gradient takes the place of a flat one, and the other way round', () => {
  const flat = put(over(), { form: 'flat', colour: 'white', alpha: 0.2 });
  const gradient = put(flat, { form: 'gradient', colour: 'white', alpha: 0.3 });
  expect(scrim(gradient)).toEqual({ form: 'gradient', colour: 'rgb(255 255 255 / 0.3)' });
  expect(scrim(put(gradient, { form: 'flat', colour: 'white', alpha: 0.2 }))!.form).toBe('flat');
});
