import { expect, type APIRequestContext, type FrameLocator, type Locator, type Page } from '@playwright/test';
import type { Values } from '../../src/core/properties/property';
import type { Site } from '../../src/core/site/site';

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

const demoFile = async (request: APIRequestContext, of = 'hollin-sound') =>
  (await (await request.get(`/api/sites/${of}/site-file`)).json()) as { site: Site };

async function opened(request: APIRequestContext, data: object): Promise<string> {
  const response = await request.post('/api/sites/open', { data });
  expect(response.status()).toBe(201);
  return (await response.json()).id;
}

/** Opens the site file of a demo site as a site of its own, so that tests do not meet on it. */
export async function copyOfDemo(request: APIRequestContext, of?: string): Promise<string> {
  return opened(request, await demoFile(request, of));
}

/** A copy of the demo with so few items in its main menu that they stand in a row in any header. */
export async function copyWithShortMenu(request: APIRequestContext): Promise<string> {
  const { site, ...file } = await demoFile(request);
  const menu = site.menus['m-main']!;
  const short = { ...menu, top: menu.top.slice(0, 4), values: {} };
  const kept = new Set(short.top.flatMap((id) => [id, ...menu.items[id]!.children]));
  const items = Object.fromEntries(Object.entries(menu.items).filter(([id]) => kept.has(id)));
  return opened(request, {
    ...file,
    site: { ...site, menus: { ...site.menus, 'm-main': { ...short, items } } },
  });
}

/** What the pieces of the demo's main header show by width where they do not wait for their bars to stop fitting. */
const byBand: Record<string, Values> = {
  'h-main-p2': { shown: { desktop: 'shown', tablet: 'hidden' } },
  'h-main-p3': { version: { desktop: 'full', phone: 'compact' } },
  'h-main-p4': { shownAs: { desktop: 'row', tablet: 'button' }, buttonLabelSeen: { desktop: true } },
  'h-main-p5': { shown: { desktop: 'shown', phone: 'hidden' } },
};

/** A copy of the demo whose main header stands on all pages and has no collapse rules: it turns with the bands, and stops fitting in some of them. */
export async function copyWithoutRules(request: APIRequestContext): Promise<string> {
  const { site, ...file } = await demoFile(request);
  const header = site.headers['h-main']!;
  const bars = Object.entries(header.bars).map(([id, bar]) => [id, { ...bar, rules: [] }]);
  const pieces = Object.entries(header.pieces).map(([id, piece]) => [
    id,
    { ...piece, values: { ...piece.values, ...byBand[id] } },
  ]);
  const bare = { ...header, bars: Object.fromEntries(bars), pieces: Object.fromEntries(pieces) };
  return opened(request, {
    ...file,
    site: { ...site, placing: { ...site.placing, rules: [] }, headers: { ...site.headers, 'h-main': bare } },
  });
}

/** The stored document of a site. */
export async function storedSite(request: APIRequestContext, id: string) {
  return (await (await request.get(`/api/sites/${id}`)).json()) as {
    site: Site;
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

/** Follows a link inside a view, where a click alone selects. */
export async function followInside(page: Page, band: string, link: Locator) {
  await page.keyboard.down('Control');
  await clickInside(page, band, link);
  await page.keyboard.up('Control');
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

/** Puts a piece of a kind into a bay by its plus, such as `Main bar, start`, and the gallery. */
export async function addPiece(page: Page, bay: string | RegExp, kind: string) {
  const plus = typeof bay === 'string' ? `Add a piece: ${bay}` : bay;
  await page.getByRole('button', { name: plus }).first().click();
  await page.getByRole('textbox', { name: 'Find a piece' }).fill(kind);
  await page
    .getByRole('dialog', { name: /^Add a piece/ })
    .getByRole('button', { name: new RegExp(`^${kind} [A-Z]`) })
    .click();
  await expect(page.getByRole('dialog', { name: /^Add a piece/ })).toBeHidden();
}
