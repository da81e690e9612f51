import { expect, test } from '@jest/globals';
import type { Circumstances } from '../fit/circumstances';
import { openDropDowns } from '../fit/drop-down-places';
import { evenLetters } from '../fit/even-letters.test-data';
import { usually } from '../fit/heights';
import { lineUp } from '../fit/line-up';
import { surveyOpened } from '../fit/opened-survey';
import { placedAssembly } from '../fit/placed-assembly';
import type { AssemblyKind } from '../properties/assembly-kind';
import { resolveAssembly } from '../resolve/assembly';
import type { Assembly } from '../site/assembly';
import { newBar, newPiece } from '../site/defaults';
import { sampleSite } from '../site/sample.test-data';
import { columnsOf } from './columns';
import { edgesBeside } from './edges';

const desktop = { band: 'desktop', width: 1280 };

/** The sample with a header divided by shares, and a drawer whose foot stays at its bottom. */
function sample() {
  const site = sampleSite();
  site.headers.h!.bars.b!.values = { division: { desktop: { by: 'shares', shares: [1, 2, 1] } } };
  const drawer = site.drawers.d!;
  drawer.bars.foot = {
    ...newBar('foot', 'Foot', {}, { start: ['go'] }),
    values: { part: { desktop: 'foot' } },
  };
  drawer.pieces.go = newPiece('go', 'button', { label: { all: 'Go' } });
  drawer.order = [...drawer.order, 'foot'];
  return site;
}

/** An assembly with a bar in front that is not shown. */
function withHiddenBar(own: Assembly): Assembly {
  const first = { ...newBar('first', 'Not shown', {}, {}), values: { shown: { desktop: 'hidden' } } };
  return { ...own, bars: { first, ...own.bars }, order: ['first', ...own.order] };
}

type Told = (now: Circumstances, kind: AssemblyKind, own: Assembly) => unknown;

const places: Told = (now, kind, own) => {
  const settled = resolveAssembly(now.site, kind, own, desktop.band);
  const { of } = placedAssembly(now, settled, desktop.band, desktop.width, 800);
  return of
    .filter(({ height }) => height > 0)
    .map(({ id, x, y, width, height }) => ({ id, x, y, width, height }));
};
const hanging: Told = (now, kind, own) =>
  openDropDowns(now, kind, own, { width: desktop.width, height: 800 }).map(
    ({ piece, x, y, width, height }) => ({ piece, x, y, width, height }),
  );
const edges: Told = ({ site, advances }, kind, { id }) =>
  edgesBeside(site, advances, { in: kind, assembly: id }, 'none', desktop.width);
const columns: Told = (now, kind, own) =>
  columnsOf(now, resolveAssembly(now.site, kind, own, desktop.band), own.order.at(-1)!, desktop).map(
    ({ px, bays }) => [px, bays],
  );
const linedUp: Told = (now, _, own) => lineUp(now, own, Object.values(now.site.footers)[0]!, desktop.width);
const screens: Told = (now, kind, own) => surveyOpened(now, kind, own).drawer;

test.each<[string, Told, AssemblyKind, string]>([
  ['where the bars of a header stand', places, 'headers', 'h'],
  ['where the parts of a drawer stand', places, 'drawers', 'd'],
  ['where drop-downs hang', hanging, 'headers', 'h'],
  ['what lines up', edges, 'headers', 'h'],
  ['which columns can be dragged', columns, 'headers', 'h'],
  ['how a footer lines up with a header', linedUp, 'headers', 'h'],
  ['how much of a drawer is seen', screens, 'drawers', 'd'],
])('a bar in front that is not shown leaves it as it is %s', (_, told, kind, id) => {
  const site = sample();
  const plain = told(usually(site, evenLetters), kind, site[kind][id]!);
  expect(plain).toEqual(expect.anything());
  const own = withHiddenBar(site[kind][id]!);
  const hidden = { ...site, [kind]: { ...site[kind], [id]: own } };
  expect(told(usually(hidden, evenLetters), kind, own)).toEqual(plain);
});
