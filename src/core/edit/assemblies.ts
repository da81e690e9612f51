import * as v from 'valibot';
import { own } from '../ids/id';
import { assemblyNouns, type AssemblyKind } from '../properties/assembly-kind';
import { assemblySchema, type Assembly } from '../site/assembly';
import { nameSchema } from '../site/name';
import { takeOff } from '../site/placing';
import type { Site } from '../site/site';
import { editKind } from './edit-kind';
import { assemblyPlaceSchema, type AssemblyPlace } from './place';

/** The assembly at a place, or a sentence that says that it is gone. */
export function findAssembly(site: Site, at: AssemblyPlace): Assembly | string {
  return own(site[at.in], at.assembly) ?? `This ${assemblyNouns[at.in]} is no longer there.`;
}

function addVariant<K extends AssemblyKind>(kind: K) {
  return v.strictObject({
    edit: v.literal('addAssembly'),
    in: v.literal(kind),
    assembly: assemblySchema(kind),
  });
}

export const addAssembly = editKind({
  title: 'Add a header, drawer or footer',
  schema: v.variant('in', [addVariant('headers'), addVariant('drawers'), addVariant('footers')]),
  apply(draft, edit) {
    if (own(draft[edit.in], edit.assembly.id))
      return `There is already a ${assemblyNouns[edit.in]} with the id ${edit.assembly.id}.`;
    draft[edit.in][edit.assembly.id] = edit.assembly;
    return null;
  },
});

export const renameAssembly = editKind({
  title: 'Rename',
  schema: v.strictObject({ edit: v.literal('renameAssembly'), at: assemblyPlaceSchema, name: nameSchema }),
  apply(draft, edit) {
    const assembly = findAssembly(draft, edit.at);
    if (typeof assembly === 'string') return assembly;
    assembly.name = edit.name;
    return null;
  },
});

/** Removes a header, drawer or footer; rules and pages that gave it say nothing of it any more. */
export const removeAssembly = editKind({
  title: 'Remove a header, drawer or footer',
  schema: v.strictObject({ edit: v.literal('removeAssembly'), at: assemblyPlaceSchema }),
  apply(draft, { at }) {
    const assembly = findAssembly(draft, at);
    if (typeof assembly === 'string') return assembly;
    delete draft[at.in][at.assembly];
    takeOff(draft, at.assembly);
    return null;
  },
});
