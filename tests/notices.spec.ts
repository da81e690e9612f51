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
