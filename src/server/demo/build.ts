import { readPageList } from '@/core/formats/page-list';
import { menuFromPages } from '@/core/menus/from-pages';
import { EVERYWHERE } from '@/core/bands/follow';
import { pieceKind } from '@/core/pieces';
import { assemblyProperties, type AssemblyKind } from '@/core/properties/assembly';
import { barProperties } from '@/core/properties/bar';
import type { Property, Values } from '@/core/properties/property';
import type { Assembly, Bar, EdgeBay, Piece } from '@/core/site/assembly';
import type { Menu } from '@/core/site/menu';
import type { Page } from '@/core/site/page';

/** Short forms in which the demo sites are written down. */

/** Values as they are said for the demo: one for all widths, or by band. */
type Said = Record<string, unknown>;

function isByBand(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && 'desktop' in value;
}

function valuesOf(said: Said, properties: readonly Property[]): Values {
  return Object.fromEntries(
    Object.entries(said).map(([name, value]) => {
      const banded = properties.find((each) => each.name === name)!.banded;
      return [name, isByBand(value) ? value : { [banded ? 'desktop' : EVERYWHERE]: value }];
    }),
  );
}

export interface SaidBar {
  name: string;
  values?: Said;
  bays: Partial<Record<EdgeBay, [kind: string, values?: Said][]>>;
}

/** A header, drawer or footer from what is said of it; ids come from its own. */
export function assembly(
  kind: AssemblyKind,
  id: string,
  name: string,
  saidBars: SaidBar[],
  values: Said = {},
): Assembly {
  const pieces: Record<string, Piece> = {};
  const bars = saidBars.map((said, index): Bar => {
    const barId = `${id}-b${index + 1}`;
    const bay = (name: EdgeBay) =>
      (said.bays[name] ?? []).map(([pieceName, pieceValues]) => {
        const piece = {
          id: `${id}-p${Object.keys(pieces).length + 1}`,
          kind: pieceName,
          values: valuesOf(pieceValues ?? {}, pieceKind(pieceName).properties),
        };
        pieces[piece.id] = piece;
        return piece.id;
      });
    return {
      id: barId,
      name: said.name,
      division: 'edges',
      bays: { start: bay('start'), middle: bay('middle'), end: bay('end') },
      values: valuesOf(said.values ?? {}, barProperties),
    };
  });
  return {
    id,
    name,
    order: bars.map((bar) => bar.id),
    bars: Object.fromEntries(bars.map((bar) => [bar.id, bar])),
    pieces,
    values: valuesOf(values, assemblyProperties[kind]),
  };
}

/** Pages from a list as a designer would paste it; a page's id is made from its path. */
export function pagesFromList(list: string): Page[] {
  const { pages, problems } = readPageList(list);
  if (problems[0]) throw new Error(`Demo, line ${problems[0].line}: ${problems[0].reason}`);
  const idOf = (path: string) =>
    `pg-${path === '/' ? 'home' : path.slice(1).replaceAll('/', '-')}`.slice(0, 32);
  return pages.map(({ title, path, parent }) => ({
    id: idOf(path),
    title,
    path,
    parent: parent === null ? null : idOf(pages[parent]!.path),
  }));
}

/** A menu of the pages with these paths and of what lies below them on the same level of the list, if asked. */
export function menuOf(
  id: string,
  name: string,
  pages: readonly Page[],
  paths: readonly string[],
  below: boolean,
): Menu {
  const chosen = new Set(pages.filter((page) => paths.includes(page.path)).map((page) => page.id));
  const held = pages.filter(
    (page) => chosen.has(page.id) || (below && page.parent !== null && chosen.has(page.parent)),
  );
  let count = 0;
  return menuFromPages(id, name, held, () => `${id}-i${(count += 1)}`);
}

/** A record of things by their id. */
export function byId<T extends { id: string }>(things: readonly T[]): Record<string, T> {
  return Object.fromEntries(things.map((thing) => [thing.id, thing]));
}
