import { EVERYWHERE, settle, type CellValues, type Settled } from '../bands/follow';
import { sameData } from '../ids/same-data';
import { axisChain } from '../properties/axis';
import { phaseCell, type Phase } from '../properties/phases';
import type { Property, Values } from '../properties/property';
import { states, type State } from '../properties/states';

/** The value of one property in a cell of its axis, with the cell that it comes from; `bands` are ids, widest first. */
export function settledValue(
  values: Values,
  property: Property,
  bands: readonly string[],
  cell: string,
): Settled<unknown> {
  const chain = axisChain(property.by, bands, cell);
  const set = property.by === 'state' ? setStates(values, property) : (values[property.name] ?? {});
  const at = property.by === null ? chain[0]! : cell;
  return settle(set, chain, at, property.initial);
}

/** What states have of their own; one that is left open follows, as if nothing was said. */
function setStates(values: Values, { name, initialStates }: Property): CellValues<unknown> {
  const entries = Object.entries({ ...initialStates, ...values[name] }).filter(([, value]) => value !== null);
  return Object.fromEntries(entries);
}

/** The values of a property by state: that of rest, and of each state in which it is another. */
export type StatedValues = Partial<Record<State, unknown>> & { rest: unknown };

function statedValues(values: Values, property: Property): StatedValues {
  const rest = settledValue(values, property, [], 'rest').value;
  const others = (property.part?.states ?? states).flatMap((state) => {
    const { value, from } = settledValue(values, property, [], state);
    return from === null || from === 'rest' ? [] : [[state, value]];
  });
  return { rest, ...Object.fromEntries(others) };
}

const unsaid = new WeakMap<readonly Property[], Readonly<Record<string, unknown>>>();

/** What properties are where nothing was said of them, by name. */
function unsaidValues(properties: readonly Property[]): Readonly<Record<string, unknown>> {
  const valueOf = (each: Property) => (each.by === 'state' ? statedValues({}, each) : each.initial);
  const known =
    unsaid.get(properties) ?? Object.fromEntries(properties.map((each) => [each.name, valueOf(each)]));
  unsaid.set(properties, known);
  return known;
}

type Settlement = Record<string, unknown>;
const settledBefore = new WeakMap<readonly Property[], WeakMap<Values, Settlement[]>>();

/** Values as they were settled before for another band or phase, where they are the same: so what is made of them is made once. */
function asBefore(values: Values, properties: readonly Property[], settled: Settlement): Settlement {
  const ofAll = settledBefore.get(properties) ?? new WeakMap<Values, Settlement[]>();
  settledBefore.set(properties, ofAll);
  const before = ofAll.get(values) ?? [];
  ofAll.set(values, before);
  const same = before.find((each) => properties.every(({ name }) => sameData(each[name], settled[name])));
  if (!same) before.push(settled);
  return same ?? settled;
}

/**
 * Every property's value in a band and a phase of scrolling, by name: what differs by state has its values by state, what differs by
 * language is as the first one has it. Where all are the same in another band or phase, they are the very same object.
 */
export function settledValues(
  values: Values,
  properties: readonly Property[],
  bands: readonly string[],
  band: string,
  phase: Phase = 'top',
): Settlement {
  const inPhase = phaseCell(band, phase);
  const valueOf = (each: Property) => {
    if (each.by === 'state') return statedValues(values, each);
    const cell = each.by === 'language' ? EVERYWHERE : each.phased ? inPhase : band;
    return settledValue(values, each, bands, cell).value;
  };
  // Most say nothing: all of one kind are copies of the same, which engines make and read fast.
  const settled = { ...unsaidValues(properties) };
  for (const each of properties) if (values[each.name] !== undefined) settled[each.name] = valueOf(each);
  return asBefore(values, properties, settled);
}

/** What properties are where nothing was set, by name; what differs by state is as at rest. */
export function initialValues(properties: readonly Property[]): Record<string, unknown> {
  return Object.fromEntries(
    properties.map(({ name, by, initial }) => [name, by === 'state' ? { rest: initial } : initial]),
  );
}
