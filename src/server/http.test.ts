import { expect, jest, test } from '@jest/globals';
import * as v from 'valibot';
import { bodyBytes, lines, readBody, route, textStream } from './http';

const at = 'http://127.0.0.1/api/sites';
const post = (body: BodyInit, type = 'application/json') =>
  new Request(at, { method: 'POST', body, headers: { 'content-type': type } });

test('every answer is JSON with a sentence: of a method that is not there, and of what was not foreseen', async () => {
  const log = jest.spyOn(console, 'error').mockImplementation(() => {});
  const { GET, PUT, DELETE } = route<null>({
    GET() {
      throw new TypeError('a mistake');
    },
    DELETE() {
      throw Object.assign(new Error('full'), { cause: { code: 'SQLITE_FULL' } });
    },
  });
  const failed = await GET(new Request(at), null);
  expect([failed.status, (await failed.json()).reason]).toEqual([
    500,
    expect.stringContaining('changed nothing'),
  ]);
  expect(log).toHaveBeenCalledTimes(1);
  const missing = await PUT(new Request(at, { method: 'PUT' }), null);
  expect([missing.status, missing.headers.get('allow')]).toEqual([405, 'GET, DELETE']);
  expect(await missing.json()).toEqual({ reason: 'PUT is not possible here, only GET and DELETE.' });
  const full = await DELETE(new Request(at), null);
  expect([full.status, await full.json()]).toEqual([
    503,
    { later: true, reason: expect.stringContaining('The disk is full') },
  ]);
  log.mockRestore();
});

test('a body that is too large, of another type, no JSON or too deep is refused with its reason', async () => {
  const schema = v.strictObject({ name: v.string() });
  const refused = async (request: Request) => {
    const body = await readBody(request, schema);
    return body.ok ? 'read' : [body.response.status, (await body.response.json()).reason];
  };
  expect(await refused(post('{"name":"x"}'))).toBe('read');
  expect(await refused(post(JSON.stringify({ name: `["\\${'['.repeat(9_000_000)}` })))).toBe('read');
  expect(await refused(post('{"name":"x"}', 'text/plain'))).toEqual([
    415,
    expect.stringContaining('Only JSON'),
  ]);
  expect(await refused(post('{"name":'))).toEqual([400, 'The body is not JSON.']);
  expect(await refused(post('{"name":1}'))).toEqual([422, expect.stringContaining('name: ')]);
  expect(await refused(post('['.repeat(200_000)))).toEqual([400, expect.stringContaining('deep')]);
  expect(await refused(post('x'.repeat(17 * 1048576)))).toEqual([413, expect.stringContaining('16 MB')]);
});

test('a body is counted as it comes, whatever it says of itself', async () => {
  const stream = new ReadableStream({
    pull(controller) {
      controller.enqueue(new Uint8Array(1024));
    },
  });
  const request = new Request(at, { method: 'POST', body: stream, duplex: 'half' } as RequestInit);
  const body = await bodyBytes(request, 5000);
  expect(body.ok).toBe(false);
});

test('a text is made as it is read, and given up with whoever reads it', async () => {
  let made = 0;
  let ended = false;
  const endless = (async function* () {
    try {
      for (;;) yield `${(made += 1)}`;
    } finally {
      ended = true;
    }
  })();
  const reader = textStream(endless).getReader();
  await reader.read();
  await reader.cancel();
  expect([made < 5, ended]).toEqual([true, true]);
});

test('news are sent one a line', async () => {
  const news = (async function* () {
    yield { says: 'count', count: 2 };
    yield { says: 'ready' };
  })();
  expect(await lines(news).text()).toBe('{"says":"count","count":2}\n{"says":"ready"}\n');
});
