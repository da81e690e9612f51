import type { Division } from '../properties/kinds/division';
import * as v from 'valibot';
import { idSchema, own } from '../ids/id';
import { barSchema, baySchema, pieceSchema, type Assembly, type Bar } from '../site/assembly';
import { nameSchema } from '../site/name';
import type { Site } from '../site/site';
import { findAssembly } from './assemblies';
import { editKind } from './edit-kind';
import { assemblyPlaceSchema, type AssemblyPlace } from './place';

const indexSchema = v.pipe(v.number(), v.integer(), v.minValue(0));

/** A bar with the assembly that it is in, or a sentence that says what is gone. */
export function findBar(
  site: Site,
  edit: { at: AssemblyPlace; bar: string },
): { assembly: Assembly; bar: Bar } | string {
  const assembly = findAssembly(site, edit.at);
  if (typeof assembly === 'string') return assembly;
  const bar = own(assembly.bars, edit.bar);
  return bar ? { assembly, bar } : `The bar is no longer in “${assembly.name}”.`;
}

/** Puts a bar in with the pieces that stand in it: below all others, or at a place among them counted from the top. */
export const addBar = editKind({
  title: 'Add a bar',
  schema: v.strictObject({
    edit: v.literal('addBar'),
    at: assemblyPlaceSchema,
    bar: barSchema,
    pieces: v.optional(v.array(pieceSchema), []),
    index: v.optional(indexSchema),
  }),
  apply(draft, { at, bar, pieces = [], index }) {
    const assembly = findAssembly(draft, at);
    if (typeof assembly === 'string') return assembly;
    if (own(assembly.bars, bar.id)) return `There is already a bar with the id ${bar.id}.`;
    for (const piece of pieces) {
      if (own(assembly.pieces, piece.id)) return `There is already a piece with the id ${piece.id}.`;
      assembly.pieces[piece.id] = piece;
    }
    assembly.bars[bar.id] = bar;
    assembly.order.splice(index ?? assembly.order.length, 0, bar.id);
    return null;
  },
});

export const renameBar = editKind({
  title: 'Rename a bar',
  schema: v.strictObject({
    edit: v.literal('renameBar'),
    at: assemblyPlaceSchema,
    bar: idSchema,
    name: nameSchema,
  }),
  apply(draft, edit) {
    const found = findBar(draft, edit);
    if (typeof found === 'string') return found;
    found.bar.name = edit.name;
    return null;
  },
});

/** Moves a bar to a place among the others, counted from the top. */
export const moveBar = editKind({
  title: 'Move a bar',
  schema: v.strictObject({
    edit: v.literal('moveBar'),
    at: assemblyPlaceSchema,
    bar: idSchema,
    index: indexSchema,
  }),
  apply(draft, edit) {
    const found = findBar(draft, edit);
    if (typeof found === 'string') return found;
    const { order } = found.assembly;
    order.splice(order.indexOf(edit.bar), 1);
    order.splice(edit.index, 0, edit.bar);
    return null;
  },
});

/** Removes a bar with the pieces in it. */
export const removeBar = editKind({
  title: 'Remove a bar',
  schema: v.strictObject({ edit: v.literal('removeBar'), at: assemblyPlaceSchema, bar: idSchema }),
  apply(draft, edit) {
    const found = findBar(draft, edit);
    if (typeof found === 'string') return found;
    const { assembly, bar } = found;
    if (assembly.order.length === 1)
      return `“${bar.name}” is the last bar of “${assembly.name}”; at least one has to stay.`;
    for (const piece of bar.bays.flatMap((bay) => bay.pieces)) delete assembly.pieces[piece];
    delete assembly.bars[edit.bar];
    assembly.order.splice(assembly.order.indexOf(edit.bar), 1);
    return null;
  },
});

/** Changes the shares of a bar's bays wherever each has one of its own: then they still stand in one row. */
function changeShares({ bays, values }: Bar, change: (shares: number[]) => void): void {
  for (const division of Object.values(values.division ?? {}) as Division[])
    if (division.by === 'shares' && division.shares.length === bays.length) change(division.shares);
}

/** Puts an empty bay into a bar, at a place counted from the start. */
export const addBay = editKind({
  title: 'Add a bay',
  schema: v.strictObject({
    edit: v.literal('addBay'),
    at: assemblyPlaceSchema,
    bar: idSchema,
    bay: baySchema,
    index: indexSchema,
  }),
  apply(draft, edit) {
    const found = findBar(draft, edit);
    if (typeof found === 'string') return found;
    if (edit.bay.pieces.length > 0) return 'A new bay is empty.';
    changeShares(found.bar, (shares) => shares.splice(edit.index, 0, 1));
    found.bar.bays.splice(edit.index, 0, edit.bay);
    return barProblem(found.bar);
  },
});

/** Why a bar cannot have the bays that it has; null when it can. */
function barProblem(bar: Bar): string | null {
  const parsed = v.safeParse(barSchema.entries.bays, bar.bays);
  return parsed.success ? null : parsed.issues[0].message;
}

/** Removes a bay; its pieces go to the bay before it, or from the first to the next. */
export const removeBay = editKind({
  title: 'Remove a bay',
  schema: v.strictObject({
    edit: v.literal('removeBay'),
    at: assemblyPlaceSchema,
    bar: idSchema,
    bay: idSchema,
  }),
  apply(draft, edit) {
    const found = findBar(draft, edit);
    if (typeof found === 'string') return found;
    const { bays, name } = found.bar;
    const index = bays.findIndex((bay) => bay.id === edit.bay);
    if (index < 0) return `The bay is no longer in “${name}”.`;
    if (bays.length === 1) return `It is the last bay of “${name}”; at least one has to stay.`;
    const { pieces } = bays[index]!;
    if (index === 0) bays[1]!.pieces.unshift(...pieces);
    else bays[index - 1]!.pieces.push(...pieces);
    changeShares(found.bar, (shares) => shares.splice(index, 1));
    bays.splice(index, 1);
    return null;
  },
});
