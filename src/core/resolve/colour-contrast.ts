import { findPlace, type Place } from '../edit/place';
import type { Id } from '../ids/id';
import { statedParts } from '../pieces/stated-parts';
import { cellParts } from '../properties/phases';
import type { Property } from '../properties/property';
import type { Site } from '../site/site';
import { resolveAssembly } from './assembly';
import { inkContrast } from './bar-contrast';
import { bandStage } from './stage';
import { barAsSeen, everyStanding } from './standing-piece';
import { stateContrast } from './state-contrast';

type Colour = Id | 'none';
/** The contrast ratios of texts that a value may have to do with, with a colour in its place; null over a picture. */
type Figures = (colour: Colour) => (number | null)[];

/** The text colour of a bar on its ground, in a band and phase. */
function ofBar(site: Site, place: Place & { on: 'bar' }, property: string, cell: string): Figures {
  const { band, phase } = cellParts(cell);
  const assembly = site[place.in][place.assembly]!;
  const stage = { ...bandStage(site, band), phase };
  const settled = resolveAssembly(site, place.in, assembly, stage);
  const bar = settled.bars.find(({ id }) => id === place.bar)!;
  return (colour) => {
    const values = { ...bar.values, [property]: colour };
    return [inkContrast(site, barAsSeen(site, settled, { ...bar, values }))];
  };
}

/** The texts of a piece in all states of its parts, wherever it stands; of a value by width, in its band. */
function ofPiece(site: Site, place: Place & { on: 'piece' }, { name, by }: Property, cell: string): Figures {
  const { kind } = site[place.in][place.assembly]!.pieces[place.piece]!;
  const standings = everyStanding(site, place, place.piece).filter(
    ({ band }) => by !== 'width' || band === cellParts(cell).band,
  );
  return (colour) =>
    standings.flatMap(({ inBar: { bar, piece } }) => {
      const value = by === 'state' ? { ...(piece[name] as object), [cell]: colour } : colour;
      const inBar = { bar, piece: { ...piece, [name]: value } };
      return statedParts(kind).flatMap((part) =>
        part.states.map((state) => stateContrast(site, inBar, part, state)),
      );
    });
}

/**
 * How legible texts are with a colour of the brand as the value of a cell: the least contrast ratio (WCAG 2.2, 1.4.3) of those that it
 * has to do with. Null where there are none, but for such as stand over a picture, of which no single ratio tells.
 */
export function contrastWith(
  site: Site,
  place: Place,
  property: string,
  cell: string,
): ((colour: Colour) => number) | null {
  const found = findPlace(site, place);
  const of = typeof found === 'string' ? undefined : found.properties.find(({ name }) => name === property);
  if (of?.kind.editor.as !== 'colour' || (place.on !== 'bar' && place.on !== 'piece')) return null;
  const figures = place.on === 'bar' ? ofBar(site, place, property, cell) : ofPiece(site, place, of, cell);
  // What it has to do with is what differs with it; over a picture nothing does.
  const one = figures('ink');
  const other = figures('ground');
  const touched = (_: unknown, index: number) => one[index] !== other[index];
  if (!one.some(touched)) return null;
  return (colour) => Math.min(...(figures(colour).filter(touched) as number[]));
}
