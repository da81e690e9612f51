import { expect, test } from '@jest/globals';
import { guardProblem, type Asked } from './guard';
import { keyedSite } from './handover/site-address';

const host = '127.0.0.1:4300';
const own = `http://${host}`;

/** A request as the browser would send it for a page of the application, with what is otherwise. */
const asked = (other: Partial<Asked>): Asked => ({
  method: 'GET',
  path: '/api/sites/hollin-sound',
  host,
  origin: null,
  site: 'same-origin',
  mode: 'cors',
  dest: 'empty',
  ...other,
});
const given = `/try/${keyedSite('hollin-sound')}/fonts/a.woff2`;

const newsletter = `/try/${keyedSite('hollin-sound')}/newsletter`;

test.each<[string, Partial<Asked>]>([
  ['a page of its own', {}],
  ['another name of this machine', { host: 'localhost:3000' }],
  ['IPv6', { host: '[::1]:80' }],
  ['a change', { method: 'POST', origin: own }],
  ['a program that says nothing of origins', { method: 'POST', site: null, mode: null, dest: null }],
  ['an address that is typed', { path: '/', site: 'none', mode: 'navigate', dest: 'document' }],
  [
    'a link from elsewhere to a screen',
    { path: '/', site: 'cross-site', mode: 'navigate', dest: 'document' },
  ],
  [
    'a newsletter of a site, from its own page',
    { method: 'POST', path: newsletter, origin: 'null', site: 'cross-site' },
  ],
  ['a font of a site, for its own page', { path: given, origin: 'null', site: 'cross-site', dest: 'font' }],
])('%s is answered', (_, other) => {
  expect(guardProblem(asked(other))).toBeNull();
});

test.each<[string, Partial<Asked>]>([
  ['another host', { host: 'evil.example' }],
  ['no host', { host: null }],
  ['a host that only begins so', { host: '127.0.0.1.evil.example' }],
  ['a change from another website', { method: 'POST', origin: 'https://evil.example', site: 'cross-site' }],
  ['a change from an opaque origin', { method: 'POST', origin: 'null', site: 'cross-site' }],
  ['a change from another port', { method: 'DELETE', origin: 'http://127.0.0.1:9999', site: 'same-site' }],
  ['a change of a site’s files', { method: 'POST', path: given, origin: 'null', site: 'cross-site' }],
  ['another website that reads', { site: 'cross-site' }],
  ['another port that reads', { site: 'same-site' }],
  ['a picture shown elsewhere', { site: 'cross-site', mode: 'no-cors', dest: 'image' }],
  ['a frame elsewhere', { path: '/', site: 'cross-site', mode: 'navigate', dest: 'iframe' }],
  ['a link from elsewhere to a download', { site: 'cross-site', mode: 'navigate', dest: 'document' }],
  [
    'a newsletter without the key of its site',
    { method: 'POST', path: '/try/hollin-sound/newsletter', origin: 'null', site: 'cross-site' },
  ],
  ['files of a site without its key', { path: '/try/hollin-sound/site.css', site: 'cross-site' }],
  [
    'files of a site with the key of another',
    { path: given.replace('hollin-sound', 'other'), site: 'cross-site' },
  ],
  ['an opaque origin that reads', { origin: 'null', site: null }],
])('%s is not', (_, other) => {
  expect(guardProblem(asked(other))).toEqual(expect.any(String));
});
