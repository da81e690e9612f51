import { bandChain, bandRange } from '../bands/band';
import { EVERYWHERE } from '../bands/follow';
import { spotOf } from '../edit/pieces';
import { findPlace, type AssemblyPlace, type Place } from '../edit/place';
import { cellName, placeName } from '../edit/place-name';
import { asForeseen } from '../fit/measured-rules';
import { wayDown } from '../fit/way-down';
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
import type { Assembly } from '../site/assembly';
import { languageName } from '../site/language';
import type { Turn } from '../site/collapse-rule';
import { partName } from '../site/parts';
import { seenColour } from '../site/seen-colour';
import type { Site } from '../site/site';
import type { Advances } from '../text/advances';
import { lookOf } from './looks';
import type { CellAt, Reason } from './reason';

/** A cell that is asked about, with what stands there. */
interface Question extends CellAt {
  site: Site;
  values: Values;
  of: Property;
}

/** What one step of the chain says, and the cell that it goes on with; null where it ends. */
interface Step {
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

/** What a turn makes of a value, in words. */
function turnedTo({ site, of }: Question, { value, step }: Turn): string {
  const text = valueText(site, of, value);
  return step === undefined ? text : `step by step ${step < 0 ? 'down' : 'up'} to ${text}`;
}

/** What rules of its assembly make of a value of a piece somewhere in a band, or at a width of the viewport, the last that begins first. */
function turns(question: Question, advances: Advances, width: number | null): Reason[] {
  const { site, of, place, property, cell } = question;
  const assembly = place.on === 'piece' ? site[place.in][place.assembly] : undefined;
  if (place.on !== 'piece' || !assembly) return [];
  const at = { in: place.in, assembly: place.assembly };
  const from = of.by === 'width' ? bandRange(site.bands, cellParts(cell).band).from : 0;
  const holds = (below: number) => (width === null ? below > from : width < below);
  return begunRules(site, advances, place, assembly, holds).flatMap(({ bar, rule, nth, below }) =>
    rule.turns
      .filter((turn) => turn.piece === place.piece && turn.property === property)
      .map((turn): Reason => ({
        words: `Collapse rule ${nth} of “${assembly.bars[bar]!.name}” turns it below ${below} px`,
        value: turnedTo(question, turn),
        lead: { to: 'rules', at, bar },
      })),
  );
}

/** The rules of an assembly that begin where it is asked for, the last that begins first, with their place in their bar. */
export function begunRules(
  site: Site,
  advances: Advances,
  place: Pick<AssemblyPlace, 'in'>,
  own: Assembly,
  holds: (below: number) => boolean,
) {
  const assembly = asForeseen(own);
  return wayDown(site, advances, place.in, assembly)
    .rules.flatMap(({ bar, rule: id, below }) => {
      const rules = assembly.bars[bar]!.rules ?? [];
      const at = rules.findIndex((each) => each.id === id);
      return at >= 0 && below !== null && holds(below) ? [{ bar, rule: rules[at]!, nth: at + 1, below }] : [];
    })
    .sort((one, other) => one.below - other.below);
}

/** A cell with what stands there; null where it is gone. */
function questionOf(site: Site, asked: CellAt): Question | null {
  const found = findPlace(site, asked.place);
  if (typeof found === 'string') return null;
  const of = found.properties.find(({ name }) => name === asked.property);
  return of ? { site, ...asked, values: found.holder.values, of } : null;
}

/** One step of the chain. */
function stepOf(question: Question): Step {
  const { site, of, values, cell } = question;
  const { value } = settledValue(values, of, bandChain(site.bands), cell);
  const asked = value === null ? [followsGround, ...ofOpen, ...links] : links;
  for (const link of asked) {
    const step = link(question);
    if (step) return step;
  }
  return { reasons: [], next: null };
}

/**
 * The chain of what made the value in a cell, from what holds there back to where it was said: collapse rules that turn it, at a
 * width of the viewport in CSS px where one is given and else anywhere in the band; the cells that it follows; the type style, bar or
 * part that it is left to; and what the value points at. Empty where the cell is gone.
 */
export function whyOf(site: Site, advances: Advances, asked: CellAt, width: number | null = null): Reason[] {
  const first = questionOf(site, asked);
  if (!first) return [];
  const reasons = turns(first, advances, width);
  const seen = new Set<string>();
  for (let question: Question | null = first; question;) {
    const key = JSON.stringify([question.place, question.property, question.cell]);
    if (seen.has(key)) break;
    seen.add(key);
    const { reasons: more, next }: Step = stepOf(question);
    reasons.push(...more);
    question = next && questionOf(site, next);
  }
  return reasons;
}
