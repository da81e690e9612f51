import { expect, type APIRequestContext, type FrameLocator, type Locator, type Page } from '@playwright/test';

export const pageList = `Home  /
Rooms  /rooms
  The tower room  /rooms/tower
  The boat house  /rooms/boat-house
Table  /table
Visit  /visit`;

/** Makes an empty site without the interface and gives its id. */
export async function makeSite(request: APIRequestContext, name: string): Promise<string> {
  const response = await request.post('/api/sites', { data: { name } });
  expect(response.status()).toBe(201);
  return (await response.json()).id;
}

/** Opens the demo's site file as a site of its own, so that tests do not meet on it. */
export async function copyOfDemo(request: APIRequestContext): Promise<string> {
  const file = await (await request.get('/api/sites/hollin-sound/site-file')).text();
  const response = await request.post('/api/sites/open', {
    data: file,
    headers: { 'content-type': 'application/json' },
  });
  expect(response.status()).toBe(201);
  return (await response.json()).id;
}

/** The stored document of a site. */
export async function storedSite(request: APIRequestContext, id: string) {
  return (await (await request.get(`/api/sites/${id}`)).json()) as {
    site: Record<string, object>;
    standing: { revision: number };
  };
}

/** The files of a site's hand-over with their sizes, as they are told line by line. */
export async function listedFiles(request: APIRequestContext, id: string) {
  const text = await (await request.get(`/api/sites/${id}/files`)).text();
  const news = text.split('\n').flatMap((line) => (line === '' ? [] : [JSON.parse(line)]));
  return news.flatMap(({ files = [] }) => files as { path: string; bytes: number; compressed: number }[]);
}

export const view = (page: Page, band: string): FrameLocator =>
  page.frameLocator(`iframe[title="${band} view"]`);

/** Clicks on something inside a view, where a hand would: the views are drawn to a scale, which the locator's own click does not know. */
export async function clickInside(page: Page, band: string, inside: Locator) {
  await expect(inside).toBeVisible();
  const frame = (await page.locator(`iframe[title="${band} view"]`).boundingBox())!;
  const { x, y, width } = await inside.evaluate((element) => {
    const rect = element.getBoundingClientRect();
    return { x: rect.x + rect.width / 2, y: rect.y + rect.height / 2, width: innerWidth };
  });
  const scale = frame.width / width;
  await page.mouse.click(frame.x + x * scale, frame.y + y * scale);
}

/** Waits until everything shown is on disk, as the save mark says. */
export async function saved(page: Page) {
  await expect(page.locator('[data-state]')).toHaveAttribute('data-state', 'saved');
}

/** Picks an entry of the list that stands open. */
export async function pick(page: Page, label: string | RegExp) {
  await page
    .locator('.ant-select-dropdown:not(.ant-select-dropdown-hidden) .ant-select-item-option')
    .filter({ hasText: label })
    .first()
    .click();
}

/** Opens the cell of the sheet for a property and a band. */
export async function openCell(page: Page, property: string, band: string) {
  await page.getByRole('button', { name: new RegExp(`^${property}, ${band}:`) }).click();
}

/**
 * Drags a row of a tree by its handle to a part of another row: `share` is how far down in it, from 0 to 1. A hand lets go
 * when it sees where the row will go, or that it may not go there.
 */
export async function dragRow(page: Page, from: Locator, to: Locator, share: number, refusal?: string) {
  for (const each of [to, from]) await each.scrollIntoViewIfNeeded();
  const handle = (await from.getByTitle(/Drag to move/).boundingBox())!;
  const target = (await to.boundingBox())!;
  await page.mouse.move(handle.x + 8, handle.y + 12);
  await page.mouse.down();
  await page.mouse.move(handle.x + 8, handle.y + 20, { steps: 2 });
  await page.mouse.move(target.x + 120, target.y + target.height * share, { steps: 5 });
  if (refusal) await expect(page.getByRole('status').filter({ hasText: refusal })).toBeVisible();
  else await expect(to).toHaveAttribute('data-drop', /./);
  await page.mouse.up();
}
