import { expect, test } from '@jest/globals';
import type { Values } from '../properties/property';
import { resolveAssembly, type SettledAssembly } from '../resolve/assembly';
import type { Site } from '../site/site';
import { sampleSite } from '../site/sample.test-data';
import { coverCrop } from './cover-crop';
import { barHeights, coveredHeight, usually } from './heights';
import { evenLetters } from './even-letters.test-data';
import { barsOverPicture } from './over-picture';
import { screenShares, screens, scrollFindings } from './screens';

function sample(header: Values, bar: Values = {}) {
  const site = sampleSite();
  site.headers.h!.values = header;
  site.headers.h!.bars.b!.values = bar;
  return { site, header: site.headers.h! };
}
const settled = ({ site, header }: ReturnType<typeof sample>, band = 'desktop') =>
  resolveAssembly(site, 'headers', header, band);

/** The height of the first bar on the desktop; 0 where it is hidden. */
const firstHeight = (site: Site, assembly: SettledAssembly) =>
  barHeights(usually(site, evenLetters), assembly, 'desktop', 1280).get(assembly.bars[0]!.id) ?? 0;

test('a bar is as high as it has to be at least, or as its highest piece, with its padding and lines', () => {
  const height = (bar: Values) => {
    const made = sample({}, bar);
    return firstHeight(made.site, settled(made));
  };
  expect(height({ leastHeight: { desktop: 90 }, padding: { desktop: 5 } })).toBe(90);
  expect(height({ leastHeight: { desktop: 90 }, padding: { desktop: 40 } })).toBe(80 + 44);
  // The button: a line of 16 px times 1.25, 10 px above and below, and its border.
  expect(height({ leastHeight: { desktop: 0 }, padding: { desktop: 0 } })).toBe(44);
  expect(
    height({ leastHeight: { desktop: 0 }, padding: { desktop: 0 }, lineBelow: { desktop: 'border-strong' } }),
  ).toBe(46);
  expect(height({ shown: { desktop: 'hidden' } })).toBe(0);
});

test('a logo is as high as its width makes it, and a line as high as its icon', () => {
  const { site } = sample({}, { leastHeight: { desktop: 0 }, padding: { desktop: 0 } });
  const sign = {
    type: 'image/svg+xml' as const,
    width: 300,
    height: 100,
    bytes: 1,
    hash: 'a'.repeat(64),
    name: 'Sign',
    alt: '',
  };
  site.artwork = { sign: { id: 'sign', ...sign } };
  site.brand.logo.full = 'sign';
  site.headers.h!.pieces.logo!.values = { artworkWidth: { desktop: 240 } };
  const high = (pieces: Values) => {
    const header = structuredClone(site.headers.h!);
    Object.assign(header.pieces.button!.values, pieces);
    return firstHeight(site, resolveAssembly(site, 'headers', header, 'desktop'));
  };
  expect(high({})).toBe(80);
  expect(high({ icon: { all: 'ticket' }, iconSize: { desktop: 70 } })).toBe(70 + 20 + 4);
});

test('a header covers what stays of it, and nothing where it scrolls away or stands at the side', () => {
  const covered = (header: Values) => {
    const made = sample(header);
    return coveredHeight(usually(made.site, evenLetters), settled(made), 'desktop', 1280);
  };
  expect(covered({ scrolling: { desktop: 'stays' } })).toBe(80);
  expect(covered({})).toBe(0);
  expect(covered({ scrolling: { desktop: 'stays' }, stands: { desktop: 'side' } })).toBe(0);
});

test('shares are of the height of each screen, also when it is held sideways', () => {
  const { site, header } = sample(
    { scrolling: { desktop: 'stays' } },
    { leastHeight: { desktop: 160, phone: 100 } },
  );
  const shares = screenShares(usually(site, evenLetters), header);
  expect(shares).toHaveLength(2 * screens.filter(({ turns }) => turns).length + 2);
  expect(shares.find(({ screen }) => screen === 'Laptop')!.share).toBeCloseTo(160 / 720);
  const small = shares.filter(({ screen }) => screen === 'Small phone');
  expect(small.map(({ width, share }) => [width, share])).toEqual([
    [320, 100 / 568],
    [568, 100 / 320],
  ]);
});

test('what visitors would be surprised by is said with what they would see', () => {
  const findings = (header: Values, bar: Values = {}) => {
    const made = sample(header, bar);
    return scrollFindings(usually(made.site, evenLetters), made.header)
      .map(({ words }) => words)
      .join('\n');
  };
  const stays = { scrolling: { desktop: 'stays' } };
  expect(findings({})).toBe('');
  expect(findings(stays, { leastHeight: { desktop: 40 } })).toBe('');
  expect(findings(stays, { leastHeight: { desktop: 330 } })).toContain(
    'On a Small phone sideways (568 × 320) the header covers everything',
  );
  expect(findings({ ...stays, shareLimit: { all: 10 } })).toContain('more than 10 % of the height');
  expect(findings({ ...stays, phaseAt: { all: 2400 } })).toContain('Scrolled begins at 2400 px');
  expect(findings({ lies: { desktop: 'over' } })).toContain('2 of 3 pages begin without a picture');
});

test('a picture that covers a box is cut off at both sides alike, or above and below', () => {
  expect(coverCrop({ width: 200, height: 100 }, { width: 100, height: 100 })).toEqual({
    x: 50,
    y: 0,
    scale: 1,
  });
  expect(coverCrop({ width: 100, height: 100 }, { width: 400, height: 100 })).toEqual({
    x: 0,
    y: 37.5,
    scale: 4,
  });
});

test('over a picture lie the bars that stay, in the bands that say so, with what they lay under their text', () => {
  const { site, header } = sample(
    { lies: { desktop: 'over', phone: 'room' } },
    {
      ground: { desktop: 'none' },
      tint: { tablet: 'ink' },
      tintTowards: { desktop: 'top' },
      ink: { desktop: 'ground' },
    },
  );
  const over = barsOverPicture(usually(site, evenLetters), header);
  expect(over.map(({ band, width, rows, textRows }) => [band, width, rows, textRows])).toEqual([
    ['desktop', 1920, [0, 80], [8, 72]],
    ['tablet', 1023, [0, 80], [8, 72]],
  ]);
  expect(over.map(({ scrim }) => scrim?.form ?? null)).toEqual([null, 'gradient']);
});
