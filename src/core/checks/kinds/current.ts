import { pageTrail } from '../../menus/entries';
import { statedParts } from '../../pieces/stated-parts';
import type { StatedPart } from '../../properties/states';
import { colourInState, saidInState } from '../../resolve/state-look';
import { everyStanding, type Standing } from '../../resolve/standing-piece';
import { placements } from '../../site/placing';
import type { Site } from '../../site/site';
import type { Edit } from '../../edit';
import type { AssemblyPlace } from '../../edit/place';
import { found, type Check } from '../check';
import type { Found } from '../finding';
import { leadsTo, pieceAt } from '../standing';

const lookOf = ({ inBar }: Standing, part: StatedPart, state: 'rest' | 'current') =>
  JSON.stringify([
    colourInState(inBar, part, 'Ink', state),
    colourInState(inBar, part, 'Ground', state),
    ...['Edge', 'Marker', 'Corners', 'Weight'].map(
      // A marker that is taken away is none.
      (name) => saidInState(inBar.piece, part, name, state)?.value || null,
    ),
  ]);

/** Menus in which the current page looks as all others do. */
function unmarked(site: Site, at: AssemblyPlace): Found[] {
  return Object.values(site[at.in][at.assembly]!.pieces).flatMap((piece) => {
    const [standing] = everyStanding(site, at, piece.id);
    // What stands on a panel follows what stands on the bar.
    const parts = statedParts(piece.kind).filter(({ states, below }) => states.includes('current') && !below);
    if (!standing || standing.inBar.piece.menu === null) return [];
    return parts
      .filter((part) => lookOf(standing, part, 'rest') === lookOf(standing, part, 'current'))
      .map((part) => {
        const place = { on: 'piece', ...at, piece: piece.id } as const;
        const property = `${part.prefix}Marker`;
        const mark = (cell: 'rest' | 'current', value: boolean): Edit => ({
          edit: 'setValue',
          place,
          property,
          cell,
          value,
        });
        // Where all have a line, it is told apart by being the only one.
        const all = Boolean(saidInState(standing.inBar.piece, part, 'Marker', 'rest')?.value);
        return found({
          lead: { to: 'cell', place, property, cell: 'current' },
          at: pieceAt(site, at, piece.id),
          seen: { band: standing.band, state: 'current' },
          words: `${part.label}: the current page looks as every other does. Only who listens is told where they are.`,
          repair: {
            label: all ? 'Mark it alone with a line' : 'Mark it with a line',
            edits: [...(all ? [mark('rest', false)] : []), mark('current', true)],
          },
        });
      });
  });
}

/** Headers in which nothing says where one is on some of the pages that they stand on. */
function lost(site: Site): Found[] {
  const [{ id: widest }] = site.bands as [Site['bands'][number]];
  const home = Object.values(site.pages).find(({ path }) => path === '/')?.id;
  const pagesOf = placements(site);
  return Object.values(site.headers).flatMap((header) => {
    const on = [...new Set((pagesOf.get(header.id) ?? []).map(({ page }) => page.id))];
    const way = leadsTo(site, { in: 'headers', assembly: header.id }, widest);
    const led = new Set([...way.pages]);
    for (const drawer of way.drawers)
      leadsTo(site, { in: 'drawers', assembly: drawer }, widest).pages.forEach((page) => led.add(page));
    // A header without a menu is not there to say it.
    if (led.size < 2) return [];
    const said = (page: string) =>
      pageTrail(site, page).some((each) => (each === page || each !== home) && led.has(each));
    const missing = on.filter((page) => page !== home && !said(page));
    const [first] = missing;
    if (first === undefined) return [];
    const more = missing.length === 1 ? '' : `, and on ${missing.length - 1} more`;
    return [
      found({
        lead: { to: 'place', place: { on: 'assembly', in: 'headers', assembly: header.id } },
        at: header.name,
        seen: { page: first, band: widest },
        words: `On “${site.pages[first]!.title}”${more} none of its items is marked: it leads neither to that page nor to one above it.`,
        measure: `${missing.length} of ${on.length} pages`,
        apart: 'lost',
      }),
    ];
  });
}

/** The current page is marked, for the eye too, and on every page. */
export const current: Check = {
  id: 'current',
  label: 'Where one is',
  from: 'WCAG 2.2, 2.4.8 Location',
  harm: 'untidy',
  find: ({ site }) => [
    ...(['headers', 'drawers', 'footers'] as const).flatMap((kind) =>
      Object.keys(site[kind]).flatMap((assembly) => unmarked(site, { in: kind, assembly })),
    ),
    ...lost(site),
  ],
};
