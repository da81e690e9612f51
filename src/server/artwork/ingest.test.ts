import { expect, test } from '@jest/globals';
import sharp from 'sharp';
import { hollinLogo } from '../demo/hollin-sound';
import { ingestArtwork, MOST_BYTES } from './ingest';

const svg = (inside: string, attributes = 'width="20" height="10"') =>
  Buffer.from(`<svg xmlns="http://www.w3.org/2000/svg" ${attributes}>${inside}</svg>`);

async function kept(bytes: Buffer): Promise<string> {
  const ingestion = await ingestArtwork(bytes);
  if (!ingestion.ok) throw new Error(ingestion.reason);
  return ingestion.artwork.bytes.toString();
}

test('an SVG keeps its shapes and its size', async () => {
  const ingestion = await ingestArtwork(Buffer.from(hollinLogo));
  expect(ingestion).toMatchObject({ ok: true, artwork: { type: 'image/svg+xml', width: 212, height: 48 } });
  expect(await kept(Buffer.from(hollinLogo))).toContain('viewBox="0 0 212 48"');
});

test('cleaning what is clean changes nothing, so that a hash stays the same', async () => {
  const once = await kept(Buffer.from(hollinLogo));
  expect(await kept(Buffer.from(once))).toBe(once);
});

test.each([
  ['a script', '<script>alert(1)</script>', 'alert'],
  ['a handler', '<rect width="1" height="1" onclick="alert(1)"/>', 'onclick'],
  ['a picture from elsewhere', '<image href="https://example.com/x.png"/>', 'example.com'],
  ['foreign markup', '<foreignObject><iframe src="https://example.com"></iframe></foreignObject>', 'iframe'],
  ['a link', '<a href="javascript:alert(1)"><rect width="1" height="1"/></a>', 'javascript'],
  ['styles that load', '<style>@import url(https://example.com/x.css)</style>', 'import'],
])('an SVG loses %s', async (_, inside, trace) => {
  expect(await kept(svg(`${inside}<path d="M0 0h1"/>`))).not.toContain(trace);
});

test('pictures are told by their bytes', async () => {
  for (const format of ['png', 'webp', 'jpeg'] as const) {
    const bytes = await sharp({ create: { width: 6, height: 3, channels: 3, background: '#123456' } })
      .toFormat(format)
      .toBuffer();
    expect(await ingestArtwork(bytes)).toMatchObject({
      ok: true,
      artwork: {
        type: `image/${format}`,
        width: 6,
        height: 3,
        hash: expect.stringMatching(/^[0-9a-f]{64}$/),
      },
    });
  }
});

test.each([
  ['nothing', Buffer.alloc(0), 'empty'],
  ['a text', Buffer.from('hello'), 'not a picture'],
  ['half a PNG', Buffer.from('89504e470d0a1a0a', 'hex'), 'not a picture'],
  ['a page', Buffer.from('<html><svg></svg></html>'), 'not a picture'],
  ['too much', Buffer.alloc(MOST_BYTES + 1), 'at most 2 MB'],
])('%s is refused with its reason', async (_, bytes, reason) => {
  expect(await ingestArtwork(bytes)).toMatchObject({ ok: false, reason: expect.stringContaining(reason) });
});
