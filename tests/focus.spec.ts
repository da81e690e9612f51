import { expect, type Page } from '@playwright/test';
import type { Site } from '../src/core/site/site';
import { starters } from '../src/core/starters';
import { demo, demoDb, withStarter } from './support/demo-sites';
import { visitHandedOver } from './support/handed-over';
import { sample } from '../src/sample.test-data';
import { inAudit, test } from './support/test';

/** What was seen of a focus ring: how many px of it stand out from what was there before, and how many lines of 2 px around it would have. */
interface Ring {
  name: string;
  stood: number;
  wanted: number;
  covered: string | null;
}

/** Runs in a page: how many px of two pictures differ by a contrast of 3 : 1 (WCAG 2.2, 2.4.13). */
async function standOut([before, after]: readonly [string, string]): Promise<number> {
  const pixels = async (base64: string) => {
    const picture = await createImageBitmap(await (await fetch(`data:image/png;base64,${base64}`)).blob());
    const canvas = new OffscreenCanvas(picture.width, picture.height).getContext('2d')!;
    canvas.drawImage(picture, 0, 0);
    return canvas.getImageData(0, 0, picture.width, picture.height).data;
  };
  const luminance = (data: Uint8ClampedArray, at: number) => {
    const [r, g, b] = [0, 1, 2].map((channel) => {
      const value = data[at + channel]! / 255;
      return value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
    });
    return 0.2126 * r! + 0.7152 * g! + 0.0722 * b!;
  };
  const [one, other] = [await pixels(before), await pixels(after)];
  let count = 0;
  for (let at = 0; at < one.length; at += 4) {
    const [dark, light] = [luminance(one, at), luminance(other, at)].sort((a, b) => a - b);
    if ((light! + 0.05) / (dark! + 0.05) >= 3) count += 1;
  }
  return count;
}

/** Waits until what follows a step, such as another phase of scrolling, is drawn. */
const settled = (page: Page) =>
  page.evaluate(
    () =>
      new Promise<void>((resolve) => {
        setTimeout(() => requestAnimationFrame(() => requestAnimationFrame(() => resolve())), 80);
      }),
  );

/** The ring of what has the focus now, in pictures of it with and without; null where nothing that is shown has it. */
async function ringNow(page: Page, judge: Page): Promise<Ring | null> {
  const at = await page.evaluate(() => {
    const element = document.activeElement as HTMLElement;
    if (element === document.body || element.matches('main, .skip')) return null;
    const { left, top, width, height } = element.getBoundingClientRect();
    const hit = document.elementFromPoint(left + width / 2, top + height / 2);
    const covered = element.contains(hit) || hit?.contains(element) ? null : (hit?.className ?? 'the window');
    const name = element.textContent.trim() || element.getAttribute('aria-label') || element.className;
    return { left, top, width, height, name, covered };
  });
  if (at === null) return null;
  const clip = {
    x: Math.max(0, Math.floor(at.left) - 6),
    y: Math.max(0, Math.floor(at.top) - 6),
    width: Math.ceil(at.width) + 12,
    height: Math.ceil(at.height) + 12,
  };
  const after = (await page.screenshot({ clip })).toString('base64');
  // The focus stays where it is: only its ring is taken away.
  const bare = await page.addStyleTag({
    content: ':focus-visible { outline-color: #0000 !important; box-shadow: none !important; }',
  });
  const before = (await page.screenshot({ clip })).toString('base64');
  await bare.evaluate((style) => style.parentNode?.removeChild(style));
  const stood = await judge.evaluate(standOut, [before, after] as const);
  return { name: at.name, covered: at.covered, stood, wanted: 2 * 2 * (at.width + at.height) };
}

/** Goes through a page by the keyboard and looks at every ring; rings that do not stand out as far as a line of 2 px around, and what is covered while it has the focus. */
async function faults(page: Page, judge: Page, most: number): Promise<string[]> {
  const seen = new Set<string>();
  const found: string[] = [];
  for (let steps = 0; steps < most; steps += 1) {
    await page.keyboard.press('Tab');
    await settled(page);
    const ring = await ringNow(page, judge);
    if (ring === null) continue;
    seen.add(ring.name);
    // Corners are rounded, and edges stand between pixels, which takes a little of the line.
    if (ring.stood < 0.9 * ring.wanted)
      found.push(`“${ring.name}”: ${ring.stood} px stand out, of ${Math.round(ring.wanted)}`);
    if (ring.covered !== null) found.push(`“${ring.name}” is covered by ${ring.covered}`);
  }
  expect(seen.size).toBeGreaterThan(1);
  return found;
}

async function faultsOf(page: Page, judge: Page, site: Site, width: number, most: number) {
  await page.setViewportSize({ width, height: 800 });
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await visitHandedOver(page, demoDb, site);
  return (await faults(page, judge, most)).map((fault) => `at ${width}: ${fault}`);
}

for (const { id, name } of starters)
  test(
    `what has the focus in “${name}” has a ring that stands out on whatever is behind`,
    inAudit,
    async ({ page, context }) => {
      const judge = await context.newPage();
      const site = withStarter(demo('hollin-sound'), id);
      expect(await faultsOf(page, judge, site, 1280, sample(10, 60))).toEqual([]);
      expect(await faultsOf(page, judge, site, 375, sample(4, 40))).toEqual([]);
    },
  );

test('the same holds in the demo: at the top, scrolled, in a drop-down, in the drawer and in the footer', async ({
  page,
  context,
}) => {
  test.slow();
  const judge = await context.newPage();
  const site = demo('hollin-sound');
  expect(await faultsOf(page, judge, site, 1440, 8)).toEqual([]);
  await page.locator('header .menu-toggle').first().click();
  expect(await faults(page, judge, 3)).toEqual([]);
  await page.keyboard.press('Escape');
  await page.evaluate(() => scrollTo(0, 600));
  await expect(page.locator('header[data-phase="scrolled"]')).toBeAttached();
  await page.locator('header .logo').first().focus();
  expect(await faults(page, judge, 4)).toEqual([]);
  await page.locator('footer a').first().focus();
  expect(await faults(page, judge, 6)).toEqual([]);
  await page.setViewportSize({ width: 375, height: 800 });
  await page.evaluate(() => scrollTo(0, 0));
  await page.locator('header .menu-button').click();
  await page.mouse.move(370, 790);
  expect(await faults(page, judge, 6)).toEqual([]);
});
