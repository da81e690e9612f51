import { beginsWithPicture } from '../site/page-stand-in';
import type { Assembly } from '../site/assembly';
import { resolveAssembly } from '../resolve/assembly';
import { coveredHeight } from './heights';
import type { Circumstances } from './circumstances';
import { stageAt, wayDown } from './way-down';

/** A size of screen that pages are looked at on, in CSS px as it is held upright; `turns` where it is also held sideways. */
export interface Screen {
  name: string;
  width: number;
  height: number;
  turns: boolean;
}

/** Screens from the smallest to the largest. */
export const screens: readonly Screen[] = [
  { name: 'Small phone', width: 320, height: 568, turns: true },
  { name: 'Phone', width: 375, height: 667, turns: true },
  { name: 'Tall phone', width: 412, height: 892, turns: true },
  { name: 'Tablet', width: 768, height: 1024, turns: true },
  { name: 'Large tablet', width: 1024, height: 1366, turns: true },
  { name: 'Laptop', width: 1280, height: 720, turns: false },
  { name: 'Desktop screen', width: 1920, height: 1080, turns: false },
];

/** A shipped screen as it is held. */
export interface HeldScreen {
  name: string;
  held: 'upright' | 'sideways';
  width: number;
  height: number;
}

function heldWays({ name, width, height, turns }: Screen): HeldScreen[] {
  const [short, long] = [Math.min(width, height), Math.max(width, height)];
  const sideways = { name, held: 'sideways' as const, width: long, height: short };
  return turns ? [{ name, held: 'upright', width: short, height: long }, sideways] : [sideways];
}

/** Every shipped screen, upright and sideways. */
export const heldScreens: readonly HeldScreen[] = screens.flatMap(heldWays);

/** How much of a screen a header covers while the page is scrolled. */
export interface ScreenShare {
  screen: string;
  held: 'upright' | 'sideways';
  width: number;
  height: number;
  /** In CSS px, and as a part of the height. */
  covered: number;
  share: number;
}

/** The share of every screen’s height that a header takes while the page is scrolled: where it returns, when it has. */
export function screenShares(today: Circumstances, header: Assembly): ScreenShare[] {
  const { site, advances } = today;
  const way = wayDown(site, advances, 'headers', header);
  const shareOf = (screen: string, held: ScreenShare['held'], width: number, height: number): ScreenShare => {
    const stage = { ...stageAt(way, width), phase: 'returning' as const };
    const settled = resolveAssembly(site, 'headers', header, stage);
    const covered = coveredHeight(today, settled, stage.band, width);
    return { screen, held, width, height, covered, share: covered / height };
  };
  return heldScreens.map(({ name, held, width, height }) => shareOf(name, held, width, height));
}

/** The length of the stand-in page, in CSS px: few real ones are shorter. */
const SHORT_PAGE = 1000;

/** A share in words. */
export const percent = (share: number) => `${(share * 100).toFixed(1)} %`;

/** Something that visitors would be surprised by in how a header scrolls. */
export interface ScrollFinding {
  fault: 'covers all' | 'high' | 'never begins' | 'no picture';
  words: string;
  /** The screen on which it is worst, where it is a matter of screens. */
  worst: ScreenShare | null;
}

/** What visitors would be surprised by in how a header scrolls, with what they would see. */
export function scrollFindings(today: Circumstances, header: Assembly): ScrollFinding[] {
  const { site } = today;
  const perBand = site.bands.map(({ id }) => resolveAssembly(site, 'headers', header, id));
  const [widest] = perBand;
  if (!widest?.phased) return [];
  const { phaseAt, shareLimit } = widest.values as { phaseAt: number | null; shareLimit: number };
  const shares = screenShares(today, header);
  const whole = shares.filter(({ share }) => share >= 1);
  const tall = shares.filter(({ share }) => share < 1 && share * 100 > shareLimit);
  const where = ({ screen, held, width, height }: ScreenShare) => `${screen} ${held} (${width} × ${height})`;
  const bare = site.pageOrder.filter((id) => !beginsWithPicture(site.pages[id]!)).length;
  const over = perBand.some(({ values }) => values.lies === 'over');
  const [first, ...others] = tall;
  const most = first && others.reduce((worst, each) => (each.share > worst.share ? each : worst), first);
  return [
    ...whole.map((share): ScrollFinding => ({
      fault: 'covers all',
      words: `On a ${where(share)} the header covers everything: nothing of the page is seen.`,
      worst: share,
    })),
    ...(most
      ? [
          {
            fault: 'high' as const,
            words: `On ${tall.length} of ${shares.length} screens the header takes more than ${shareLimit} % of the height, most of all on a ${where(most)}: ${percent(most.share)}.`,
            worst: most,
          },
        ]
      : []),
    ...(phaseAt !== null && phaseAt > SHORT_PAGE
      ? [
          {
            fault: 'never begins' as const,
            words: `Scrolled begins at ${phaseAt} px: on a page that is not that much longer than the window, the header never changes.`,
            worst: null,
          },
        ]
      : []),
    ...(over && bare > 0
      ? [
          {
            fault: 'no picture' as const,
            words: `${bare} of ${site.pageOrder.length} pages begin without a picture to lie over. There the header takes its room, and looks from the start as it does when scrolled.`,
            worst: null,
          },
        ]
      : []),
  ];
}
