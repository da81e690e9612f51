import { expect, type Page } from '@playwright/test';
import { checkOf } from '../src/core/checks';
import type { Found } from '../src/core/checks/finding';
import { faults, tidy } from '../src/core/checks/faults.test-data';
import { bandRange } from '../src/core/bands/band';
import type { Site } from '../src/core/site/site';
import { measured } from '../src/server/text/measured';
import { openHandedOver } from './support/browser-fit';
import { demoDb } from './support/demo-sites';
import { test } from './support/test';

/** What is looked at in a page: its document and its window, and the width and height of that. */
interface Looked {
  inside: Document;
  view: Window & typeof globalThis;
}

/** How a browser shows a fault: whether it is there, in the page as it is handed over, at the width of the finding. */
type Probe = (looked: Looked) => boolean | Promise<boolean>;

/* Each of these runs in the page by itself, and so holds all that it needs. */

const sticksOut: Probe = ({ inside, view }) => inside.documentElement.scrollWidth > view.innerWidth;

const sticksOutOfDrawer: Probe = ({ inside }) => {
  const drawer = inside.querySelector('dialog')!;
  drawer.showModal();
  return [drawer, ...drawer.children].some((each) => each.scrollWidth > each.clientWidth);
};

const smallText: Probe = ({ inside, view }) =>
  [...inside.querySelectorAll('header .menu-link, header .menu-button')].some(
    (each) => each.getClientRects().length > 0 && parseFloat(view.getComputedStyle(each).fontSize) < 12,
  );

const faint: Probe = ({ inside, view }) => {
  const canvas = inside.createElement('canvas').getContext('2d', { willReadFrequently: true })!;
  const luminance = (colour: string) => {
    canvas.fillStyle = colour;
    canvas.fillRect(0, 0, 1, 1);
    const [r, g, b] = [...canvas.getImageData(0, 0, 1, 1).data.slice(0, 3)].map((byte) => {
      const channel = byte / 255;
      return channel <= 0.04045 ? channel / 12.92 : ((channel + 0.055) / 1.055) ** 2.4;
    });
    return 0.2126 * r! + 0.7152 * g! + 0.0722 * b!;
  };
  const ground = (element: Element | null): string => {
    for (let each = element; each; each = each.parentElement) {
      const { backgroundColor } = view.getComputedStyle(each);
      if (backgroundColor !== 'rgba(0, 0, 0, 0)') return backgroundColor;
    }
    return 'white';
  };
  return [...inside.querySelectorAll('header .menu-link, header .text')].some((each) => {
    if (each.getClientRects().length === 0) return false;
    const [one, other] = [view.getComputedStyle(each).color, ground(each)]
      .map(luminance)
      .sort((a, b) => b - a);
    return (one! + 0.05) / (other! + 0.05) < 4.5;
  });
};

const tooClose: Probe = ({ inside }) => {
  const middles = [...inside.querySelectorAll('header a, header button')]
    .map((each) => each.getBoundingClientRect())
    .filter(({ width, height }) => width > 0 && Math.min(width, height) < 24)
    .map(({ left, top, width, height }) => ({ x: left + width / 2, y: top + height / 2 }));
  return middles.some((one, index) =>
    middles.slice(index + 1).some((other) => Math.hypot(one.x - other.x, one.y - other.y) < 24),
  );
};

const smallForFingers: Probe = ({ inside }) =>
  [...inside.querySelectorAll('header .links-link')].some((each) => {
    const { width, height } = each.getBoundingClientRect();
    return width > 0 && Math.min(width, height) < 44;
  });

const numbered: Probe = ({ inside }) => inside.querySelector('header nav[aria-label="Main 2"]') !== null;

const looksAlike: Probe = ({ inside, view }) => {
  const current = inside.querySelector('header .menu-list > li > [aria-current="page"]');
  const other = inside.querySelector('header .menu-list > li > a:not([aria-current])');
  if (!current || !other) return false;
  return ['color', 'backgroundColor', 'backgroundSize', 'fontWeight', 'borderTopWidth'].every(
    (name) =>
      view.getComputedStyle(current)[name as 'color'] === view.getComputedStyle(other)[name as 'color'],
  );
};

const longLines: Probe = ({ inside }) => {
  const text =
    inside.querySelector('header .text')?.firstChild?.firstChild ??
    inside.querySelector('header .text')?.firstChild;
  if (!text || text.nodeType !== Node.TEXT_NODE) return false;
  const range = inside.createRange();
  const lines = new Map<number, number>();
  for (let at = 0; at < text.textContent!.length; at += 1) {
    range.setStart(text, at);
    range.setEnd(text, at + 1);
    const top = Math.round(range.getBoundingClientRect().top);
    lines.set(top, (lines.get(top) ?? 0) + 1);
  }
  return lines.size > 1 && Math.max(...lines.values()) > 80;
};

const leadsNowhere: Probe = ({ inside }) =>
  [...inside.querySelectorAll('header .menu-link')].some(
    (each) => each.textContent === 'Boats' && each.tagName === 'SPAN',
  );

const twoOfAName: Probe = ({ inside }) => {
  const links = [...inside.querySelectorAll<HTMLAnchorElement>('header nav a')];
  return links.some((one) =>
    links.some((other) => one.textContent === other.textContent && one.href !== other.href),
  );
};

const twoOfATarget: Probe = ({ inside }) => {
  const links = [...inside.querySelectorAll<HTMLAnchorElement>('header .menu-list a')];
  return links.some((one) => links.some((other) => one !== other && one.href === other.href));
};

const takesMuch: Probe = ({ inside, view }) => {
  inside.body.style.minBlockSize = '3000px';
  view.scrollTo(0, 600);
  const { top, bottom } = inside.querySelector('header .bar')!.getBoundingClientRect();
  return top >= 0 && bottom / 320 > 0.2;
};

const closes: Probe = ({ inside }) => inside.querySelector('dialog .close') === null;
const opened: Probe = ({ inside }) => inside.querySelector('button[command="show-modal"]') === null;
const headerless: Probe = ({ inside }) => inside.querySelector('header') === null;
const footerless: Probe = ({ inside }) => inside.querySelector('footer') === null;
const farAway: Probe = async ({ inside }) =>
  (await fetch('/far.html')).ok && inside.querySelector('a[href*="far"]') === null;
const unsent: Probe = ({ inside }) =>
  inside.querySelector('form[data-newsletter]:not([action^="https:"])') !== null;
const unseen: Probe = ({ inside }) => inside.querySelector('header .button')?.checkVisibility() !== true;
const seeThrough: Probe = ({ inside, view }) => {
  const bar = inside.querySelector('header .bar')!;
  const main = inside.querySelector('main')!;
  return (
    view.getComputedStyle(bar).backgroundColor === 'rgba(0, 0, 0, 0)' &&
    main.getBoundingClientRect().top < bar.getBoundingClientRect().bottom
  );
};
const fieldless: Probe = ({ inside, view }) => {
  const field = inside.querySelector('header input');
  if (!field) return false;
  const { borderTopColor, backgroundColor } = view.getComputedStyle(field);
  const channels = (css: string) => (css.match(/\d+/g) ?? []).slice(0, 3).map(Number);
  // Near to white on white.
  return [borderTopColor, backgroundColor].every((css) => Math.min(...channels(css)) > 150);
};
const wide: Probe = ({ inside, view }) => {
  const panel = inside.querySelector<HTMLElement>('header .menu-below')!;
  inside.querySelector<HTMLElement>('header .menu-toggle')!.click();
  const { left, right } = panel.getBoundingClientRect();
  return right - left > view.innerWidth * 0.7;
};

/** The faults that a browser can show, by what is said of them. */
const shown: Readonly<Record<string, Probe>> = {
  'No header with anything in it': headerless,
  'No footer with anything in it': footerless,
  'on any width': farAway,
  'the text has 1.': faint,
  'Its ink has 1.': faint,
  'neither its line nor its ground stands out': fieldless,
  'On the Phone its text is 9 px': smallText,
  'leads nowhere': leadsNowhere,
  'Nothing on any page opens it': opened,
  'no close button': closes,
  'nobody answers': unsent,
  'of the height': takesMuch,
  'need up to': sticksOut,
  'more than there are': sticksOutOfDrawer,
  'Two items are called': twoOfAName,
  'in the same menu': twoOfATarget,
  'hidden at every width': unseen,
  'Over a picture nothing promises more than': seeThrough,
  'one meets the wrong one': tooClose,
  'a finger needs 44 px. So it is in 2 more pieces.': smallForFingers,
  'readers hear “Main” with a number': numbered,
  'the current page looks as every other does': looksAlike,
  'Only who listens is told where they are': looksAlike,
  'its lines have up to': longLines,
  'no room beside its item': wide,
};

/** The width of the window in which a finding is seen. */
function widthOf({ bands }: Site, { seen }: Found): number {
  if (seen.width !== undefined) return seen.width;
  const { from, to } = bandRange(bands, seen.band ?? bands[0]!.id);
  return Math.min(to ?? 1280, Math.max(from, 375));
}

async function isThere(page: Page, site: Site, width: number, probe: Probe): Promise<boolean> {
  await openHandedOver(page, demoDb, site);
  return page.evaluate(
    async ({ wide: px, source }) => {
      const frame = document.querySelector('iframe')!;
      frame.style.inlineSize = `${px}px`;
      await new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn)));
      const look = new Function(`return (${source})`)() as Probe;
      return look({ inside: frame.contentDocument!, view: frame.contentWindow! as Looked['view'] });
    },
    { wide: width, source: String(probe) },
  );
}

for (const [check, all] of Object.entries(faults))
  for (const [change, says] of all) {
    const probe = shown[says];
    if (probe)
      test(`“${says}” is so in Chromium where ${check} finds it, and not where it does not`, async ({
        page,
      }) => {
        const faulty = tidy();
        change(faulty);
        const found = await measured(demoDb, (advances) =>
          checkOf(check)
            .find({ site: faulty, advances })
            .filter(({ words }) => words.includes(says)),
        );
        expect(found.length).toBeGreaterThan(0);
        const width = widthOf(faulty, found[0]!);
        expect([width, await isThere(page, faulty, width, probe)]).toEqual([width, true]);
        expect([width, await isThere(page, tidy(), width, probe)]).toEqual([width, false]);
      });
  }

test('every fault that is shown here is one that a check has', () => {
  const said = Object.values(faults).flatMap((all) => all.map(([, says]) => says));
  expect(Object.keys(shown).filter((says) => !said.includes(says))).toEqual([]);
});
