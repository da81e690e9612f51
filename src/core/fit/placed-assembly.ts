import { baselineOf, mirrored, moved, type PlacedBox } from '../boxes/placed';
import { placeBox } from '../boxes/places';
import type { Id } from '../ids/id';
import { valueAt } from '../lengths/piecewise';
import { drawerParts, type DrawerPart } from '../properties/bar';
import { isUpright, LOW_WINDOW } from '../properties/drawer';
import { ownBarLayouts } from '../resolve/bar-layouts';
import type { SettledAssembly, SettledBar } from '../resolve/assembly';
import { directionOf } from '../site/language';
import type { Site } from '../site/site';
import { assemblyBox, barBox, barMeasures, type Within } from './assembly-boxes';
import type { Circumstances } from './circumstances';
import { lineWidth, panelWidth } from './frame';
import { keptOfBar, numberedBars } from './kept-of-bar';

const laidOut = numberedBars(({ values }) => [ownBarLayouts(values), values.across]);

/** What of a bar decides where what is in it stands, besides how wide that is, as one text. */
function placesSaid(site: Site, bar: SettledBar): string {
  const { lineAbove, lineBelow } = bar.values;
  const lines = [lineAbove, lineBelow].map((line) => lineWidth(site, line as Id | null));
  return `${laidOut(bar)} ${lines}`;
}

/** What is looked at where everything is placed at one width of the viewport. */
const only = (band: Id, at: number): Within => ({
  band,
  span: { from: at, to: at },
  tally: { complete: true },
});

const asRead = (placed: PlacedBox, { language }: Circumstances) =>
  directionOf(language) === 'rtl' ? mirrored(placed) : placed;

const roomOf = (circumstances: Circumstances, assembly: SettledAssembly, { band, span }: Within) =>
  valueAt(panelWidth(circumstances, assembly, band, span), span.from);

/** A bar that is not shown: where it would stand, there is nothing. */
const hiddenBar = (id: Id, width: number): PlacedBox => ({
  at: '.bar',
  id,
  x: 0,
  y: 0,
  width,
  height: 0,
  baseline: null,
  of: [],
});

const isHidden = ({ values }: SettledBar) => values.shown === 'hidden';

/**
 * Where everything in one bar stands at a width of the viewport in that band, in CSS px from its own top left corner: as where it
 * stands in a row of its own. It is kept as long as what decides it is the same.
 */
export function placedBar(
  circumstances: Circumstances,
  assembly: SettledAssembly,
  bar: SettledBar,
  band: Id,
  at: number,
): PlacedBox {
  const within = only(band, at);
  const room = roomOf(circumstances, assembly, within);
  if (isHidden(bar)) return hiddenBar(bar.id, room);
  const said = placesSaid(circumstances.site, bar);
  return keptOfBar({ circumstances, phases: [assembly], bar: bar.id, within }, `placed ${said}`, (own) => {
    const there = { ...circumstances, sizedAt: at };
    const placed = placeBox(barBox(assembly, bar, there, own), room, barMeasures(there, assembly, own));
    return asRead(placed, circumstances);
  });
}

/** Bars below each other, each as wide as all of them. */
function below({ id }: SettledAssembly, width: number, bars: readonly PlacedBox[]): PlacedBox {
  let height = 0;
  const of = bars.map((bar) => {
    const y = height;
    height += bar.height;
    return moved(bar, 0, y);
  });
  const first = of.find((bar) => bar.height > 0);
  const baseline = first ? first.y + baselineOf(first) : null;
  return { at: '', id, x: 0, y: 0, width, height, baseline, of };
}

/** Bars that share a row, or the height of the window: where each stands is up to all of them. */
function together(
  circumstances: Circumstances,
  assembly: SettledAssembly,
  within: Within,
  windowHeight: number,
): PlacedBox {
  const there = { ...circumstances, sizedAt: within.span.from };
  const whole = assemblyBox(assembly, there, within, windowHeight);
  const width = roomOf(circumstances, assembly, within);
  const placed = asRead(placeBox(whole, width, barMeasures(there, assembly, within)), circumstances);
  const shown = new Map(placed.of.map((bar) => [bar.id, bar]));
  return { ...placed, of: assembly.bars.map(({ id }) => shown.get(id) ?? hiddenBar(id, 0)) };
}

/** Bars in one row, kept like a bar in a row of its own. */
function inOneRow(circumstances: Circumstances, assembly: SettledAssembly, within: Within): PlacedBox {
  const { bars } = assembly;
  const said = bars.map((bar) => placesSaid(circumstances.site, bar)).join(' ');
  const looked = { circumstances, phases: [assembly], bar: bars[0]!.id, within };
  return keptOfBar(looked, `placed together ${said}`, (own) => together(circumstances, assembly, own, 0));
}

/**
 * The bars of a drawer in its parts: below each other, the foot at the bottom of the drawer, which is as high as the window or as what is
 * in it. What scrolls between them is as it stands before anyone scrolls.
 */
function inParts(placed: PlacedBox, { bars, values }: SettledAssembly, windowHeight: number): PlacedBox {
  const partOf = (index: number) => bars[index]!.values.part as DrawerPart;
  const heightOf = (part: DrawerPart) =>
    placed.of.reduce((sum, { height }, index) => sum + (partOf(index) === part ? height : 0), 0);
  const [head, body, foot] = drawerParts.map(heightOf) as [number, number, number];
  const all = head + body + foot;
  const stays = windowHeight > LOW_WINDOW;
  const height = !stays ? all : isUpright(values) ? windowHeight : Math.min(windowHeight, all);
  const next: Record<DrawerPart, number> = { head: 0, body: head, foot: height - foot };
  const of = placed.of.map((bar, index) => {
    const y = next[partOf(index)];
    next[partOf(index)] += bar.height;
    return { ...bar, y };
  });
  return { ...placed, height, of };
}

/**
 * Where everything in an assembly stands, settled for a stage: its bars, bays and pieces and all that is in these, in CSS px from its own
 * top left corner, at a width of the viewport in that band; `windowHeight` is that of the window, for what stands at its side or stays at
 * its bottom. It holds one box for each bar, in their order; those of bars that are not shown are empty.
 */
export function placedAssembly(
  circumstances: Circumstances,
  assembly: SettledAssembly,
  band: Id,
  at: number,
  windowHeight = 0,
): PlacedBox {
  const { kind, values, bars } = assembly;
  const within = only(band, at);
  if (kind === 'headers' && values.stands === 'row') return inOneRow(circumstances, assembly, within);
  if (kind === 'headers' && values.stands !== 'top')
    return together(circumstances, assembly, within, windowHeight);
  const placed = below(
    assembly,
    roomOf(circumstances, assembly, within),
    bars.map((bar) => placedBar(circumstances, assembly, bar, band, at)),
  );
  return kind === 'drawers' ? inParts(placed, assembly, windowHeight) : placed;
}
