import { expect, type Page } from '@playwright/test';
import fc from 'fast-check';
import { alsoMoved, widthIn } from '../src/core/checks/moved';
import { applyEdits } from '../src/core/edit/apply';
import type { Edit } from '../src/core/edit';
import { sameData } from '../src/core/ids/same-data';
import { pieceKind } from '../src/core/pieces';
import { settleNames } from '../src/core/render/names';
import { placedOnPage } from '../src/core/render/page/page';
import { homePage } from '../src/core/render/files';
import type { Site } from '../src/core/site/site';
import { measured } from '../src/server/text/measured';
import { openHandedOver } from './support/browser-fit';
import { demo, demoDb } from './support/demo-sites';
import { sample } from '../src/sample.test-data';
import { test } from './support/test';

const site = demo('hollin-sound');
const header = placedOnPage(site, homePage(site)).header!;
const at = { in: 'headers', assembly: header.id } as const;

/** Edits of one length each, of a bar or a piece of the header on the home page, in one of its bands. */
const lengths: Edit[] = site.bands.flatMap(({ id: cell }) => {
  const setTo = (
    place: Extract<Edit, { edit: 'setValue' }>['place'],
    property: string,
    value: number,
  ): Edit => ({
    edit: 'setValue',
    place,
    property,
    cell,
    value,
  });
  const ofBars = header.order.flatMap((bar) =>
    ['pieceGap', 'bayGap', 'padding'].flatMap((property) =>
      [4, 33].map((value) => setTo({ on: 'bar', ...at, bar }, property, value)),
    ),
  );
  const ofPieces = Object.values(header.pieces).flatMap(({ id, kind }) =>
    pieceKind(kind)
      .properties.filter(({ gives, by }) => gives !== undefined && by === 'width')
      .flatMap(({ name, gives }) =>
        [gives!.least, gives!.least + 9].map((value) =>
          setTo({ on: 'piece', ...at, piece: id }, name, value),
        ),
      ),
  );
  return [...ofBars, ...ofPieces];
});

/** Edits of words: of an item of a menu that the header shows, and of the site’s name. */
const words: Edit[] = [
  { edit: 'renameSite', name: 'Tern' },
  ...Object.values(site.menus).flatMap((menu) =>
    menu.top.flatMap((item) =>
      ['A', 'A much longer label'].map((label): Edit => ({
        edit: 'labelItem',
        menu: menu.id,
        item,
        label,
      })),
    ),
  ),
];

interface Seen {
  x: number;
  width: number;
}

/** Where the pieces of the header stand in Chromium, band by band; those that are not seen are left out. */
async function piecesSeen(page: Page, of: Site): Promise<Map<string, Seen>> {
  await openHandedOver(page, demoDb, of);
  const names = settleNames(of);
  const asked = Object.keys(of.headers[header.id]!.pieces).map((id) => ({
    id,
    selector: `.${names.get(id)!}`,
  }));
  const seen = new Map<string, Seen>();
  for (const { id: band } of of.bands) {
    const found = await page.evaluate(
      async ({ width, pieces, within }) => {
        const frame = document.querySelector('iframe')!;
        frame.style.inlineSize = `${width}px`;
        await new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn)));
        const around = frame.contentDocument!.querySelector(within)!;
        return pieces.flatMap(({ id, selector }) => {
          const { left, width: wide } = around.querySelector(selector)?.getBoundingClientRect() ?? {
            left: 0,
            width: 0,
          };
          return wide > 0 ? [{ id, x: left, width: wide }] : [];
        });
      },
      { width: widthIn(of, band), pieces: asked, within: `.${names.get(header.id)!}` },
    );
    for (const { id, x, width } of found) seen.set(`${band} ${id}`, { x, width });
  }
  return seen;
}

/** What is said of a piece where that many px are seen; null where it is too near to the limit to say. */
const isSeen = (px: number): boolean | null =>
  Math.abs(Math.abs(px) - 0.5) < 0.3 ? null : Math.abs(px) > 0.5;

/** What moved of the header by Chromium, and what is too near to the limit. */
function movedThere(before: Site, after: Site, from: Map<string, Seen>, to: Map<string, Seen>) {
  const [said, either] = [new Set<string>(), new Set<string>()];
  for (const [key, { x, width }] of to) {
    const [band, piece] = key.split(' ') as [string, string];
    const old = from.get(key);
    const own = [before, after].map((each) => each.headers[header.id]!.pieces[piece]);
    if (!old || !sameData(own[0], own[1])) continue;
    const [by, wider] = [x - old.x, width - old.width];
    const stands = [isSeen(by), isSeen(by + wider)];
    const tell = (what: string, is: boolean | null) => {
      if (is === null) either.add(`${band} ${piece} ${what}`);
      else if (is) said.add(`${band} ${piece} ${what}`);
    };
    tell('stands', stands.includes(false) ? false : stands.includes(null) ? null : true);
    tell('is', isSeen(wider));
  }
  return { said, either };
}

test('what is said to have moved with an edit is what moved in Chromium', async ({ page }) => {
  test.slow();
  let told = 0;
  const before = await piecesSeen(page, site);
  await fc.assert(
    fc.asyncProperty(fc.constantFrom(...lengths, ...words), async (edit) => {
      const outcome = applyEdits(site, [edit]);
      if (!outcome.ok) return;
      const after = outcome.site;
      const moved = await measured(demoDb, (advances) =>
        alsoMoved({ site, advances }, { site: after, advances }),
      );
      const core = new Set(
        moved.flatMap(({ words: text, lead }) => {
          const band = after.bands.find(({ name }) => text.endsWith(` on the ${name}`));
          if (!band || lead.to !== 'place' || lead.place.on !== 'piece') return [];
          if (lead.place.assembly !== header.id) return [];
          const what = / px further (left|right) on the /.test(text) ? 'stands' : 'is';
          return [`${band.id} ${lead.place.piece} ${what}`];
        }),
      );
      const { said, either } = movedThere(site, after, before, await piecesSeen(page, after));
      const sure = (all: Set<string>) => [...all].filter((each) => !either.has(each)).sort();
      expect(sure(core)).toEqual(sure(said));
      told += said.size;
    }),
    { numRuns: sample(4, 200), seed: 1 },
  );
  expect(told).toBeGreaterThan(sample(1, 50));
});
