/** Requests that would change what they should not, or bring the server to say nothing. */

interface HostileRequest {
  what: string;
  method: string;
  /** Sent letter by letter, as no browser would. */
  path: string;
  headers?: Record<string, string>;
  body?: string;
  status: number;
  answer: RegExp;
}

const json = { 'content-type': 'application/json' };
const edits = (site: string, ...all: object[]) => ({
  method: 'POST',
  path: `/api/sites/${site}/edits`,
  headers: json,
  body: JSON.stringify({ base: 0, edits: all, group: null, batch: 'hostile' }),
});

const inherited = ['__proto__', 'constructor', 'toString', 'prototype', 'hasOwnProperty'];

/** What is asked of a site of its own. */
export const hostileRequests = (site: string): HostileRequest[] => [
  ...inherited.map((name) => ({
    what: `a menu called ${name}`,
    ...edits(site, { edit: 'renameMenu', menu: name, name: 'X' }),
    status: 422,
    answer: /no name that every object has/,
  })),
  ...inherited.map((name) => ({
    what: `a header called ${name}`,
    ...edits(site, { edit: 'renameAssembly', at: { in: 'headers', assembly: name }, name: 'X' }),
    status: 422,
    answer: /no name that every object has/,
  })),
  {
    what: 'a page with an id that readers leave out',
    ...edits(site, {
      edit: 'addPages',
      pages: [{ id: 'prototype', title: 'A', path: '/a', parent: null, titles: {}, tags: [] }],
    }),
    status: 422,
    answer: /no name that every object has/,
  },
  {
    what: 'a number without an end',
    ...edits(site, { edit: 'setRule' }),
    body: `{"base":0,"group":null,"batch":"x","edits":[{"edit":"setRule","at":{"in":"headers","assembly":"h-main"},"bar":"h-main-b2","rule":{"id":"r","when":{"by":"fit","margin":16},"turns":[{"piece":"h-main-p4","property":"itemGap","value":2,"step":1e999}]}}]}`,
    status: 422,
    answer: /a number that has an end/,
  },
  {
    what: 'an edit nobody knows',
    ...edits(site, { edit: 'constructor' }),
    status: 422,
    answer: /no edit “constructor”/,
  },
  { what: 'no edit', ...edits(site), status: 422, answer: /no edit in this request/ },
  {
    what: 'brackets without an end',
    method: 'POST',
    path: `/api/sites/${site}/edits`,
    headers: json,
    body: '['.repeat(100_000),
    status: 400,
    answer: /nested more than 60 deep/,
  },
  {
    what: 'a form',
    method: 'POST',
    path: '/api/sites',
    headers: { 'content-type': 'text/plain' },
    body: '{"name":"X"}',
    status: 415,
    answer: /Only JSON/,
  },
  {
    what: 'a file as JSON',
    method: 'POST',
    path: `/api/sites/${site}/uploads/artwork?name=a.svg`,
    headers: json,
    body: '{}',
    status: 415,
    answer: /octet-stream/,
  },
  {
    what: 'a kind of upload that every object has',
    method: 'POST',
    path: `/api/sites/${site}/uploads/constructor?name=a`,
    status: 404,
    answer: /Nothing can be uploaded/,
  },
  {
    what: 'a site that every object has',
    method: 'GET',
    path: '/api/sites/__proto__',
    status: 404,
    answer: /no longer there/,
  },
  {
    what: 'a method that is not there',
    method: 'PUT',
    path: `/api/sites/${site}`,
    status: 405,
    answer: /only GET and DELETE/,
  },
  {
    what: 'an address that is not there',
    method: 'GET',
    path: '/api/nothing/at/all',
    status: 404,
    answer: /nothing at this address/,
  },
  {
    what: 'a revision that is none',
    method: 'GET',
    path: `/api/sites/${site}/changes?since=x`,
    status: 400,
    answer: /number of a revision/,
  },
];

/** Addresses of screens with ids that every object answers to. */
export const hostileScreens = [
  '/sites/hollin-sound/headers/constructor',
  '/sites/hollin-sound/headers/__proto__',
  '/sites/hollin-sound/headers/__proto__/fit',
  '/sites/hollin-sound/headers/h-main/fit?bar=constructor',
  '/sites/__proto__/headers',
  '/sites/constructor/pages',
];

/** Addresses that lead out of a site’s files, or to files that it has not; each is asked below the site’s own address. */
export const hostilePaths = [
  '../../package.json',
  '../../../../../../etc/passwd',
  '%2e%2e/package.json',
  '%2e%2e%2f%2e%2e%2fpackage.json',
  'fonts/%2e%2e%2fsite.css',
  'fonts/..%5c..%5cpackage.json',
  'files/%00',
  'constructor',
  '__proto__/x.css',
  'artwork/',
  '/etc/passwd',
  'index.html/../../../package.json',
];
