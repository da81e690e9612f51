import { expect, type Page } from '@playwright/test';
import { applyEdits } from '../src/core/edit/apply';
import type { Edit } from '../src/core/edit';
import { phaseCell } from '../src/core/properties/phases';
import { inScheme } from '../src/core/site/scheme';
import type { Site } from '../src/core/site/site';
import { demo, demoDb } from './support/demo-sites';
import { visitHandedOver } from './support/handed-over';
import { copyOfDemo, makeSite, saved, view } from './support/site';
import { someOf } from '../src/sample.test-data';
import { inAudit, test } from './support/test';

/** What is seen of every element of header, footer and drawers that colours decide, and which pictures stand there. */
const seen = (page: Page) =>
  page
    .locator(':is(header, footer, dialog), :is(header, footer, dialog) :not(picture, source)')
    .evaluateAll((elements) =>
      // A logo for later phases stands there twice.
      elements
        .filter((each) => each.tagName !== 'IMG' || each.checkVisibility())
        .map((element) => {
          const { color, backgroundColor, borderBlockStartColor, borderBlockEndColor, boxShadow } =
            getComputedStyle(element);
          const picture = element instanceof HTMLImageElement ? new URL(element.currentSrc).pathname : '';
          const ring = getComputedStyle(element).getPropertyValue('--ring');
          return [
            element.className.toString(),
            color,
            backgroundColor,
            borderBlockStartColor,
            borderBlockEndColor,
            boxShadow,
            ring,
            picture,
          ].join(' ; ');
        }),
    );

/** The demo’s header and footer with bars whose colours follow their grounds, other grounds scrolled and on the phone. */
function withGrounds(): Site {
  const site = demo('hollin-sound');
  const header = site.placing.header!;
  const [notice, main] = site.headers[header]!.order;
  const set = (bar: string, property: string, cell: string, value: unknown): Edit => ({
    edit: 'setValue',
    place: { on: 'bar', in: 'headers', assembly: header, bar },
    property,
    cell,
    value,
  });
  const outcome = applyEdits(site, [
    set(main!, 'set', 'all', true),
    set(main!, 'ground', 'desktop', 'soft'),
    set(main!, 'ground', 'phone', 'deep'),
    set(main!, 'ground', phaseCell('desktop', 'scrolled'), 'deep'),
    set(main!, 'ground', phaseCell('tablet', 'scrolled'), 'ground'),
    set(notice!, 'set', 'all', true),
    set(notice!, 'shade', 'desktop', 30),
  ]);
  if (!outcome.ok) throw new Error(outcome.reason);
  return outcome.site;
}

for (const [name, site] of someOf(
  [
    ['the demo with grounds that are followed', withGrounds],
    ['the demo', () => demo('hollin-sound')],
  ] as const,
  2,
))
  test(
    `who prefers dark sees ${name} as views of the dark scheme show it, at every band, scrolled and at the top`,
    inAudit,
    async ({ page }) => {
      const both = async () => {
        const found: string[][] = [];
        for (const width of [1280, 800, 375])
          for (const top of [0, 400]) {
            await page.setViewportSize({ width, height: 700 });
            await page.evaluate((to) => scrollTo(0, to), top);
            await page.waitForTimeout(60);
            found.push(await seen(page));
          }
        return found;
      };
      await page.emulateMedia({ reducedMotion: 'reduce', colorScheme: 'dark' });
      await visitHandedOver(page, demoDb, site());
      const visited = await both();
      await page.emulateMedia({ reducedMotion: 'reduce', colorScheme: 'light' });
      await visitHandedOver(page, demoDb, inScheme(site(), 'dark'));
      const shown = await both();
      expect(visited).toEqual(shown);
      await visitHandedOver(page, demoDb, site());
      expect(await both()).not.toEqual(shown);
    },
  );

test('a colour gets another value for dark, views show both schemes side by side, and undo takes it back', async ({
  page,
}) => {
  const id = await makeSite(page.request, 'Tern Point');
  await page.goto(`/sites/${id}/brand`);
  await page.getByRole('button', { name: 'Value of Ground in dark: the same' }).click();
  await page.keyboard.type('no colour');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: 'no colour' })).toBeVisible();
  await page.getByRole('textbox', { name: 'Value of Ground in dark' }).fill('#101418');
  await page.keyboard.press('Enter');
  await expect(page.getByText('dark', { exact: true })).toBeVisible();
  await saved(page);
  await page.getByRole('link', { name: 'Headers' }).click();
  await page.getByLabel('Scheme of the views').click({ force: true });
  await page.locator('.ant-select-item-option').filter({ hasText: 'both' }).click();
  const shown = (title: string) => page.frameLocator(`iframe[title="${title}"]`).locator('body');
  await expect(shown('Desktop view, dark')).toHaveCSS('background-color', 'rgb(16, 20, 24)');
  await expect(shown('Desktop view')).toHaveCSS('background-color', 'rgb(255, 255, 255)');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByLabel('Scheme of the views')).toHaveCount(0);
  await expect(view(page, 'Desktop').locator('body')).toBeAttached();
});

test(
  'contrast over pictures is told for the dark scheme too, where scrims are only told',
  inAudit,
  async ({ page }) => {
    await page.goto(`/sites/${await copyOfDemo(page.request)}/headers`);
    await page
      .getByRole('region', { name: 'Plan', exact: true })
      .getByRole('button', { name: 'Main bar', exact: true })
      .click();
    await page.getByText('by scroll', { exact: true }).click();
    const region = page.getByRole('region', { name: 'Legible over pictures' });
    const plain = region.getByRole('button', { name: 'Desktop, Main bar over Plain' });
    const light = await plain.textContent();
    await expect(region.getByRole('button', { name: /^(flat|gradient) \d+ %$/ }).first()).toBeVisible();
    await region.getByText('dark', { exact: true }).click();
    await expect(plain).not.toHaveText(light!);
    await expect(region.getByRole('button', { name: /^(flat|gradient) \d+ %$/ })).toHaveCount(0);
  },
);
