import { EVERYWHERE } from '../bands/follow';
import { itemLabel } from '../menus/entries';
import { pieceKind } from '../pieces';
import type { AssemblyKind } from '../properties/assembly-kind';
import type { Id } from '../ids/id';
import { languageName } from '../site/language';
import { newItem } from '../site/defaults';
import type { Menu } from '../site/menu';
import type { Site } from '../site/site';
import type { Advances } from '../text/advances';
import type { FitStretch } from './bar-fit';
import { breaks } from './fit-status';
import { menusShown, piecesIn } from './row-menus';
import type { Circumstances } from './circumstances';
import { surveyFit, WHOLE_RULER } from './survey';

/** A bar under other circumstances than those of today. */
export interface ForecastRow {
  id: string;
  label: string;
  /**
   * The widest viewport at which the bar wraps or overflows without its collapse rules, in CSS px; null where it fits at every
   * width, infinite where it does at none.
   */
  stopsAt: number | null;
  /** How it stands at every width, its collapse rules included. */
  stretches: readonly FitStretch[];
}

/** What is foreseen: the circumstances, several of them where the worst counts, and how much the page is zoomed. */
interface Forecast {
  id: string;
  label: string;
  circumstances: readonly Circumstances[];
  zoom?: number;
}

/** A bar in its assembly. */
export interface BarPlace {
  kind: AssemblyKind;
  assembly: Id;
  bar: Id;
}

/** Texts that are longer by a factor. */
function longer(advances: Advances, factor: number): Advances {
  return {
    of(source, text) {
      const advance = advances.of(source, text);
      return advance === null ? null : advance * factor;
    },
  };
}

/** The site with values of the pieces of a kind in a bar set for every width. */
function withPieces(
  site: Site,
  { kind, assembly: id, bar }: BarPlace,
  of: string,
  values: Record<string, unknown>,
): Site {
  const assembly = site[kind][id]!;
  const set = Object.entries(values).map(([name, value]) => [name, { [EVERYWHERE]: value }]);
  const changed = piecesIn(assembly, bar)
    .filter((piece) => piece.kind === of)
    .map((piece) => [piece.id, { ...piece, values: { ...piece.values, ...Object.fromEntries(set) } }]);
  const pieces = { ...assembly.pieces, ...Object.fromEntries(changed) };
  return { ...site, [kind]: { ...site[kind], [id]: { ...assembly, pieces } } };
}

/** The menus whose items a bar shows in some band. */
export function menusOf(site: Site, { kind, assembly, bar }: BarPlace): Menu[] {
  return [...new Set(piecesIn(site[kind][assembly]!, bar).flatMap((piece) => menusShown(site, piece)))];
}

/** The item whose label is nearest to the average length of those of the first level. */
function averageItem(site: Site, menu: Menu): { label: string } | null {
  const labels = menu.top.map((id) => itemLabel(site, menu.items[id]!));
  if (labels.length === 0) return null;
  const average = labels.reduce((sum, label) => sum + label.length, 0) / labels.length;
  const away = (label: string) => Math.abs(label.length - average);
  return { label: labels.reduce((best, label) => (away(label) < away(best) ? label : best)) };
}

/** The site with more items of average length at the end of the menus that a bar shows. */
export function withMoreItems(site: Site, place: BarPlace, count: number): Site {
  const menus = menusOf(site, place).map((menu): [Id, Menu] => {
    const average = averageItem(site, menu);
    const added =
      average === null
        ? []
        : Array.from({ length: count }, (_, index) =>
            newItem({ id: `${menu.id} more ${index}`, label: average.label, link: { to: 'nothing' } }),
          );
    const items = { ...menu.items, ...Object.fromEntries(added.map((item) => [item.id, item])) };
    return [menu.id, { ...menu, top: [...menu.top, ...added.map(({ id }) => id)], items }];
  });
  return { ...site, menus: { ...site.menus, ...Object.fromEntries(menus) } };
}

/** The pages to which the menus of a bar lead: on each of them another item is the current one. */
function ledPages(site: Site, place: BarPlace): Id[] {
  const links = menusOf(site, place).flatMap((menu) => Object.values(menu.items).map(({ link }) => link));
  return [...new Set(links.flatMap((link) => (link.to === 'page' ? [link.page] : [])))];
}

/** What may come for a bar, in the order in which it is said. */
function forecasts(today: Circumstances, place: BarPlace): Forecast[] {
  const { site, advances } = today;
  const assembly = site[place.kind][place.assembly]!;
  const kinds = [...new Set(piecesIn(assembly, place.bar).map(({ kind }) => kind))];
  const menus = menusOf(site, place).length > 0;
  const one = (id: string, label: string, more: Partial<Circumstances>): Forecast => ({
    id,
    label,
    circumstances: [{ ...today, ...more }],
  });
  return [
    one('today', 'As it is', {}),
    ...site.languages
      .filter((language) => language !== today.language)
      .map((language) => one(`language-${language}`, `In ${languageName(language)}`, { language })),
    one('stand-in', 'Before its fonts have come', { inStandIn: true }),
    ...[15, 30, 50].map((percent) =>
      one(`longer-${percent}`, `Texts ${percent} % longer`, {
        advances: longer(advances, 1 + percent / 100),
      }),
    ),
    ...[20, 24, 32].map((root) => one(`root-${root}`, `Reader’s text size ${root} px`, { root })),
    one('set-apart', 'Text set apart by the reader', { setApart: true }),
    ...[200, 400].map((percent) => ({
      ...one(`zoom-${percent}`, `Zoomed to ${percent} %`, {}),
      zoom: percent / 100,
    })),
    ...(menus
      ? [1, 2, 3].map((count) =>
          one(`items-${count}`, count === 1 ? 'One more item' : `${count} more items`, {
            site: withMoreItems(site, place, count),
          }),
        )
      : []),
    ...kinds.flatMap((kind) =>
      (pieceKind(kind).foreseen ?? []).map(({ id, label, values }) =>
        one(id, label, { site: withPieces(site, place, kind, values) }),
      ),
    ),
    ...(menus
      ? [
          {
            id: 'current',
            label: 'Current item on the worst page',
            circumstances: ledPages(site, place).map((page) => ({ ...today, page })),
          },
        ]
      : []),
  ].filter(({ circumstances }) => circumstances.length > 0);
}

function withoutRules(site: Site, { kind, assembly: id, bar }: BarPlace): Site {
  const assembly = site[kind][id]!;
  const plain = { ...assembly.bars[bar]!, rules: [] };
  return {
    ...site,
    [kind]: { ...site[kind], [id]: { ...assembly, bars: { ...assembly.bars, [bar]: plain } } },
  };
}

function stretchesOf(circumstances: Circumstances, { kind, assembly, bar }: BarPlace): readonly FitStretch[] {
  const { bars } = surveyFit(circumstances, kind, circumstances.site[kind][assembly]!, { only: [bar] });
  return bars[0]!.stretches;
}

/** The widest viewport at which a bar does not fit without its rules, in CSS px; null where there is none, infinite where it never fits. */
function stopsAt(circumstances: Circumstances, place: BarPlace): number | null {
  const site = withoutRules(circumstances.site, place);
  const bad = stretchesOf({ ...circumstances, site }, place).filter(breaks);
  const last = bad.at(-1)?.to ?? null;
  return last !== null && last >= WHOLE_RULER.to ? Infinity : last;
}

/** How a bar would stand if things came otherwise; the first row is as it is today. */
export function forecastFit(today: Circumstances, place: BarPlace): ForecastRow[] {
  return forecasts(today, place).map(({ id, label, circumstances, zoom = 1 }) => {
    const worst = circumstances
      .map((each) => ({ each, at: stopsAt(each, place) }))
      .reduce((most, next) => ((next.at ?? 0) > (most.at ?? 0) ? next : most));
    // A page that is zoomed has so much fewer CSS px in the same window.
    const stretches = stretchesOf(worst.each, place).map((stretch) => ({
      ...stretch,
      from: stretch.from * zoom,
      to: stretch.to * zoom,
    }));
    return { id, label, stopsAt: worst.at === null ? null : worst.at * zoom, stretches };
  });
}

/** The most items of average length that are tried. */
const MOST_ITEMS = 12;

/** How many items of average length can be added to the menus of a bar before it wraps or overflows at a width, its rules included; null where it has no menu. */
export function roomForItems(today: Circumstances, place: BarPlace, width: number): number | null {
  if (menusOf(today.site, place).length === 0) return null;
  const fits = (count: number) => {
    const stretches = stretchesOf({ ...today, site: withMoreItems(today.site, place, count) }, place);
    const { status } = stretches.find(({ to }) => width < to) ?? stretches.at(-1)!;
    return status === 'fits' || status === 'tight';
  };
  let count = 0;
  while (count < MOST_ITEMS && fits(count + 1)) count += 1;
  return count;
}
