import { expect, test } from '@jest/globals';
import { SITE_VERSION } from '../site/site';
import { sampleSite } from '../site/sample.test-data';
import { readSiteFile, SITE_FILE_FORM, writeSiteFile } from './site-file';

const noBytes = () => {
  throw new Error('no artwork here');
};

test('a site file read again is the same site', () => {
  const reading = readSiteFile(writeSiteFile(sampleSite(), noBytes));
  expect(reading).toEqual({ ok: true, file: { form: SITE_FILE_FORM, site: sampleSite(), bytes: {} } });
});

/** The problems of a site file after a change to its JSON. */
function fileProblems(change: (json: Record<string, never>) => void): string {
  const json = JSON.parse(writeSiteFile(sampleSite(), noBytes));
  change(json);
  const reading = readSiteFile(JSON.stringify(json));
  return reading.ok
    ? 'nothing wrong'
    : reading.problems.map(({ path, reason }) => `${path}: ${reason}`).join('\n');
}

test.each<[string, (json: never) => void, string]>([
  [
    'a newer version',
    (json: { site: { version: number } }) => void (json.site.version = SITE_VERSION + 1),
    `site.version: is ${SITE_VERSION + 1}; this application reads version ${SITE_VERSION}. It was written by a newer`,
  ],
  ['no version', (json: { site: { version?: number } }) => void delete json.site.version, 'site.version'],
  ['another form', (json: { form: string }) => void (json.form = 'x'), 'form: A site file says'],
  [
    'a missing reference',
    (json: { site: { menus: object } }) => void (json.site.menus = {}),
    'site.headers.h.pieces.menu.values.menu.desktop: points to a menu that is not there (m)',
  ],
  [
    'a script in a link',
    (json: { site: { menus: { m: { items: { i1: { link: object } } } } } }) =>
      void (json.site.menus.m.items.i1.link = { to: 'address', address: 'javascript:alert(1)' }),
    'site.menus.m.items.i1.link.address: A link may not use javascript:',
  ],
  [
    'something that does not belong there',
    (json: { site: object }) => void Object.assign(json.site, { extra: 1 }),
    'site.extra',
  ],
  [
    'artwork without bytes',
    (json: { site: { artwork: object } }) =>
      void Object.assign(json.site.artwork, {
        a: {
          id: 'a',
          name: 'A',
          type: 'image/png',
          width: 1,
          height: 1,
          bytes: 9,
          alt: '',
          hash: '0'.repeat(64),
        },
      }),
    'site.artwork.a.hash: has no bytes',
  ],
])('a site file with %s is refused, with the place inside it', (_, change, expected) => {
  expect(fileProblems(change as (json: Record<string, never>) => void)).toContain(expected);
});

test.each(['', '{', 'null', '[]', '"x"', '{"form":"gable-ridge-site"}'])('%j is no site file', (text) => {
  expect(readSiteFile(text).ok).toBe(false);
});
