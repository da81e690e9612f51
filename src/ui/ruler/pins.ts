import type { RulerStretch } from './model';

/** A width at which it changes how things stand. */
export interface Pin {
  /** The first whole width above the change, in CSS px. */
  width: number;
  below: RulerStretch;
  above: RulerStretch;
}

/** Where the status changes, from the narrowest to the widest; what changes between two whole widths is one pin. */
export function pinsOf(stretches: readonly RulerStretch[]): Pin[] {
  const changes = stretches
    .slice(1)
    .map((above, index) => ({ width: Math.ceil(above.from - 1e-6), below: stretches[index]!, above }));
  return changes
    .reduce<Pin[]>((pins, next) => {
      const last = pins.at(-1);
      return last?.width === next.width
        ? [...pins.slice(0, -1), { ...last, above: next.above }]
        : [...pins, next];
    }, [])
    .filter(({ below, above }) => below.status !== above.status);
}

/** The pins that have room for their figure: each so far from the one before that shows its own, in CSS px of the viewport. */
export function figuredPins(pins: readonly Pin[], room: number): Set<Pin> {
  const figured = new Set<Pin>();
  let last = -Infinity;
  for (const pin of pins) {
    if (pin.width - last < room) continue;
    figured.add(pin);
    last = pin.width;
  }
  return figured;
}

/** The whole widths on both sides of each change. */
export function stopsOf(stretches: readonly RulerStretch[]): number[] {
  return pinsOf(stretches).flatMap(({ width }) => [width - 1, width]);
}
