import * as v from 'valibot';
import type { Declarations, Rules } from '../markup/css';
import { EVERYWHERE, type CellValues } from '../bands/follow';
import type { AssemblyKind } from './assembly-kind';
import type { Axis } from './axis';
import type { Giving, TurnOffer } from './giving';
import type { Id } from '../ids/id';
import type { Kind } from './kinds/kind';
import { states, type State, type StatedPart } from './states';

/** The names under which parts of the brand stand in the stylesheet. */
export interface CssNames {
  /** `var(--radius-small)` for a token of the brand. */
  token(id: Id): string;
  /** The declarations by which a text takes a type style. */
  typeCss(id: Id): Declarations;
  /** `var(--nav-label-size)` for what a type style says of text: its `size`, `weight`, `family` … */
  typeStyle(id: Id, part: string): string;
  /** A font family with the families that stand in for it. */
  family(id: Id): string;
  /** `url("artwork/…")` for a picture of the site’s artwork. */
  picture(id: Id): string;
}

/**
 * A property that a designer sets on a bar, a piece, a drawer or the brand. The sheet, the document's schema, the
 * resolver and the stylesheet writer all read this one definition.
 */
export interface Property<T = unknown> {
  name: string;
  label: string;
  /** The heading under which the sheet lists it. */
  group: string;
  kind: Kind<T>;
  /** What the value may differ by; null when it is the same everywhere. */
  by: Axis;
  /** Whether a value by width may also differ by phase of scrolling. */
  phased?: boolean;
  /** The value where none was set. */
  initial: NoInfer<T>;
  /** Values that states have where none was set for them; every other state follows. */
  initialStates?: Partial<Record<State, NoInfer<T>>>;
  /**
   * Whether some value takes back what the initial one says, down to the rules of the kind: then the initial one is written for
   * each piece, not once for all.
   */
  givesWay?: boolean;
  /** What a value by width comes to beside the others of the same piece or bar, in words, where that is not what it says; with all of them settled. */
  aside?(values: Record<string, unknown>): string | null;
  /** How far a length of it can give way where room is short. */
  gives?: Giving;
  /** What a collapse rule can turn it to. */
  turns?: readonly TurnOffer[];
  /** The part of the piece's own type style that holds where the property says nothing. */
  ofStyle?: 'size';
  /** The property of what it stands in, or of the brand, that holds where it says nothing. */
  asOf?: { on: 'bay' | 'bar' | 'brand'; property: string };
  /** Whether it says in which weight some text of the piece is set. */
  setsWeight?: boolean;
  /** The one kind of assembly whose bars have it. */
  only?: AssemblyKind;
  /** Whether what it says of a bar is without influence on how wide anything in it is. */
  leavesWidths?: boolean;
  /** Whether what it says takes room of its own, so that a state that says otherwise moves what stands beside it. */
  takesRoom?: boolean;
  /** Whether what it says of a part is also said of what stands upon it. */
  reachesUpon?: boolean;
  /** The part of the piece that a value by state dresses: `&` in the selectors of `css` then stands for it. */
  part?: StatedPart;
  /**
   * The CSS of a value; `&` in a selector stands for the thing itself. Whatever the value, the same selectors and
   * properties have to be named, so that a narrower band can take back what a wider one said. By state, only what a
   * state changes is written.
   */
  css?(value: T, names: CssNames): Rules;
}

/** Marks a property, or a list of them, with the type of the values that it settles: nothing of it is there at run time. */
declare const settles: unique symbol;
type Settling<V> = { readonly [settles]?: V };
type TypedProperty<V> = Property & Settling<V>;
/** Properties with the type of what they settle, by name. */
export type PropertyList<V> = readonly Property[] & Settling<V>;

/** The values of properties, settled: by name, what differs by state by its states. */
export type ValuesOf<L> = L extends Settling<infer V> ? { readonly [Name in keyof V]: V[Name] } : never;

type Joined<L extends readonly unknown[]> = L extends readonly [infer First, ...infer Others]
  ? (First extends Settling<infer V> ? V : unknown) & Joined<Others>
  : unknown;

/** A property’s value by state: that of rest, and of each state in which it is another. */
export type ByState<T> = Partial<Record<State, T>> & { rest: T };

/** States a property with its value's type inferred, to be kept among others in a list. */
export function property<const Name extends string, const By extends Axis, T>(
  definition: Property<T> & { name: Name; by: By },
): TypedProperty<{ [Key in Name]: By extends 'state' ? ByState<T> : T }> {
  return definition as unknown as Property;
}

/** Properties and lists of them as one list, with the type of all that they settle. */
export function propertyList<L extends readonly (Property | readonly Property[])[]>(
  ...parts: L
): PropertyList<Joined<L>> {
  return parts.flat();
}

/** A list of properties but the one of a name. */
export function without<V, Name extends keyof V & string>(
  list: PropertyList<V>,
  name: Name,
): PropertyList<Omit<V, Name>> {
  return list.filter((each) => each.name !== name);
}

/** Property name to the values of its cells; what has no entry has its initial value. */
export type Values = Readonly<Record<string, CellValues<unknown>>>;

function cellsSchema({ by, part, kind: { schema } }: Property) {
  if (by === 'width' || by === 'language') return v.record(v.string(), schema);
  if (by === null) return v.strictObject({ [EVERYWHERE]: schema });
  const cells = (part?.states ?? states).map((state) => [state, v.optional(schema)]);
  return v.strictObject(Object.fromEntries(cells));
}

/** The schema of the values of these properties: names and cells that they do not have are refused; bands and languages are looked at with the site (site/integrity.ts). */
export function valuesSchema(properties: readonly Property[]): v.GenericSchema<unknown, Values> {
  const entries = properties.map((each) => {
    const cells = cellsSchema(each);
    return [each.name, v.optional(cells)] as const;
  });
  return v.strictObject(Object.fromEntries(entries)) as unknown as v.GenericSchema<unknown, Values>;
}
