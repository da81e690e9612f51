import { EVERYWHERE, settle, type Settled } from '../bands/follow';
import type { Property, Values } from '../properties/property';

/** The value of one property in a band, with the band that it comes from. */
export function settledValue(
  values: Values,
  property: Property,
  chain: readonly string[],
  band: string,
): Settled<unknown> {
  const cells = values[property.name] ?? {};
  return property.banded
    ? settle(cells, chain, band, property.initial)
    : settle(cells, [EVERYWHERE], EVERYWHERE, property.initial);
}

/** Every property's value in a band, by name. */
export function settledValues(
  values: Values,
  properties: readonly Property[],
  chain: readonly string[],
  band: string,
): Record<string, unknown> {
  return Object.fromEntries(
    properties.map((each) => [each.name, settledValue(values, each, chain, band).value]),
  );
}
