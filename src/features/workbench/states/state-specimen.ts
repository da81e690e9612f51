import type { Element } from '@/core/markup/html';
import type { Stylesheet } from '@/core/markup/stylesheet';
import { bandChain } from '@/core/bands/band';
import type { AssemblyPlace } from '@/core/edit/place';
import { pieceKind } from '@/core/pieces';
import type { Property, Values } from '@/core/properties/property';
import type { State, StatedPart } from '@/core/properties/states';
import { stateLabels } from '@/core/properties/states';
import { barHeights, usually } from '@/core/fit/heights';
import { pageElement } from '@/core/render/page/page';
import { viewStylesheet } from '@/core/render/stylesheet/stylesheet';
import { resolveAssembly } from '@/core/resolve/assembly';
import { settledValue, settledValues } from '@/core/resolve/settled-values';
import { newBar, newItem, newMenu, newPage } from '@/core/site/defaults';
import type { Assembly, Bar, Piece } from '@/core/site/assembly';
import type { Advances } from '@/core/text/advances';
import type { Site } from '@/core/site/site';

/** The least height of a specimen, in CSS px. */
const LEAST_HEIGHT = 48;

/** What a property says of a part in a state, following the part that it is below of. */
function valueIn(
  piece: Piece,
  properties: readonly Property[],
  part: StatedPart,
  name: string,
  state: State,
): unknown {
  const property = properties.find((each) => each.name === `${part.prefix}${name}`)!;
  const { value } = settledValue(piece.values, property, [], state);
  return value === null && part.below ? valueIn(piece, properties, part.below, name, state) : value;
}

/** The piece as if the state of one of its parts were how it rests, so that it can be looked at without touching it. */
function restingIn(piece: Piece, part: StatedPart, state: State): Piece {
  const { properties } = pieceKind(piece.kind);
  const shown = part.below ?? part;
  const dressed = properties
    .filter((each) => each.part === shown)
    .map(({ name, part: of }) => [
      name,
      { rest: valueIn(piece, properties, part, name.slice(of!.prefix.length), state) },
    ]);
  return { ...piece, id: `specimen-${state}`, values: { ...piece.values, ...Object.fromEntries(dressed) } };
}

/** The bar that a specimen stands in: that of the piece, or for what stands on a panel one of the panel's colours. */
function specimenBar(
  bar: Bar,
  { part, settled }: { part: StatedPart; settled: Record<string, unknown> },
  state: State,
  widest: string,
  height: number,
): Bar {
  const said = (value: unknown) => ({ [widest]: value });
  const { ink } = part.bare(settled, 'rest');
  const panel: Values = part.panelGround
    ? {
        ground: said(part.panelGround(settled)),
        ...(ink === 'of the bar' ? {} : { ink: said(ink) }),
        tint: said('none'),
        picture: said(null),
      }
    : {};
  const values: Values = {
    ...bar.values,
    ...panel,
    leastHeight: said(height),
    padding: said(0),
    division: said({ by: 'edges' }),
    shown: said('shown'),
    lineAbove: said(null),
    lineBelow: said(null),
    shadow: said(null),
  };
  return newBar(`bar-${state}`, stateLabels[state], values, { start: [`specimen-${state}`] });
}

/** The first label of the menu that the piece shows, to stand for all. */
function firstLabel(site: Site, piece: Piece): string {
  const menu = site.menus[String(piece.values.menu?.[site.bands[0]!.id])];
  const item = menu?.items[menu.top[0] ?? ''];
  if (!item) return 'Item';
  return item.label ?? ('page' in item.link ? site.pages[item.link.page]!.title : 'Item');
}

/**
 * A part of a piece in each of its states below each other, as HTML and CSS for a view in the widest band: the very rules that
 * are handed over, in a header that holds nothing else. All are as high as the highest needs in a view of that width.
 */
export function stateSpecimen(
  site: Site,
  at: AssemblyPlace,
  pieceId: string,
  part: StatedPart,
  width: number,
  advances: Advances,
): { page: Element; css: Stylesheet; height: number } {
  const assembly = site[at.in][at.assembly]!;
  const piece = assembly.pieces[pieceId]!;
  const bar = Object.values(assembly.bars).find((each) =>
    each.bays.some((bay) => bay.pieces.includes(pieceId)),
  )!;
  const band = site.bands[0]!;
  const page = newPage({ id: 'specimen', title: 'Specimen', path: '/specimen', parent: null });
  const item = newItem({
    id: 'specimen',
    label: firstLabel(site, piece),
    link: { to: 'page', page: page.id },
  });
  const menu = newMenu({ id: 'specimen', name: 'Specimen', top: [item.id], items: { [item.id]: item } });
  const shownAs = part.prefix === 'menuButton' ? 'button' : 'row';
  const forMenu: Values =
    piece.kind === 'menu'
      ? { menu: { [band.id]: 'specimen' }, shownAs: { [band.id]: shownAs }, around: { [band.id]: null } }
      : {};
  const specimens = part.states.map((state) => {
    const shown = restingIn(piece, part, state);
    return { ...shown, values: { ...shown.values, ...forMenu, shown: { [band.id]: 'shown' } } };
  });
  const pieces = Object.fromEntries(specimens.map((each) => [each.id, each]));
  const { properties } = pieceKind(piece.kind);
  const settled = settledValues(piece.values, properties, bandChain(site.bands), band.id);
  const headerOf = (height: number): Assembly => {
    const bars = part.states.map((state) => specimenBar(bar, { part, settled }, state, band.id, height));
    return {
      id: 'specimen-header',
      name: 'Specimen',
      order: bars.map((each) => each.id),
      bars: Object.fromEntries(bars.map((each) => [each.id, each])),
      pieces,
      values: {},
    };
  };
  const other = newPage({ id: 'other', title: 'Other', path: '/other', parent: null });
  const seen: Site = {
    ...site,
    bands: [{ ...band, from: 0 }],
    brand: { ...site.brand, values: { ...site.brand.values, gutter: { [band.id]: 8 } } },
    pages: { ...site.pages, [page.id]: page, [other.id]: other },
    pageOrder: [...site.pageOrder, page.id, other.id],
    menus: { ...site.menus, specimen: menu },
    headers: {},
    footers: {},
  };
  const least = resolveAssembly(seen, 'headers', headerOf(LEAST_HEIGHT), band.id);
  const heights = barHeights(usually(seen, advances), least, band.id, width);
  const height = Math.ceil(Math.max(...heights.values()));
  const header = headerOf(height);
  const shown = { ...seen, headers: { [header.id]: header } };
  return {
    page: pageElement(shown, other, { header, footer: null }),
    css: viewStylesheet(shown),
    height,
  };
}
