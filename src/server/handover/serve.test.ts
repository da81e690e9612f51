import { expect, test } from '@jest/globals';
import { guardProblem } from '../guard';
import { serveAt } from './serve';
import { keyedSite } from './site-address';
import { seededDemo } from '../demo/demo-sites.test-data';

const { db } = await seededDemo();
const part = keyedSite('hollin-sound');

const asked = (url: string) => new Request(url, { headers: { host: '127.0.0.1:4300' } });

/** The answer to a page of the tried demo. */
async function tried(...below: string[]) {
  const request = asked(`http://127.0.0.1:4300/tried/${part}/${below.join('/')}`);
  const response = await serveAt(db, request, 'tried', part, below);
  return { response, text: await response.text() };
}

test('a tried page is the handed-over one with the script that tells where one is, in an origin of its own', async () => {
  const { response, text } = await tried('as-it-is', 'help.html');
  const teller = '\t<script src="/tried.js" defer></script>\n\t';
  expect(text.split(teller)).toHaveLength(2);
  const handed = await serveAt(db, asked(`http://127.0.0.1:4300/try/${part}/help.html`), 'try', part, [
    'help.html',
  ]);
  expect(text.replace(teller, '')).toBe(await handed.text());
  const policy = response.headers.get('content-security-policy')!;
  expect(policy).toContain('sandbox allow-scripts allow-popups allow-forms');
  // A newsletter is answered below the circumstances, as its page asks for it.
  expect(policy).toContain(`connect-src http://127.0.0.1:4300/tried/${part}/as-it-is/newsletter`);
  expect(policy).not.toContain('frame-src');
});

test('in the dark the colours are those of the dark scheme, and before fonts have come there are none', async () => {
  expect((await tried('as-it-is', 'site.css')).text).toContain('prefers-color-scheme');
  const dark = (await tried('dark', 'site.css')).text;
  expect(dark).not.toContain('prefers-color-scheme');
  expect(dark).toContain('--ground: #0e1a21;');
  const font = /fonts\/[^"]+\.woff2/.exec(dark)![0];
  expect((await tried('dark', ...font.split('/'))).response.status).toBe(200);
  expect((await tried('dark+fontless', ...font.split('/'))).response.status).toBe(404);
});

test('what is no file of the site is not there, and without the key one is sent to the address with it', async () => {
  expect((await tried('as-it-is', 'gone.html')).response.status).toBe(404);
  expect((await tried('as-it-is')).response.status).toBe(404);
  const request = asked('http://127.0.0.1:4300/tried/hollin-sound/dark/index.html');
  const sent = await serveAt(db, request, 'tried', 'hollin-sound', ['dark', 'index.html']);
  expect(sent.status).toBe(307);
  expect(sent.headers.get('location')).toBe(`/tried/${part}/dark/index.html`);
});

test('files of a tried site are given to its own pages, and to nobody who has not their address', () => {
  const font = {
    method: 'GET',
    host: '127.0.0.1:4300',
    origin: 'null',
    site: 'cross-site',
    mode: 'cors',
    dest: 'font',
  };
  expect(guardProblem({ ...font, path: `/tried/${part}/as-it-is/fonts/a.woff2` })).toBeNull();
  expect(guardProblem({ ...font, path: '/tried/hollin-sound/as-it-is/fonts/a.woff2' })).not.toBeNull();
});
