import { bandChain } from '../bands/band';
import { EVERYWHERE } from '../bands/follow';
import { spotOf } from '../edit/pieces';
import { findPlace, type Place } from '../edit/place';
import { cellName, placeName } from '../edit/place-name';
import type { Id } from '../ids/id';
import { valueText } from '../menus/value-text';
import { axisCells, type Axis } from '../properties/axis';
import { cellParts } from '../properties/phases';
import type { Property, Values } from '../properties/property';
import { referenceNouns } from '../properties/reference';
import type { State, StatedPart } from '../properties/states';
import { resolveAssembly } from '../resolve/assembly';
import { barGround, seenInBar } from '../resolve/ground-set';
import { settledValue } from '../resolve/settled-values';
import { bandStage } from '../resolve/stage';
import { standingPiece } from '../resolve/standing-piece';
import { languageName } from '../site/language';
import { partName } from '../site/parts';
import { seenColour } from '../site/seen-colour';
import type { Site } from '../site/site';
import { lookOf } from './looks';
import type { CellAt, Reason } from './reason';

/** A cell that is asked about, with what stands there. */
export interface Question extends CellAt {
  site: Site;
  values: Values;
  of: Property;
}

/** What one step of the chain says, and the cell that it goes on with; null where it ends. */
export interface Step {
  reasons: Reason[];
  next: CellAt | null;
}

/** A step of the chain that answers some questions: null where it has nothing to say of one. */
type Link = (question: Question) => Step | null;

const toCell = (cell: CellAt) => ({ to: 'cell' as const, ...cell });

/** A cell in words: its band, phase, state or language. */
function named({ site, of: { by } }: Question, cell: string): string {
  if (by === 'language' && cell === EVERYWHERE) return languageName(site.languages[0]!);
  return cellName(site, cell) ?? 'every width';
}

/** A value in words, a colour with what it is seen as. */
function valued({ site, of }: Question, value: unknown): Pick<Reason, 'value' | 'swatch'> {
  const text = valueText(site, of, value);
  return of.kind.editor.as === 'colour' && typeof value === 'string' && value !== 'none'
    ? { value: text, swatch: seenColour(site, value) }
    : { value: text };
}

/** What the property of another thing says: it goes on there, in the first cell where that one has another axis. */
function elsewhere(site: Site, place: Place, property: string, seenFrom: string): CellAt | null {
  const found = findPlace(site, place);
  const of = typeof found === 'string' ? undefined : found.properties.find(({ name }) => name === property);
  if (!of) return null;
  const axis: Axis = of.by;
  const { band } = cellParts(seenFrom);
  const cells = axisCells(axis, { bands: bandChain(site.bands), languages: site.languages });
  return { place, property, cell: cells.includes(band) ? band : cells[0]! };
}

const barOf = (site: Site, place: Place): Place | null => {
  if (place.on !== 'piece') return null;
  const spot = spotOf(site[place.in][place.assembly]!, place.piece);
  return spot ? { on: 'bar', in: place.in, assembly: place.assembly, bar: spot.bar } : null;
};

/** What holds in a bar whose colours follow its ground, whatever is said of its ink. */
const followsGround: Link = ({ site, place, of, cell }) => {
  if (place.on !== 'bar' || of.name !== 'ink') return null;
  const { band, phase } = cellParts(cell);
  const stage = { ...bandStage(site, band), phase };
  const assembly = site[place.in][place.assembly]!;
  const bar = resolveAssembly(site, place.in, assembly, stage).bars.find(({ id }) => id === place.bar)!;
  if (!bar.values.set || bar.values.ground === 'none') return null;
  const ink = seenInBar(site, bar.values, 'ink');
  return {
    reasons: [
      {
        words: `What stands on “${bar.name}” follows its ground, so its ink is worked out to be legible there`,
        value: ink,
        swatch: ink,
        lead: toCell({ place, property: 'set', cell: EVERYWHERE }),
      },
      {
        words: 'The ground as it is seen',
        value: barGround(site, bar.values),
        swatch: barGround(site, bar.values),
        lead: null,
      },
    ],
    next: { place, property: 'ground', cell },
  };
};

/** Where the value of another cell holds. */
const followsCell: Link = (question) => {
  const { site, of, values, cell, place, property } = question;
  const { from, own } = settledValue(values, of, bandChain(site.bands), cell);
  if (own || from === null) return null;
  const next = { place, property, cell: from };
  const words = `${named(question, cell)} follows ${named(question, from)}`;
  return { reasons: [{ words, value: null, lead: toCell(next) }], next };
};

/** What is said in the cell itself, and what that points at. */
const said: Link = (question) => {
  const { site, of, values, cell, place, property } = question;
  const { value, own } = settledValue(values, of, bandChain(site.bands), cell);
  if (!own) return null;
  const isSet = values[property]?.[cell] !== undefined;
  const where = of.by === null ? '' : ` for ${named(question, cell)}`;
  const reason = {
    words: isSet ? `Set${where}` : `Comes so${where}`,
    ...valued(question, value),
    lead: toCell({ place, property, cell }),
  };
  return { reasons: [reason, ...pointed(question, value)], next: null };
};

/** What a value points at: of a colour that is the same as another, that one too. */
function pointed({ site, of }: Question, value: unknown): Reason[] {
  return (of.kind.references?.(value) ?? []).flatMap(({ to, id }): Reason[] => {
    const name = partName(site, to, id);
    if (name === null) return [];
    const noun = referenceNouns[to];
    const words = `The ${noun} “${name}”`;
    const lead = { to: 'part' as const, of: to, id };
    if (to !== 'colours') return [{ words, value: null, lead }];
    const token = site.brand.colours[id]!.value;
    if ('css' in token) return [{ words, value: token.css, swatch: token.css, lead }];
    const same = partName(site, 'colours', token.as);
    const swatch = seenColour(site, id);
    return [
      { words: `${words} is the same as “${same}”`, value: null, lead },
      { words: `The colour “${same}”`, value: swatch, swatch, lead: { ...lead, id: token.as } },
    ];
  });
}

/** What holds where a piece leaves something to its type style. */
const ofStyle: Link = ({ site, of, values, cell, place }) => {
  if (!of.ofStyle || place.on !== 'piece') return null;
  const found = findPlace(site, place);
  if (typeof found === 'string') return null;
  const chosen = found.properties.find(({ name }) => name === 'typeStyle')!;
  const style = settledValue(values, chosen, bandChain(site.bands), cell).value as Id;
  const words = `It has none of its own: as the type style “${partName(site, 'typeStyles', style)}” says`;
  return {
    reasons: [{ words, value: null, lead: toCell({ place, property: 'typeStyle', cell }) }],
    next: elsewhere(site, { on: 'typeStyle', style }, of.ofStyle, cell),
  };
};

/** What holds where something is left to what it stands in, or to the brand. */
const ofOuter: Link = ({ site, of, cell, place }) => {
  if (!of.asOf || !('assembly' in place)) return null;
  const at = { in: place.in, assembly: place.assembly };
  const spot = place.on === 'piece' ? spotOf(site[place.in][place.assembly]!, place.piece) : null;
  const bar = place.on === 'bay' ? place.bar : spot?.bar;
  const outer: Record<typeof of.asOf.on, Place | null> = {
    brand: { on: 'brand' },
    bar: bar === undefined ? null : { on: 'bar', ...at, bar },
    bay: spot ? { on: 'bay', ...at, bar: spot.bar, bay: spot.bay } : null,
  };
  const to = outer[of.asOf.on];
  const next = to && elsewhere(site, to, of.asOf.property, cell);
  if (!to || !next) return null;
  const words = `It has none of its own: as ${to.on === 'brand' ? 'the brand' : `“${placeName(site, to)}”`} has it`;
  return { reasons: [{ words, value: null, lead: toCell(next) }], next };
};

/** What a state of a part looks like where nothing is said of it. */
const ofLook: Link = (question) => {
  const { site, of, cell, place, property } = question;
  const standing = of.part && place.on === 'piece' ? standingPiece(site, place, place.piece) : null;
  if (!standing || !of.part) return null;
  const state = cell as State;
  const look = lookOf(site, standing, of as Property & { part: StatedPart }, state);
  const bar = barOf(site, place);
  if (look.ofBar && bar) {
    const next = { place: bar, property: 'ink', cell: site.bands[0]!.id };
    const words = `Nothing is said of it: it has the ink of “${placeName(site, bar)}”`;
    return { reasons: [{ words, value: null, lead: toCell(next) }], next };
  }
  if (look.said !== undefined && look.said !== property) {
    const next = { place, property: look.said, cell };
    const words = `Nothing is said of it: it follows ${look.from.toLowerCase()}`;
    return { reasons: [{ words, value: null, lead: toCell(next) }], next };
  }
  const value = look.value === undefined ? { value: look.text } : valued(question, look.value);
  const reason = { words: `Nothing is said of it: so it comes with ${look.from}`, ...value, lead: null };
  return { reasons: [reason], next: null };
};

/** What a value is from the start. */
const fromTheStart: Link = (question) => {
  const { of } = question;
  const words = 'Nothing is set: so it is from the start';
  const reason = { words, ...valued(question, of.initial), lead: null };
  return { reasons: [reason, ...pointed(question, of.initial)], next: null };
};

/** The steps of a chain: of one question, the first that has something to say. */
const links: readonly Link[] = [followsGround, followsCell, said, fromTheStart];

/** Where a value is left open, what holds in its place: asked before the value itself is told. */
const ofOpen: readonly Link[] = [ofStyle, ofOuter, ofLook];

/** One step of the chain. */
export function stepOf(question: Question): Step {
  const { site, of, values, cell } = question;
  const { value } = settledValue(values, of, bandChain(site.bands), cell);
  const asked = value === null ? [followsGround, ...ofOpen, ...links] : links;
  for (const link of asked) {
    const step = link(question);
    if (step) return step;
  }
  return { reasons: [], next: null };
}
