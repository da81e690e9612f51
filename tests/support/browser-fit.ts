import { bytesIn } from '../../src/server/bytes/blobs';
import type { Page } from '@playwright/test';
import { bandAt } from '../../src/core/bands/band';
import type { Phase } from '../../src/core/properties/phases';
import { phasesOf, resolveAssembly, type SettledBar } from '../../src/core/resolve/assembly';
import { divisionOf } from '../../src/core/resolve/places';
import { renderFiles } from '../../src/core/render/files';
import type { Site } from '../../src/core/site/site';
import type { Id } from '../../src/core/ids/id';
import type { Assembly } from '../../src/core/site/assembly';
import { barsInRoom, conditionsIn } from '../../src/core/fit/bar-conditions';
import type { Circumstances } from '../../src/core/fit/circumstances';
import { settledOver } from '../../src/core/fit/settled-over';
import type { FitStatus } from '../../src/core/fit/fit-status';
import type { FitStretch } from '../../src/core/fit/bar-fit';
import { surveyFit } from '../../src/core/fit/survey';
import type { Db } from '../../src/server/db/open';
import { measuredFamily, shippedFileNamed } from '../../src/core/brand/fonts';
import { fontSubsets } from '../../src/core/brand/font-subsets';
import { fileBytes, shippedFontBytes, mediaType, runtimeScripts } from '../../src/server/handover/sources';
import { measured } from '../../src/server/text/measured';

/** What Chromium makes of one bar at one width of the viewport: how it stands, and the room it needs and has in CSS px. */
export interface SeenBar {
  status: FitStatus;
  /** The width that its bays have. */
  available: number;
  /** The width at which nothing in it is narrowed: its max-content width. */
  preferred: number;
  /** What in it is not as it was designed. */
  tight: string | null;
  /** By how many CSS px the page scrolls sideways. */
  sideways: number;
}

/** Serves the files that a site hands over under an origin of their own, and opens a page with a frame in it for the home page. */
export async function openHandedOver(page: Page, db: Db, site: Site, { inStandIn = false } = {}) {
  const rendered = await measured(db, (advances) => renderFiles(site, runtimeScripts(site), advances));
  const files = new Map(rendered.map((file) => [file.path, file]));
  // What changes size from one band to the next would still be on its way there.
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.unroute(`${ORIGIN}/**`);
  await page.route(`${ORIGIN}/**`, (route) => {
    const path = new URL(route.request().url()).pathname.slice(1) || 'index.html';
    if (path === 'frames') return route.fulfill({ contentType: 'text/html', body: FRAMES });
    const installed = shippedFileNamed(path.replace('installed/', ''));
    if (installed) return route.fulfill({ contentType: 'font/woff2', body: shippedFontBytes(installed) });
    const file = files.get(path);
    if (inStandIn && path.endsWith('.woff2')) return route.fulfill({ status: 404 });
    if (inStandIn && path.endsWith('.css'))
      return route.fulfill({
        contentType: 'text/css',
        body: withInstalled(fileBytes(bytesIn(db), file!).toString()),
      });
    return file
      ? route.fulfill({ contentType: mediaType(path), body: fileBytes(bytesIn(db), file) })
      : route.fulfill({ status: 404 });
  });
  await page.goto(`${ORIGIN}/frames`);
  await page.evaluate(async () => {
    const frame = document.querySelector('iframe')!;
    const inside = frame.contentDocument!;
    // Also those of texts that only other widths show.
    await Promise.allSettled([...inside.fonts].map((font) => font.load()));
    await inside.fonts.ready;
  });
}

/** The families that stand in for others, with those that have the same advances and are loaded in their place. */
const installed = { arimo: 'Arial', tinos: 'Times New Roman', cousine: 'Courier New' };

/** A stylesheet for a machine on which what stands in for fonts is not installed: it loads what has the same advances, set by set. */
function withInstalled(css: string): string {
  return Object.entries(installed).reduce(
    (all, [family, name]) =>
      all.replace(/@font-face \{[^}]*\}/g, (face) => {
        const weight = face.includes(`local("${name} Bold")`) ? 700 : 400;
        // What the family lacks comes with the site.
        if (!face.includes(`local("${name}`) || face.includes('unicode-range')) return face;
        return measuredFamily(family)!
          .subsets.map((subset) =>
            face
              .replace(/local\("[^)]*"\)/, `url("/installed/${family}-${subset}-${weight}-normal.woff2")`)
              .replace('}', `unicode-range: ${fontSubsets[subset]}; }`),
          )
          .join('\n');
      }),
    css,
  );
}

const ORIGIN = 'http://site.example.test';
const FRAMES =
  '<!doctype html><style>body{margin:0}</style><iframe src="/index.html" style="border:0;inline-size:1920px;block-size:900px"></iframe>';

/** How far the core and Chromium may differ at a change of fit, in CSS px of width or of room. */
const TOLERANCE = 0.5;

/** Where the core and Chromium disagree about the header of a site, and how many changes of fit were looked at. */
export async function compareFit(page: Page, db: Db, site: Site, { inStandIn = false } = {}) {
  const header = site.headers[site.placing.header!]!;
  const language = site.languages[0]!;
  const footer = site.footers[site.placing.footer ?? ''];
  const { survey, below, hovers } = await measured(db, (advances) => {
    const today = { site, advances, page: site.pageOrder[0]!, language, root: 16, inStandIn };
    return {
      survey: surveyFit(today, 'headers', header),
      below: footer ? surveyFit(today, 'footers', footer).bars : [],
      hovers: (bar: Id, width: number) => roomsAt(today, header, bar, width).some(isAlmostNone),
    };
  });
  await openHandedOver(page, db, site, { inStandIn });
  const changes = survey.bars.map(({ stretches }) => stretches.slice(1).map(({ from }) => from));
  const widths = [...new Set([...changes.flat().flatMap(beside), ...REGULAR])]
    .filter((width) => width >= 320 && width <= 1920)
    .sort((a, b) => a - b);
  const at = widths.map((width) => {
    const { bars } = resolveAssembly(site, 'headers', header, bandAt(site.bands, width).id);
    return { width, middles: bars.map(middlesIn), phases: phasesOf('headers', header) };
  });
  const seen = new Map((await seenAt(page, at)).map((bars, index) => [widths[index]!, bars]));
  const bands = site.bands.map(({ from }) => from);
  const disagreements: string[] = [];
  survey.bars.forEach(({ bar: id, stretches }, bar) => {
    for (const width of widths) {
      const { status } = stretches.findLast(({ from }) => from <= width)!;
      const near = changes[bar]!.some(
        (change) => !bands.includes(change) && Math.abs(change - width) < TOLERANCE,
      );
      const chromium = seen.get(width)![bar]!;
      // Letters grow in steps, so that over some widths the room that is left may hover around none.
      const even = Math.abs(chromium.available - chromium.preferred) < TOLERANCE;
      const whole = [...survey.bars, ...below].map(
        (each) => each.stretches.findLast(({ from }) => from <= width)!.status,
      );
      if (!near && !even && !whole.includes('overflows') && chromium.sideways > 0)
        disagreements.push(`${header.name} at ${width}: scrolls sideways by ${chromium.sideways}`);
      if (!near && !even && chromium.status !== status && !hovers(id, width))
        disagreements.push(
          `${header.name}, bar ${bar + 1} at ${width}: Chromium ${chromium.status} (${chromium.available - chromium.preferred}; ${chromium.tight}), core ${said(stretches)}`,
        );
    }
    stretches.slice(1).forEach(({ from, status }, index) => {
      // Where cells are uneven the bar still has all the width that it asks for.
      const uneven = stretches[index]!.causes.some(({ trouble }) => trouble === 'uneven');
      const fitsAbove = status === 'fits' && stretches[index]!.status !== 'fits' && !uneven;
      if (bands.includes(from) || !fitsAbove) return;
      const [below, above] = [Math.ceil(from) - 1, Math.ceil(from)].map((width) => seen.get(width)![bar]!);
      const [less, more] = [below!, above!].map(({ available, preferred }) => available - preferred);
      const inWidth = Math.ceil(from) - 1 + less! / (less! - more!) - from;
      const inRoom = less! + (more! - less!) * (from - Math.ceil(from) + 1);
      const error = Math.min(Math.abs(inWidth), Math.abs(inRoom));
      // Letters and lengths grow in steps: where the room runs out between the same two whole widths, the line between them may lie anywhere.
      const between = less! < 0 && more! >= 0;
      // A piece that was given a width may be short of it whatever room its bar has.
      if (less! * more! > 0) return;
      if (error > TOLERANCE && !between)
        disagreements.push(
          `${header.name}, bar ${bar + 1}: room of ${less} at ${Math.ceil(from) - 1}, of ${more} above it; core ${said(stretches)}`,
        );
    });
  });
  return { disagreements, changes: changes.flat().length };
}

/** The room that is left for each condition of a bar at a width, in CSS px; none for what cannot happen there. */
function roomsAt(today: Circumstances, header: Assembly, bar: Id, width: number): number[] {
  const span = { from: width, to: width + 1 };
  const tally = { complete: true };
  return settledOver(today, 'headers', header, { span, tally })
    .slice(0, 1)
    .flatMap(({ settled, within }) =>
      barsInRoom({ ...today, sizedAt: width }, settled, { ...within, span: { from: width, to: width } }, [
        bar,
      ]),
    )
    .flatMap(conditionsIn)
    .map(({ slack }) => slack.values[0]!);
}

const isAlmostNone = (room: number) => room !== 0 && Math.abs(room) < TOLERANCE;

const said = (stretches: readonly FitStretch[]) =>
  stretches
    .map(
      ({ from, status, causes }) =>
        `${from.toFixed(2)} ${status} ${causes.map(({ trouble, by }) => `${trouble} ${by.toFixed(1)}`).join(' ')}`,
    )
    .join(' | ');

/** Whole widths on both sides of a change, and of those that are nearer than the tolerance, the next as well. */
function beside(change: number): number[] {
  const [below, above] = [Math.ceil(change) - 1, Math.ceil(change)];
  return [
    ...(change - below < TOLERANCE ? [below - 1] : []),
    below,
    above,
    ...(above - change < TOLERANCE ? [above + 1] : []),
  ];
}
const REGULAR = Array.from({ length: 7 }, (_, index) => 320 + 266 * index);

/** The bays of a bar that stand between its edges, by their number in the markup; none where it is divided otherwise. */
const middlesIn = (bar: SettledBar): number[] =>
  divisionOf(bar).by === 'edges' ? bar.bays.slice(1, -1).map(({ nth }) => nth) : [];

/** A width of the viewport, and which bays of each bar stand between its edges there. */
interface At {
  width: number;
  middles: number[][];
  phases: Phase[];
}

/** How the bars of the header (or of another part of the page) stand at these widths of the viewport, by width and bar. */
function seenAt(page: Page, at: At[], within = '.header'): Promise<SeenBar[][]> {
  return page.evaluate(probe, { at, within });
}

/** Runs in the page: everything in it has to be its own. */
async function probe({ at, within }: { at: At[]; within: string }): Promise<SeenBar[][]> {
  const frame = document.querySelector('iframe')!;
  const view = frame.contentWindow!;
  const inside = frame.contentDocument!;
  const UNSEEN = 0.04;

  const box = (element: Element) => element.getBoundingClientRect();
  const shows = (element: Element) => element.getClientRects().length > 0;
  const style = (element: Element) => view.getComputedStyle(element);

  /** Whether a piece with the gaps that it was given sticks out of its bay. */
  function gapSticksOut(piece: Element, bay: DOMRect): boolean {
    const { left, right } = box(piece);
    const { marginLeft, marginRight } = style(piece);
    return (
      left - parseFloat(marginLeft) < bay.left - UNSEEN ||
      right + parseFloat(marginRight) > bay.right + UNSEEN
    );
  }

  /** The boxes of everything that is seen in an element: what is lifted out of the flow is left out, and so is what is in it. */
  function boxes(element: Element): DOMRect[] {
    if (style(element).display === 'contents') return [...element.children].flatMap(boxes);
    if (!shows(element) || ['absolute', 'fixed'].includes(style(element).position)) return [];
    if (element.closest('[popover]')?.matches(':popover-open')) return [];
    // Across its lines a text may be larger than these: that is no room that it takes.
    const across = style(element).writingMode !== 'horizontal-tb';
    const texts = [...element.childNodes]
      .filter((node) => !across && node.nodeType === 3 && node.textContent!.trim() !== '')
      .flatMap((node) => {
        const range = inside.createRange();
        range.selectNodeContents(node);
        return [...range.getClientRects()];
      });
    if (['auto', 'hidden'].includes(style(element).overflowX)) return [box(element)];
    return [box(element), ...texts, ...[...element.children].flatMap(boxes)];
  }

  function sticksOut(element: Element, left: number, right: number): boolean {
    return boxes(element).some((each) => each.left < left - UNSEEN || each.right > right + UNSEEN);
  }

  /** Whether a text in an element is broken. */
  function breaks(element: Element): boolean {
    const texts = [...element.childNodes].filter(
      ({ nodeType, textContent }) => nodeType === 3 && textContent!.trim() !== '',
    );
    return texts.some((text) => lines(text) > 1) || [...element.children].filter(shows).some(breaks);
  }

  /** How many lines a text takes. */
  function lines(element: Node): number {
    const range = inside.createRange();
    range.selectNodeContents(element);
    const rects = [...range.getClientRects()];
    // Letters of two fonts in one line do not end at the very same height.
    const below = ({ bottom, height }: DOMRect, before: DOMRect) =>
      Math.abs(bottom - before.bottom) > Math.min(4, height / 2);
    return rects.filter((rect, index) => index === 0 || below(rect, rects[index - 1]!)).length;
  }

  function naturalWidth(element: HTMLElement, size: 'max-content' | 'min-content'): number {
    const kept = element.getAttribute('style');
    element.style.inlineSize = size;
    element.style.maxInlineSize = 'none';
    element.style.minInlineSize = '0';
    element.style.flex = 'none';
    const { width } = box(element);
    if (kept === null) element.removeAttribute('style');
    else element.setAttribute('style', kept);
    return width;
  }

  /** Whether a piece has less width than what is in it needs, since it was given that or is as wide as its bay: that may reach into its padding before it sticks out of it. */
  function hasTooLittle(piece: HTMLElement): boolean {
    const given = String(piece.computedStyleMap().get('inline-size'));
    const { paddingLeft, paddingRight } = style(piece);
    const padded = parseFloat(paddingLeft) + parseFloat(paddingRight) > 0;
    return (given !== 'auto' || padded) && box(piece).width < naturalWidth(piece, 'min-content') - UNSEEN;
  }

  /** What a piece was given, else what it takes where nothing of it is narrowed. */
  function asked(piece: HTMLElement): number {
    const given = String(piece.computedStyleMap().get('inline-size'));
    return given.endsWith('px') ? parseFloat(given) : naturalWidth(piece, 'max-content');
  }

  const middle = (element: Element) => (box(element).left + box(element).right) / 2;
  const near = (one: number, other: number) => Math.abs(one - other) <= 0.06;

  /** What in a bar is not as it was designed; null where all of it is. */
  function whatIsTight(bays: Element, pieces: HTMLElement[], between: readonly number[]): string | null {
    const narrowed = pieces.find((piece) => box(piece).width < asked(piece) - UNSEEN);
    if (narrowed) return `${narrowed.className} is ${box(narrowed).width}`;
    // What has a row of its own lies below.
    const first = (bay: Element) => ['auto', '1'].includes(style(bay).gridRowStart);
    const beside = [...bays.children].filter((bay) => shows(bay) && first(bay));
    const middles = beside.filter((bay) => between.some((nth) => bay.matches(`.bay-${nth}`)));
    if (middles.length > 0 && beside.length > 1) {
      const [from, to] = [middles, middles].map((of, end) =>
        of.map((bay) => (end ? box(bay).right : box(bay).left)),
      );
      const off = (Math.min(...from!) + Math.max(...to!)) / 2 - middle(bays);
      if (!near(off, 0)) return `the middle is at ${off}`;
    }
    return pieces.find((piece) => unevenCells(piece) || logoOffCentre(piece))?.className ?? null;
  }

  function unevenCells(piece: Element): boolean {
    const items = [...piece.querySelectorAll(':scope .menu-list > li')].filter(shows);
    if (items.length < 2 || style(items[0]!).flexGrow !== '1') return false;
    return items.some((item) => !near(box(item).width, box(items[0]!).width));
  }

  function logoOffCentre(piece: Element): boolean {
    const logo = [...piece.querySelectorAll(':scope .menu-list + .menu-logo')].find(shows);
    return logo !== undefined && !near(middle(logo), middle(piece));
  }

  function seen(bar: Element, between: readonly number[]): Omit<SeenBar, 'sideways'> {
    const bays = bar.querySelector(':scope > .bays') as HTMLElement | null;
    if (bays === null || !shows(bays)) return { status: 'fits', available: 0, preferred: 0, tight: null };
    const available = box(bays).width;
    const preferred = naturalWidth(bays, 'max-content');
    const pieces = [...bays.querySelectorAll<HTMLElement>(':scope > .bay > *')].filter(shows);
    const columns = [...bays.children].filter(shows);
    const out =
      box(bar).left < -UNSEEN ||
      box(bar).right > inside.documentElement.clientWidth + UNSEEN ||
      sticksOut(bays, box(bays).left, box(bays).right) ||
      columns.some((bay) => sticksOut(bay, box(bay).left, box(bay).right)) ||
      pieces.some(
        (piece) =>
          sticksOut(piece, box(piece).left, box(piece).right) ||
          hasTooLittle(piece) ||
          gapSticksOut(piece, box(piece.parentElement!)),
      );
    const wraps = pieces.some(
      (piece) =>
        (piece.matches('.text') && lines(piece) > 1) ||
        [piece, ...piece.querySelectorAll('.menu-logo')].some(
          (each) => each.matches('.logo') && shows(each) && breaks(each),
        ) ||
        [...piece.querySelectorAll('p')].some((text) => lines(text) > 1) ||
        // What may break anywhere in it does where it is narrower than it prefers.
        (piece.matches('.links, .address, .newsletter, .pictures, :has(> .embed-ask)') &&
          box(piece).width < naturalWidth(piece, 'max-content') - UNSEEN) ||
        [...piece.querySelectorAll('.menu-list')].some(
          (list) =>
            style(list).flexWrap === 'wrap' &&
            new Set([...list.children].filter(shows).map((item) => box(item).top)).size > 1,
        ) ||
        // Labels below each other break where their column is narrower than they prefer.
        (piece.matches('.menu') &&
          box(piece).width < naturalWidth(piece, 'max-content') - UNSEEN &&
          [...piece.querySelectorAll('.menu-link')].filter(shows).some(breaks)),
    );
    const tight = whatIsTight(bays, pieces, between);
    const status = out ? 'overflows' : wraps ? 'wraps' : tight === null ? 'fits' : 'tight';
    return { status, available, preferred, tight };
  }

  /** Whether every picture shows the file that is for this width; the browser loads another one some time after the width has changed. */
  const loaded = () =>
    [...inside.querySelectorAll<HTMLImageElement>('picture > img')].filter(shows).every((image) => {
      const sources = [...image.parentElement!.querySelectorAll('source')];
      const holds = sources.find(({ media }) => view.matchMedia(media).matches);
      const wanted = new URL(holds?.srcset ?? image.getAttribute('src')!, inside.baseURI).href;
      return image.currentSrc === wanted && image.complete;
    });

  const all: SeenBar[][] = [];
  const header = inside.querySelector<HTMLElement>(within)!;
  const order: FitStatus[] = ['fits', 'tight', 'wraps', 'overflows'];
  for (const held of header.querySelectorAll<HTMLElement>('.held-bars')) held.style.translate = 'none';
  for (const { width, middles, phases } of at) {
    frame.style.inlineSize = `${width}px`;
    // What is measured by the page itself is so once it is drawn.
    const frames = inside.querySelector('[data-measures]') ? 2 : 0;
    for (let count = 0; count < frames || !loaded(); count += 1)
      await new Promise((drawn) => view.requestAnimationFrame(drawn));
    const root = inside.documentElement;
    const sideways = root.scrollWidth - root.clientWidth;
    const bars = [...inside.querySelectorAll(`${within} .bar`)];
    const inPhases = phases.map((phase) => {
      if (header.dataset.phase !== undefined) header.dataset.phase = phase;
      return bars.map((bar, index) => seen(bar, middles[index]!));
    });
    const badness = ({ status }: { status: FitStatus }) => order.indexOf(status);
    const worst = (index: number) =>
      inPhases
        .map((each) => each[index]!)
        .reduce((most, each) => (badness(each) > badness(most) ? each : most));
    all.push(bars.map((_, index) => ({ ...worst(index), sideways })));
  }
  return all;
}
