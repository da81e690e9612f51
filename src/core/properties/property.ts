import * as v from 'valibot';
import type { Rules } from '../markup/css';
import { EVERYWHERE, type CellValues } from '../bands/follow';
import type { Id } from './id';
import type { Kind } from './kinds/kind';

/** The names under which parts of the brand stand in the stylesheet. */
export interface CssNames {
  /** `var(--radius-small)` for a token of the brand. */
  token(id: Id): string;
  /** `var(--nav-label-size)` for what a type style says of text: its `size`, `weight`, `family` … */
  typeStyle(id: Id, part: string): string;
  /** A font family with the families that stand in for it. */
  family(id: Id): string;
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
  /** Whether the value may differ per band; else it is the same at every width. */
  banded: boolean;
  /** The value where none was set. */
  initial: NoInfer<T>;
  /**
   * The CSS of a value; `&` in a selector stands for the thing itself. Whatever the value, the same selectors and
   * properties have to be named, so that a narrower band can take back what a wider one said.
   */
  css?(value: T, names: CssNames): Rules;
}

/** States a property with its value's type inferred, to be kept among others in a list. */
export function property<T>(definition: Property<T>): Property {
  return definition as unknown as Property;
}

/** Property name to the values of its cells; what has no entry has its initial value. */
export type Values = Readonly<Record<string, CellValues<unknown>>>;

/** The schema of the values of these properties: unknown names and unbanded cells other than `all` are refused. */
export function valuesSchema(properties: readonly Property[]): v.GenericSchema<unknown, Values> {
  const entries = properties.map((each) => {
    const cells = each.banded
      ? v.record(v.string(), each.kind.schema)
      : v.strictObject({ [EVERYWHERE]: each.kind.schema });
    return [each.name, v.optional(cells)] as const;
  });
  return v.strictObject(Object.fromEntries(entries)) as unknown as v.GenericSchema<unknown, Values>;
}
