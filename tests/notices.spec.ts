import { expect } from '@playwright/test';
import { composeAssembly } from '../src/core/site/compose';
import { newPage, newSite } from '../src/core/site/defaults';
import { countedIds } from '../src/core/site/sample.test-data';
import type { Site } from '../src/core/site/site';
import { demoDb } from './support/demo-sites';
import { visitHandedOver } from './support/handed-over';
import { test } from './support/test';

/** A site whose header says these things, each in a notice of its own. */
function siteWith(...notices: readonly string[]): Site {
  const ids = countedIds();
  const site = newSite('Tern Point', ids);
  const header = composeAssembly(
    {
      kind: 'headers',
      name: 'Header',
      bars: notices.map((text, index) => ({ name: `Bar ${index}`, bays: [[['notice', { text: [text] }]]] })),
    },
    () => ids(),
    site.bands,
  );
  return {
    ...site,
    pageOrder: ['home'],
    pages: { home: newPage({ id: 'home', title: 'Home', path: '/', parent: null }) },
    headers: { [header.id]: header },
    placing: { ...site.placing, header: header.id },
  };
}

test('each of several notices is dismissed by itself, and stays away until its own words change', async ({
  page,
}) => {
  const seen = (words: string) => expect(page.getByText(words)).toBeVisible();
  const gone = (words: string) => expect(page.getByText(words)).toBeHidden();
  const dismiss = (nth: number) => page.getByRole('button', { name: 'Dismiss this notice' }).nth(nth).click();
  await visitHandedOver(page, demoDb, siteWith('Strong wind', 'New timetable'));
  await dismiss(1);
  await gone('New timetable');
  await seen('Strong wind');
  await dismiss(0);
  await page.reload();
  await gone('Strong wind');
  await gone('New timetable');
  await visitHandedOver(page, demoDb, siteWith('Strong wind', 'Winter timetable'));
  await gone('Strong wind');
  await seen('Winter timetable');
});

test('the focus goes on to what follows a notice that is dismissed, and the next page shows it to nobody and moves nothing', async ({
  page,
}) => {
  const site = siteWith('High water', 'Spring timetable');
  // What moves is told only of what the browser saw, so it is asked for from the start.
  await page.addInitScript(() => {
    const moved: string[] = [];
    Object.assign(window, { moved });
    // Texts of the page may be set anew when their fonts come; bars and what stands below them may not move.
    type Shift = PerformanceEntry & { sources: { node: Node | null }[] };
    new PerformanceObserver((list) => {
      for (const { sources } of list.getEntries() as Shift[])
        for (const { node } of sources)
          if (node instanceof Element && node.matches('.bar, main')) moved.push(node.tagName);
    }).observe({ type: 'layout-shift', buffered: true });
  });
  await visitHandedOver(page, demoDb, site);
  const buttons = page.getByRole('button', { name: 'Dismiss this notice' });
  await buttons.first().focus();
  await page.keyboard.press('Enter');
  // The first is gone, so the one that was second is the first now.
  await expect(buttons.first()).toBeFocused();
  await expect(page.getByText('High water')).toBeHidden();
  await page.reload();
  await expect(page.getByText('Spring timetable')).toBeVisible();
  await page.evaluate(
    () => new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn))),
  );
  expect(await page.evaluate(() => (window as unknown as { moved: string[] }).moved)).toEqual([]);
  await expect(page.getByText('High water')).toBeHidden();
});
