import { sameData } from '../ids/same-data';
import { bandChain } from '../bands/band';
import { cellName } from '../edit/place-name';
import { valueText } from '../menus/value-text';
import type { Property, Values } from '../properties/property';
import { settledValue } from '../resolve/settled-values';
import type { Site } from '../site/site';
import { thingsOf } from './things';
import type { Area, Detail, Thing } from './things/thing';

/** What differs between two states of a site, in the words of a designer. */
export interface Difference {
  change: 'added' | 'removed' | 'changed' | 'moved';
  area: Area;
  /** Where it stands in the document. */
  path: string;
  /** The thing that came, went or was changed. */
  thing: string;
  /** What of it was changed; null where it came or went as a whole. */
  detail: string | null;
  was: string | null;
  is: string | null;
}

const byPath = (things: readonly Thing[]) => new Map(things.map((thing) => [thing.path, thing]));

/** Things that stand in no other of them: what comes or goes with something else is not told beside it. */
function outermost(things: readonly Thing[]): Thing[] {
  const paths = new Set(things.map(({ path }) => path));
  const isWithin = ({ path }: Thing) => {
    for (let end = path.lastIndexOf('.'); end > 0; end = path.lastIndexOf('.', end - 1))
      if (paths.has(path.slice(0, end))) return true;
    return false;
  };
  return things.filter((thing) => !isWithin(thing));
}

/** A thing in a state of the site. */
interface Seen {
  site: Site;
  thing: Thing;
}

const changed = ({ thing }: Seen, detail: string, was: string, is: string): Difference => ({
  change: 'changed',
  area: thing.area,
  path: thing.path,
  thing: thing.words(),
  detail,
  was,
  is,
});

function changedDetails(before: Seen, after: Seen): Difference[] {
  const named = ({ thing }: Seen) => new Map(thing.details().map((each) => [each.name, each]));
  const was = named(before);
  const is = named(after);
  const says = (detail: Detail | undefined) => detail?.says() ?? 'not said';
  return [...new Set([...was.keys(), ...is.keys()])]
    .filter((name) => !sameData(was.get(name)?.value, is.get(name)?.value))
    .map((name) => changed(after, name, says(was.get(name)), says(is.get(name))));
}

/** What a property is called among others: with its group where another has the same label. */
function propertyName(property: Property, properties: readonly Property[]): string {
  const alike = properties.filter(({ label }) => label === property.label);
  return alike.length > 1 ? `${property.group}: ${property.label}` : property.label;
}

/** What a cell says, in words; where nothing is said there, what it comes to. */
function cellText({ site }: Seen, values: Values, property: Property, cell: string): string {
  const chain = bandChain(site.bands);
  const said = values[property.name]?.[cell];
  if (said !== undefined) return valueText(site, property, said);
  // A band or a language that is not of this site follows nothing.
  const of = property.by === 'width' && !chain.some((band) => cell.startsWith(band)) ? chain[0]! : cell;
  return `${valueText(site, property, settledValue(values, property, chain, of).value)}, followed`;
}

function changedValues(before: Seen, after: Seen): Difference[] {
  const was = before.thing.valued;
  const is = after.thing.valued;
  if (!was || !is || sameData(was.values, is.values)) return [];
  return is.properties.flatMap((property) => {
    const [first, second] = [was.values[property.name] ?? {}, is.values[property.name] ?? {}];
    return [...new Set([...Object.keys(first), ...Object.keys(second)])]
      .filter((cell) => !sameData(first[cell], second[cell]))
      .map((cell) => {
        const named = cellName(after.site, cell) ?? cellName(before.site, cell);
        const label = propertyName(property, is.properties);
        return changed(
          after,
          named === null ? label : `${label}, ${named}`,
          cellText(before, was.values, property, cell),
          cellText(after, is.values, property, cell),
        );
      });
  });
}

/** How many names of an order are told. */
const MOST_NAMES = 8;

/** The order of what stands in a thing both before and after, where it is another. */
function changedOrder(before: Seen, after: Seen): Difference[] {
  const was = before.thing.order;
  const is = after.thing.order;
  if (!was || !is) return [];
  const both = new Set(was.ids.filter((id) => is.ids.includes(id)));
  const kept = (ids: readonly string[]) => ids.filter((id) => both.has(id));
  const [first, second] = [kept(was.ids), kept(is.ids)];
  if (sameData(first, second)) return [];
  // What stands in the same place at both ends of a long list says nothing.
  const from = first.findIndex((id, index) => id !== second[index]);
  const told = (ids: readonly string[], name: (id: string) => string) => {
    const names = ids.slice(from, from + MOST_NAMES).map(name);
    return `${from > 0 ? '… ' : ''}${names.join(', ')}${ids.length > from + MOST_NAMES ? ' …' : ''}`;
  };
  const [earlier, later] = [told(first, was.name), told(second, is.name)];
  return [{ ...changed(after, `Order of ${is.of}`, earlier, later), change: 'moved' }];
}

const whole = (change: 'added' | 'removed', thing: Thing): Difference => ({
  change,
  area: thing.area,
  path: thing.path,
  thing: thing.words(),
  detail: null,
  was: null,
  is: null,
});

/**
 * What differs between two states of a site, thing by thing: what came and what went as a whole, every value that was changed with what
 * it was and is, and orders. Empty for two documents that say the same.
 */
export function differences(before: Site, after: Site): Difference[] {
  const was = thingsOf(before);
  const is = thingsOf(after);
  const [wasAt, isAt] = [byPath(was), byPath(is)];
  return [
    ...outermost(was.filter(({ path }) => !isAt.has(path))).map((thing) => whole('removed', thing)),
    ...outermost(is.filter(({ path }) => !wasAt.has(path))).map((thing) => whole('added', thing)),
    ...is.flatMap((thing) => {
      const earlier = wasAt.get(thing.path);
      if (!earlier) return [];
      const both = [
        { site: before, thing: earlier },
        { site: after, thing },
      ] as const;
      return [...changedDetails(...both), ...changedValues(...both), ...changedOrder(...both)];
    }),
  ];
}
