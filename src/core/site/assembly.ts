import * as v from 'valibot';
import { pieceKinds } from '../pieces';
import { assemblyProperties, type AssemblyKind } from '../properties/assembly';
import { barProperties } from '../properties/bar';
import { idSchema, type Id } from '../properties/id';
import { valuesSchema, type Values } from '../properties/property';
import { nameSchema } from './name';

/** A bar divided by edges has these bays, the middle truly centred. */
export const edgeBays = ['start', 'middle', 'end'] as const;
export type EdgeBay = (typeof edgeBays)[number];

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

const baysSchema = v.strictObject({
  start: v.array(idSchema),
  middle: v.array(idSchema),
  end: v.array(idSchema),
});

/** One horizontal strip. Its bays hold the ids of pieces in their order. */
export const barSchema = v.strictObject({
  id: idSchema,
  name: nameSchema,
  division: v.literal('edges'),
  bays: baysSchema,
  values: valuesSchema(barProperties),
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
