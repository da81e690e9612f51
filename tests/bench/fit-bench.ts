import { applyEdits } from '../../src/core/edit/apply';
import { placedAssembly } from '../../src/core/fit/assembly-boxes';
import { usually } from '../../src/core/fit/heights';
import { surveyFit } from '../../src/core/fit/survey';
import { resolveAssembly } from '../../src/core/resolve/assembly';
import { newBar, newPiece } from '../../src/core/site/defaults';
import type { Bar } from '../../src/core/site/assembly';
import type { Site } from '../../src/core/site/site';
import type { Advances } from '../../src/core/text/advances';
import { measured } from '../../src/server/text/measured';
import { demo, demoDb } from '../support/demo-sites';

const first = ['logo', 'menu', 'search', 'basket', 'account', 'language', 'social', 'button'];
const second = ['text', 'notice', 'contact', 'divider', 'text', 'contact', 'divider', 'button'];

/** The demo with a header of three bars with eight pieces each. */
function fullSite(withRules: boolean): Site {
  const site = structuredClone(demo('hollin-sound'));
  const said: Record<string, Parameters<typeof newPiece>[2]> = {
    menu: { menu: { desktop: 'm-main' } },
    social: { menu: { all: 'm-service' } },
  };
  const held = { one: first, two: second, three: first };
  const idsOf = (bar: string, kinds: readonly string[]) => kinds.map((_, index) => `${bar}-${index}`);
  const bars = Object.entries(held).map(([id, kinds]): [string, Bar] => {
    const ids = idsOf(id, kinds);
    const bays = { start: ids.slice(0, 3), middle: ids.slice(3, 5), end: ids.slice(5) };
    const rules = [
      {
        id: `${id}-more`,
        when: { by: 'fit' as const, margin: 16 },
        turns: [{ piece: `${id}-1`, property: 'behind', value: 5, step: 1 }],
      },
    ];
    const bar = newBar(id, id, {}, bays);
    return [id, withRules && kinds === first ? { ...bar, rules } : bar];
  });
  const pieces = Object.entries(held).flatMap(([id, kinds]) =>
    kinds.map((kind, index) => newPiece(`${id}-${index}`, kind, said[kind] ?? {})),
  );
  const full = {
    id: 'full',
    name: 'Full',
    order: Object.keys(held),
    bars: Object.fromEntries(bars),
    pieces: Object.fromEntries(pieces.map((piece) => [piece.id, piece])),
    values: {},
  };
  return { ...site, headers: { full }, placing: { ...site.placing, header: 'full' } };
}

/** How long something takes, in ms. */
function taken(work: () => unknown): number {
  const start = performance.now();
  work();
  return performance.now() - start;
}

function figuresOf(site: Site, advances: Advances) {
  const survey = (of: Site) => surveyFit(usually(of, advances), 'headers', of.headers.full!);
  let now = site;
  const relabel = (index: number) => {
    const item = now.menus['m-main']!.top[0]!;
    const label = `Sailings ${'and fares'.slice(0, index % 9)}`;
    const outcome = applyEdits(now, [{ edit: 'labelItem', menu: 'm-main', item, label }]);
    if (outcome.ok) now = outcome.site;
  };
  const rounds = Array.from({ length: 60 }, (_, index) => index);
  const later = (times: number[]) => times.slice(20);
  return {
    // A copy is known to nothing that is kept.
    anew: later(
      rounds.map(() => {
        const copy = structuredClone(now);
        return taken(() => survey(copy));
      }),
    ),
    label: later(
      rounds.map((index) => {
        relabel(index);
        return taken(() => survey(now));
      }),
    ),
    boxes: later(
      rounds.map((index) => {
        const settled = resolveAssembly(now, 'headers', now.headers.full!, 'desktop');
        return taken(() => placedAssembly(usually(now, advances), settled, 'desktop', 1280 + index));
      }),
    ),
  };
}

/** How long the geometry of a header of 24 pieces takes, in ms: surveyed as a whole, after one label has changed, and placed at one width. */
export async function figures() {
  const sites = { '3 bars, 24 pieces': fullSite(false), 'the same with rules': fullSite(true) };
  const found = Object.entries(sites).map(
    async ([name, site]) => [name, await measured(demoDb, (advances) => figuresOf(site, advances))] as const,
  );
  return Object.fromEntries(await Promise.all(found));
}
