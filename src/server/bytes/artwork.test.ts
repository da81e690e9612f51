import { expect, test } from '@jest/globals';
import sharp from 'sharp';
import { hollinArtwork } from '../demo/hollin-sound/artwork';
import { MOST_BYTES } from '@/core/site/file-limits';
import { ingestArtwork } from './artwork';

const svg = (inside: string, attributes = 'width="20" height="10"') =>
  Buffer.from(`<svg xmlns="http://www.w3.org/2000/svg" ${attributes}>${inside}</svg>`);
const logo = Buffer.from(hollinArtwork[0].svg);

async function keptSvg(bytes: Buffer): Promise<string> {
  const ingestion = await ingestArtwork(bytes, 'logo.svg');
  if (!ingestion.ok) throw new Error(ingestion.reason);
  return ingestion.kept.bytes.toString();
}

test('an SVG keeps its shapes and its size', async () => {
  const ingestion = await ingestArtwork(logo, 'logo.svg');
  expect(ingestion).toMatchObject({
    ok: true,
    kept: { about: { type: 'image/svg+xml', width: 212, height: 48 } },
  });
  expect(await keptSvg(logo)).toContain('viewBox="0 0 212 48"');
});

test('cleaning what is clean changes nothing, so that a hash stays the same', async () => {
  const once = await keptSvg(logo);
  expect(await keptSvg(Buffer.from(once))).toBe(once);
});

test('colours by class and gradients of its own stay in an SVG', async () => {
  const kept = await keptSvg(
    svg(
      '<style>.a{fill:#123456}</style><defs><linearGradient id="g"><stop offset="0" stop-color="red"/></linearGradient><linearGradient id="h" href="#g"/></defs><path class="a" d="M0 0h9"/><path fill="url(#h)" d="M0 0h9v9z"/>',
    ),
  );
  expect(kept).toContain('.a{fill:#123456}');
  expect(kept).toContain('href="#g"');
  expect(kept).toContain('url(#h)');
});

test.each([
  ['a script', '<script>alert(1)</script>', '<script>'],
  ['a handler', '<rect width="1" height="1" onclick="alert(1)"/>', 'onclick'],
  ['a picture from elsewhere', '<image href="https://example.com/x.png"/>', '<image>'],
  ['foreign markup', '<foreignObject><p>x</p></foreignObject>', '<foreignobject>'],
  ['a link', '<a href="https://example.com"><rect width="1" height="1"/></a>', '<a>'],
  ['a part of another file', '<use href="https://example.com/x.svg#a"/>', 'x.svg#a'],
  ['styles that load', '<style>@import url(https://example.com/x.css);</style>', '@import'],
  [
    'a filter from elsewhere',
    '<rect filter="url(https://example.com/f.svg#a)" width="1" height="1"/>',
    'url(',
  ],
])('an SVG with %s is refused, and the reason names it', async (_, inside, trace) => {
  const ingestion = await ingestArtwork(svg(`${inside}<path d="M0 0h1"/>`), 'logo.svg');
  expect(ingestion).toMatchObject({ ok: false, reason: expect.stringContaining(trace) });
});

test('pictures are read for what they are', async () => {
  for (const format of ['png', 'webp', 'jpeg'] as const) {
    const bytes = await sharp({ create: { width: 6, height: 3, channels: 3, background: '#123456' } })
      .toFormat(format)
      .toBuffer();
    expect(await ingestArtwork(bytes, `mark.${format}`)).toMatchObject({
      ok: true,
      kept: {
        about: { type: `image/${format}`, width: 6, height: 3, bytes: bytes.length },
        hash: expect.stringMatching(/^[0-9a-f]{64}$/),
      },
    });
  }
});

test.each([
  ['nothing', Buffer.alloc(0), 'x.png', 'empty'],
  ['a text', Buffer.from('hello'), 'x.png', 'not a picture'],
  ['half a PNG', Buffer.from('89504e470d0a1a0a', 'hex'), 'x.png', 'not a picture'],
  ['a page', Buffer.from('<html><svg></svg></html>'), 'x.svg', 'outermost element is not <svg>'],
  ['an SVG that is called a PNG', logo, 'logo.png', 'not what its name says'],
  ['too much', Buffer.alloc(MOST_BYTES.artwork + 1), 'x.png', 'at most 2 MB'],
])('%s is refused with its reason', async (_, bytes, name, reason) => {
  expect(await ingestArtwork(bytes, name)).toMatchObject({
    ok: false,
    reason: expect.stringContaining(reason),
  });
});

test('an SVG is as large as it says, parts of a px included', async () => {
  const sized = async (attributes: string) => {
    const svg = `<svg xmlns="http://www.w3.org/2000/svg" ${attributes}><rect width="4" height="4"/></svg>`;
    const found = await ingestArtwork(Buffer.from(svg), 'mark.svg');
    return found.ok ? [found.kept.about.width, found.kept.about.height] : found.reason;
  };
  expect(await sized('width="57.43" height="12.5px"')).toEqual([57.43, 12.5]);
  expect(await sized('viewBox="0 0 57.43 12.5"')).toEqual([57.43, 12.5]);
  expect(await sized('height="25" viewBox="0,0,30,20"')).toEqual([37.5, 25]);
  // What is drawn in any size keeps its form.
  expect(await sized('width="0.5" height="2"')).toEqual([1, 4]);
  expect(await sized('width="1in" height="1in"')).toEqual([96, 96]);
  // What goes by what is around it says nothing of its size.
  expect(await sized('width="100%" viewBox="0 0 30 20"')).toEqual([30, 20]);
});
