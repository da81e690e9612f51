import { expect, test } from '@jest/globals';
import { applyEdits } from '../edit/apply';
import { homePage } from '../render/files';
import { placedOnPage, renderPage } from '../render/page/page';
import { newPiece } from '../site/defaults';
import { sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';

const at = { in: 'headers', assembly: 'h' } as const;
const spot = { bar: 'b', bay: 'start', index: 0 };

/** The page of a site with an embedded page in its header. */
function page(values: Record<string, string>, hosts: string[] = []): string {
  const said = Object.fromEntries(Object.entries(values).map(([name, value]) => [name, { all: value }]));
  const outcome = applyEdits(sampleSite(), [
    { edit: 'addPiece', at, spot, piece: newPiece('e', 'embed', said) },
    { edit: 'setEmbeds', hosts },
  ]);
  if (!outcome.ok) throw new Error(outcome.reason);
  return renderPage(outcome.site, homePage(outcome.site));
}
const map = { address: 'https://maps.example.com/harbour', title: 'Harbour <map>' };

test('a page from elsewhere is led to until its host is allowed, then asked for, or loaded in sight', () => {
  const led = page(map);
  expect(led).toContain('<a class="embed-ask" href="https://maps.example.com/harbour">');
  expect(led).toContain('Harbour &lt;map&gt;');
  expect(led).toContain('Loads from maps.example.com');
  expect(page(map, ['maps.example.com'])).toContain('href="https://maps.example.com/harbour" data-embed>');
  const loaded = page({ ...map, loads: 'seen' }, ['maps.example.com']);
  expect(loaded).toMatch(
    /<iframe class="embed-frame" src="[^"]*" title="Harbour [^"]*map[^"]*" loading="lazy"/,
  );
  // Another port of the host is another place.
  expect(page({ ...map, loads: 'seen' }, ['maps.example.com:8443'])).not.toContain('<iframe');
});

test('without a title nothing of it is shown, and views load nothing', () => {
  expect(page({ address: map.address }, ['maps.example.com'])).not.toContain('class="embed');
  const outcome = applyEdits(sampleSite(), [
    {
      edit: 'addPiece',
      at,
      spot,
      piece: newPiece('e', 'embed', {
        address: { all: map.address },
        title: { all: 'Map' },
        loads: { all: 'seen' },
      }),
    },
    { edit: 'setEmbeds', hosts: ['maps.example.com'] },
  ]);
  if (!outcome.ok) throw new Error(outcome.reason);
  const site: Site = outcome.site;
  const inView = renderPage(site, homePage(site), {
    ...placedOnPage(site, homePage(site)),
    framesOthers: false,
  });
  expect(inView).toContain('class="embed-ask"');
  expect(inView).not.toContain('<iframe');
});

test.each([
  ['http://maps.example.com/', 'begins with https://'],
  ['maps.example.com', 'not a full address'],
])('the address %s is refused', (value, reason) => {
  const outcome = applyEdits(sampleSite(), [
    { edit: 'addPiece', at, spot, piece: newPiece('e', 'embed') },
    { edit: 'setValue', place: { on: 'piece', ...at, piece: 'e' }, property: 'address', cell: 'all', value },
  ]);
  expect(outcome).toMatchObject({ ok: false, reason: expect.stringContaining(reason) });
});

test('what is no host is refused, and a host is allowed once', () => {
  const refused = (hosts: string[]) => applyEdits(sampleSite(), [{ edit: 'setEmbeds', hosts }]).ok;
  expect(refused(['https://maps.example.com'])).toBe(false);
  expect(refused(['maps.example.com/harbour'])).toBe(false);
  expect(refused(['maps.example.com', 'maps.example.com'])).toBe(false);
});
