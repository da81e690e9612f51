import * as v from 'valibot';
import { pieceKinds } from '../pieces';
import { assemblyProperties } from '../properties/assembly';
import type { AssemblyKind } from '../properties/assembly-kind';
import { bayProperties } from '../properties/bay';
import { barProperties } from '../properties/bar';
import { idSchema, type Id } from '../ids/id';
import { MOST_BAYS } from '../properties/kinds/division';
import { valuesSchema, type Values } from '../properties/property';
import { collapseRulesSchema } from './collapse-rule';
import { nameSchema } from './name';

export interface Piece {
  id: Id;
  kind: string;
  values: Values;
}

/** What stands in a bar: pieces by kind, each with the values of that kind's own properties. */
export const pieceSchema = v.variant(
  'kind',
  pieceKinds.map((kind) =>
    v.strictObject({ id: idSchema, kind: v.literal(kind.kind), values: valuesSchema(kind.properties) }),
  ),
  `A piece’s kind is one of: ${pieceKinds.map((kind) => kind.kind).join(', ')}.`,
) as unknown as v.GenericSchema<unknown, Piece>;

/** A part of a bar, with the ids of the pieces in it in their order. */
export const baySchema = v.strictObject({
  id: idSchema,
  pieces: v.array(idSchema),
  values: valuesSchema(bayProperties),
});
export type Bay = v.InferOutput<typeof baySchema>;

/** One horizontal strip, with its bays from the start to the end. */
export const barSchema = v.strictObject({
  id: idSchema,
  name: nameSchema,
  bays: v.pipe(
    v.array(baySchema),
    v.minLength(1, 'At least one bay has to stay.'),
    v.maxLength(MOST_BAYS, `A bar has at most ${MOST_BAYS} bays.`),
  ),
  values: valuesSchema(barProperties),
  /** What it does as the room shrinks. */
  rules: v.optional(collapseRulesSchema),
});
export type Bar = v.InferOutput<typeof barSchema>;

export interface Assembly {
  id: Id;
  name: string;
  /** The bars from top to bottom. */
  order: Id[];
  bars: Record<Id, Bar>;
  pieces: Record<Id, Piece>;
  values: Values;
}

/** A header, drawer or footer: bars on top of each other. */
export function assemblySchema(kind: AssemblyKind): v.GenericSchema<unknown, Assembly> {
  return v.strictObject({
    id: idSchema,
    name: nameSchema,
    order: v.pipe(v.array(idSchema), v.minLength(1, 'At least one bar has to stay.')),
    bars: v.record(idSchema, barSchema),
    pieces: v.record(idSchema, pieceSchema),
    values: valuesSchema(assemblyProperties[kind]),
  }) as unknown as v.GenericSchema<unknown, Assembly>;
}

/** The ids of all pieces in the bars of an assembly, in reading order. */
export function piecesInOrder({ order, bars }: Pick<Assembly, 'order' | 'bars'>): Id[] {
  return order.flatMap((bar) => bars[bar]!.bays.flatMap((bay) => bay.pieces));
}

/** What a bay is called in a bar of so many: those of three bear the names of their places. */
export function bayName(index: number, count: number): string {
  if (count === 1) return 'whole bar';
  if (index === 0) return 'start';
  if (index === count - 1) return 'end';
  return count === 3 ? 'middle' : `middle ${index}`;
}
