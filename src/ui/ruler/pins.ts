import type { RulerStretch } from './model';

/** A width at which it changes how things stand. */
export interface Pin {
  /** The first whole width above the change, in CSS px. */
  width: number;
  below: RulerStretch;
  above: RulerStretch;
}

/** Where the status changes, from the narrowest to the widest. */
export function pinsOf(stretches: readonly RulerStretch[]): Pin[] {
  return stretches
    .slice(1)
    .map((above, index) => ({ width: Math.ceil(above.from - 1e-6), below: stretches[index]!, above }))
    .filter(({ below, above }) => below.status !== above.status);
}

/** The whole widths on both sides of each change. */
export function stopsOf(stretches: readonly RulerStretch[]): number[] {
  return pinsOf(stretches).flatMap(({ width }) => [width - 1, width]);
}
