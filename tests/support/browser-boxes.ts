import type { Page } from '@playwright/test';
import type { Place, PlacedBox } from '../../src/core/boxes/placed';
import { placedAssembly } from '../../src/core/fit/placed-assembly';
import { usually } from '../../src/core/fit/heights';
import { settledOver } from '../../src/core/fit/settled-over';
import { targetsIn } from '../../src/core/fit/targets';
import { settleNames } from '../../src/core/render/names';
import { phases, type Phase } from '../../src/core/properties/phases';
import type { AssemblyKind } from '../../src/core/properties/assembly-kind';
import type { SettledAssembly } from '../../src/core/resolve/assembly';
import type { Assembly, Bar } from '../../src/core/site/assembly';
import type { Site } from '../../src/core/site/site';
import type { Db } from '../../src/server/db/open';
import { measured } from '../../src/server/text/measured';
import { openHandedOver } from './browser-fit';

/** How far the core and Chromium may differ, in CSS px. */
const TOLERANCE = 0.5;

/** The height of the window in which headers are looked at (browser-fit.ts). */
const WINDOW_HEIGHT = 900;

/** A box with the selector under which it is found on the page, counted among those that are found alike, from the corner of the page. */
interface Expected extends Place {
  within: string;
  at: string;
  nth: number;
  line: boolean;
}

/** Everything of a placed header that can be found on the page: bars, bays, pieces and what is in them, and lines of text. */
function expectedBoxes(placed: PlacedBox, classOf: (id: string) => string | undefined): Expected[] {
  const found: Expected[] = [];
  const counts = new Map<string, number>();
  const add = (within: string, at: string, place: Place, line = false) => {
    const key = `${within} ${at} ${line}`;
    const nth = counts.get(key) ?? 0;
    counts.set(key, nth + 1);
    found.push({ within, at, nth, line, x: place.x, y: place.y, width: place.width, height: place.height });
  };
  const walk = (box: PlacedBox, left: number, top: number, bar: string, piece: string | null) => {
    const here = (place: Place) => ({ ...place, x: left + place.x, y: top + place.y });
    const own = box.id === undefined ? undefined : classOf(box.id);
    const isBar = box.at === '.bar';
    const within = isBar ? `.${own}` : bar;
    const isPiece = piece === null && box.at === '' && own !== undefined && within !== '';
    const inPiece = isPiece ? `.${own}` : piece;
    if (isBar || isPiece) add('', `.${own}`, here(box));
    else if (box.at !== null && box.at !== '' && !box.at.includes('::'))
      add(inPiece ?? within, box.at, here(box));
    for (const line of box.lines ?? [])
      add(inPiece!, '', here({ ...line, x: box.x + line.x, y: box.y + line.y }), true);
    // What is written in a field is none of the page's texts.
    if (box.at === 'input') return;
    for (const each of box.of) walk(each, left + box.x, top + box.y, within, inPiece);
  };
  walk(placed, 0, 0, '', null);
  return found;
}

/** Runs in the page: where everything stands at a width, relative to the header. */
async function probe({
  width,
  groups,
  of,
  phase,
  root,
}: {
  width: number;
  groups: { within: string; at: string; line: boolean }[];
  of: string;
  phase: string;
  root: number;
}) {
  const frame = document.querySelector('iframe')!;
  const view = frame.contentWindow!;
  const inside = frame.contentDocument!;
  frame.style.inlineSize = `${width}px`;
  const loaded = () =>
    [...inside.querySelectorAll<HTMLImageElement>(`${of} picture > img`)]
      .filter((image) => image.getClientRects().length > 0)
      .every((image) => {
        const sources = [...image.parentElement!.querySelectorAll('source')];
        const holds = sources.find(({ media }) => view.matchMedia(media).matches);
        const wanted = new URL(holds?.srcset ?? image.getAttribute('src')!, inside.baseURI).href;
        return image.currentSrc === wanted && image.complete;
      });
  inside.documentElement.style.fontSize = `${root}px`;
  const frames = inside.querySelector('[data-measures]') ? 2 : 0;
  for (let count = 0; count < frames || !loaded(); count += 1)
    await new Promise((drawn) => view.requestAnimationFrame(drawn));
  const header = inside.querySelector<HTMLElement>(of)!;
  if (header.matches('dialog:not([open])')) (header as HTMLDialogElement).showModal();
  if (header.dataset.phase !== undefined) header.dataset.phase = phase;
  // One that returns has moved out of the window until it does.
  for (const held of header.querySelectorAll<HTMLElement>('.held-bars')) held.style.translate = 'none';
  // A header whose bars stay has no box of its own.
  const origin = header.querySelector('.bar')!.getBoundingClientRect();
  const shows = (element: Element) =>
    element.getClientRects().length > 0 && (element as HTMLElement).checkVisibility();
  const lifted = (element: Element): boolean => {
    for (let each: Element | null = element; each && each !== header; each = each.parentElement)
      if (['absolute', 'fixed'].includes(view.getComputedStyle(each).position)) return true;
    return false;
  };
  const place = ({ left, top, width: wide, height }: DOMRect) => ({
    x: left - origin.left,
    y: top - origin.top,
    width: wide,
    height,
  });
  return groups.map(({ within, at, line }) => {
    const around = within === '' ? header : header.querySelector(within);
    if (!around) return [];
    if (!line)
      return [...around.querySelectorAll(at.startsWith('>') ? `:scope ${at}` : at)]
        .filter(
          (each) => shows(each) && !lifted(each) && (at.includes('more') || !each.closest('.menu-more')),
        )
        .map((each) => place(each.getBoundingClientRect()));
    const walker = inside.createTreeWalker(around, NodeFilter.SHOW_TEXT);
    // Words that are links run on in the text around them, and so do years.
    const byText = new Map<Element, { x: number; y: number; width: number; height: number }[]>();
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      if (node.textContent!.trim() === '' || !shows(node.parentElement!) || lifted(node.parentElement!))
        continue;
      const range = inside.createRange();
      range.selectNodeContents(node);
      const own = node.parentElement!;
      const text = own.matches('.text-link, .text-year') ? own.parentElement! : own;
      const ofNode = byText.get(text) ?? [];
      byText.set(text, ofNode);
      for (const rect of [...range.getClientRects()].map(place)) {
        // Stretches of one line that run the other way are rectangles of their own.
        const last = ofNode.at(-1);
        if (last && Math.abs(last.y - rect.y) < 1 && Math.abs(last.height - rect.height) < 1) {
          const right = Math.max(last.x + last.width, rect.x + rect.width);
          last.x = Math.min(last.x, rect.x);
          last.width = right - last.x;
        } else ofNode.push(rect);
      }
    }
    return [...byText.values()].flat();
  });
}

/** Runs in the page, after it was looked at: where everything stands that can be followed or pressed, but for links in running text. */
function probeTargets({ of, phase }: { of: string; phase: string }) {
  const frame = document.querySelector('iframe')!;
  const view = frame.contentWindow!;
  const header = frame.contentDocument!.querySelector<HTMLElement>(of)!;
  // The page’s own script may have said meanwhile how far it is scrolled.
  if (header.dataset.phase !== undefined) header.dataset.phase = phase;
  const origin = header.querySelector('.bar')!.getBoundingClientRect();
  const inFlow = (element: Element): boolean => {
    for (let each: Element | null = element; each && each !== header; each = each.parentElement)
      if (['absolute', 'fixed'].includes(view.getComputedStyle(each).position)) return false;
    return true;
  };
  return [...header.querySelectorAll<HTMLElement>('a[href], button, input, select, summary')]
    .filter((each) => each.getClientRects().length > 0 && each.checkVisibility({ visibilityProperty: true }))
    .filter(
      (each) => inFlow(each) && !each.matches('.text-link') && !each.closest('.newsletter-consent a, p a'),
    )
    .map((each) => {
      // One presses what a tick is labelled with.
      const { left, top, width, height } = (each.closest('label') ?? each).getBoundingClientRect();
      return { name: each.className, x: left - origin.left, y: top - origin.top, width, height };
    })
    .filter(({ width, height }) => width > 0 && height > 0);
}

/** What is compared, and under which circumstances. */
interface Comparing {
  kind?: AssemblyKind;
  inStandIn?: boolean;
  root?: number;
  phase?: Phase;
}

/** The assembly of a kind that the home page shows. */
function shownOf(site: Site, kind: AssemblyKind): Assembly {
  if (kind === 'drawers') return Object.values(site.drawers)[0]!;
  return kind === 'headers' ? site.headers[site.placing.header!]! : site.footers[site.placing.footer!]!;
}

/** In what two places differ. */
const differing = (one: Place, other: Place) =>
  (['x', 'y', 'width', 'height'] as const).filter((name) => Math.abs(one[name] - other[name]) > TOLERANCE);

/** All bars that are shown as they are placed, from the corner of the first of them. */
function fromFirstBar(placed: PlacedBox, { bars }: SettledAssembly): PlacedBox {
  const of = placed.of.filter((_, index) => bars[index]!.values.shown === 'shown');
  const [first] = of;
  return first ? { ...placed, of, x: placed.x - first.x, y: placed.y - first.y } : { ...placed, of };
}

/** A site without the rules of its headers that are measured in the visitor's browser. */
function withoutMeasuredRules(site: Site): Site {
  const without = ({ rules = [], ...bar }: Bar): Bar => ({
    ...bar,
    rules: rules.filter(({ when }) => when.by !== 'browser'),
  });
  const headers = Object.values(site.headers).map((header): [string, Assembly] => [
    header.id,
    {
      ...header,
      bars: Object.fromEntries(Object.values(header.bars).map((bar) => [bar.id, without(bar)])),
    },
  ]);
  return { ...site, headers: Object.fromEntries(headers) };
}

/** Where the core and Chromium disagree about where anything in the header of a site, or in another assembly of it, stands at some widths of the viewport, and how many boxes were compared. */
export async function compareBoxes(
  page: Page,
  db: Db,
  whole: Site,
  widths: readonly number[],
  { kind = 'headers', inStandIn = false, root = 16, phase = 'top' }: Comparing = {},
): Promise<{ disagreements: string[]; compared: number }> {
  // What is measured by the page goes by its texts, while media queries here stay as they are.
  const site = root === 16 ? whole : withoutMeasuredRules(whole);
  const header = shownOf(site, kind);
  const names = settleNames(site);
  await openHandedOver(page, db, site, { inStandIn });
  const disagreements: string[] = [];
  let compared = 0;
  for (const width of widths) {
    const { expected, pressed } = await measured(db, (advances) => {
      const today = { ...usually(site, advances), page: site.pageOrder[0]!, inStandIn };
      const tally = { complete: true };
      // Media queries go by the size of text that the browser is set to, which stays as it is.
      const [at] = settledOver(today, kind, header, { span: { from: width, to: width + 0.001 }, tally });
      const settled = at!.phases.findLast((each) => phases.indexOf(each.phase) <= phases.indexOf(phase))!;
      const placed = fromFirstBar(
        placedAssembly({ ...today, root }, settled, at!.within.band, width, WINDOW_HEIGHT),
        settled,
      );
      return {
        expected: expectedBoxes(placed, (id) => names.get(id)),
        pressed: targetsIn(site, settled, placed),
      };
    });
    const keys = [...new Set(expected.map(({ within, at, line }) => JSON.stringify({ within, at, line })))];
    const groups = keys.map((key) => JSON.parse(key) as { within: string; at: string; line: boolean });
    const seen = await page.evaluate(probe, { width, groups, of: `.${names.get(header.id)!}`, phase, root });
    for (const { name, ...there } of await page.evaluate(probeTargets, {
      of: `.${names.get(header.id)!}`,
      phase,
    })) {
      compared += 1;
      if (!pressed.some((each) => differing(each, there).length === 0))
        disagreements.push(
          `${header.name} at ${width}: ${name} can be pressed at ${JSON.stringify(there)}, and the core says of none there`,
        );
    }
    groups.forEach((group, index) => {
      const own = expected.filter(
        (each) => each.within === group.within && each.at === group.at && each.line === group.line,
      );
      const where = `${header.name} at ${width}: ${group.within} ${group.line ? 'line' : group.at}`;
      if (own.length !== seen[index]!.length) {
        disagreements.push(`${where}: ${own.length} in the core, ${seen[index]!.length} in Chromium`);
        return;
      }
      own.forEach((each, nth) => {
        compared += 1;
        const there = seen[index]![nth]!;
        const off = differing(each, there);
        if (off.length > 0)
          disagreements.push(
            `${where} ${nth}: ${off.map((name) => `${name} ${each[name].toFixed(2)}, in Chromium ${there[name].toFixed(2)}`).join('; ')}`,
          );
      });
    });
  }
  return { disagreements, compared };
}
