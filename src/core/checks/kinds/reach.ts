import type { Id } from '../../ids/id';
import type { AssemblyKind } from '../../properties/assembly-kind';
import { pagesByParent } from '../../site/page-tree';
import { standsAt } from '../../site/placing';
import { slots } from '../../site/placing-schema';
import type { Site } from '../../site/site';
import type { Band } from '../../bands/band';
import type { Page } from '../../site/page';
import { found, type Check } from '../check';
import type { Found } from '../finding';
import { leadsTo } from '../standing';

type Steps = ReadonlyMap<Id, number>;

const known = new WeakMap<Site, Map<Id, Steps>>();

/** In how many steps each page is reached from the home page in a band; pages that are not reached are left out. */
export function stepsFromHome(site: Site, band: Id): Steps {
  const byBand = known.get(site) ?? new Map<Id, Steps>();
  known.set(site, byBand);
  const steps = byBand.get(band) ?? countedSteps(site, band);
  byBand.set(band, steps);
  return steps;
}

function countedSteps(site: Site, band: Id): Steps {
  const home = Object.values(site.pages).find(({ path }) => path === '/');
  const steps = new Map<Id, number>();
  if (!home) return steps;
  // What stands on several pages leads on from the first of them: in its steps, or fewer, all that it leads to is reached.
  const gone = new Set<string>();
  const go = (kind: AssemblyKind, assembly: Id, step: number) => {
    const way = `${kind} ${assembly}`;
    if (gone.has(way)) return;
    gone.add(way);
    const { pages, drawers } = leadsTo(site, { in: kind, assembly }, band);
    for (const page of pages) if (site.pages[page] && !steps.has(page)) steps.set(page, step + 1);
    for (const drawer of drawers) go('drawers', drawer, step);
  };
  steps.set(home.id, 0);
  for (const [page, step] of steps)
    for (const slot of slots) {
      const { id } = standsAt(site, slot, site.pages[page]!);
      if (id !== null && site[`${slot}s`][id]) go(`${slot}s`, id, step);
    }
  return steps;
}

/** How many steps from the home page a page is at the most before it is said: with more, visitors lose their way. */
const STEPS = 3;

/** A page that is reached from the home page in many steps, where that is so in some band. */
function farther(
  { pages }: Site,
  { id, title, path, parent }: Page,
  reached: readonly { band: Band; steps: Steps }[],
): Found[] {
  const most = (page: Id | null) =>
    Math.max(0, ...reached.map(({ steps }) => (page && steps.get(page)) || 0));
  // The page above says it of those below it.
  if (most(id) <= STEPS || (parent !== null && pages[parent] && most(parent) > STEPS)) return [];
  const { band } = reached.find(({ steps }) => steps.get(id) === most(id))!;
  return [
    found({
      lead: { to: 'part', of: 'pages', id },
      at: `${title}, ${path}`,
      seen: { page: id, band: band.id },
      words: `On the ${band.name} it is ${most(id)} steps from the home page.`,
      measure: `${most(id)} steps`,
      limit: `${STEPS} steps`,
      harm: 'untidy',
      apart: 'far',
    }),
  ];
}

const listed = new Intl.ListFormat('en');

/** Every page from the home page, by what headers, drawers and footers lead to, in each band (WCAG 2.2, 2.4.5 Multiple Ways begins with one). */
export const reach: Check = {
  id: 'reach',
  label: 'Pages that are reached',
  from: 'WCAG 2.2, 2.4.5 Multiple Ways',
  harm: 'reach',
  find({ site }) {
    if (!Object.values(site.pages).some(({ path }) => path === '/')) return [];
    const reached = site.bands.map((band) => ({ band, steps: stepsFromHome(site, band.id) }));
    const below = pagesByParent(site, site.pageOrder);
    const missingOn = (id: Id) => reached.filter(({ steps }) => !steps.has(id)).map(({ band }) => band);
    return site.pageOrder.flatMap((id) => {
      const page = site.pages[id]!;
      const missing = missingOn(id);
      // The page above says it of those below it.
      const above = page.parent === null ? [] : missingOn(page.parent);
      if (missing.every((band) => above.includes(band))) return farther(site, page, reached);
      const nowhere = missing.length === site.bands.length;
      // The page above it can lead to it by itself.
      const led = page.parent !== null && missing.some((band) => !above.includes(band));
      const count = (below.get(id) ?? []).filter((each) => missingOn(each).length > 0).length;
      const more = count === 0 ? '' : ` So it is with ${count} below it.`;
      const on = listed.format(missing.map(({ name }) => name));
      return [
        found({
          lead: { to: 'part', of: 'pages', id },
          at: `${page.title}, ${page.path}`,
          seen: { page: id, band: missing[0]!.id },
          words: nowhere
            ? `No header, drawer or footer leads to it on any width.${more}`
            : `On the ${on} no header, drawer or footer leads to it.${more}`,
          harm: nowhere || led ? 'untidy' : 'reach',
        }),
      ];
    });
  },
};
