import { apply as applyTo, create, type Patches } from 'mutative';
import { problemText } from '../site/problem';
import type { Site } from '../site/site';
import { changeProblems } from '../site/soundness';
import { kindOf, type Edit } from './index';

/** One step of a change as plain data: an operation, a path inside the document, a value. */
export type Patch = Patches<true>[number];

export interface Change {
  /** The site after the change; the same object when nothing changed. */
  site: Site;
  patches: Patch[];
  /** What takes the change back. */
  inverse: Patch[];
}
export type Outcome = ({ ok: true } & Change) | { ok: false; reason: string };

/** An edit is data that is sent as JSON. */
const copyOf = (edit: Edit) => JSON.parse(JSON.stringify(edit)) as Edit;

/**
 * The site after these edits, all of them or none. Refused with a sentence where an edit cannot apply, or where the
 * document could not be read again afterwards, or would not hold together (a removed page that a menu points to, a fourth level …).
 */
export function applyEdits(site: Site, edits: readonly Edit[]): Outcome {
  const [draft, finish] = create(site, { enablePatches: true });
  for (const edit of edits) {
    // What an edit brings becomes part of the draft, where later ones change it: the edit itself stays as it is.
    const reason = kindOf(edit).apply(draft, copyOf(edit));
    if (reason !== null) return { ok: false, reason };
  }
  const [next, patches, inverse] = finish();
  const [problem] = next === site ? [] : changeProblems(site, next);
  if (problem) return { ok: false, reason: problemText(problem) };
  return { ok: true, site: next, patches, inverse };
}

/** The site after patches that were made from this very state. Throws when they do not fit it. */
export function applyPatches(site: Site, patches: readonly Patch[]): Site {
  return patches.length === 0 ? site : applyTo(site, [...patches]);
}
