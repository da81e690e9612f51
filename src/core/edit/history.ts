/** What undo and redo reach, told from the list of what was done. */

/**
 * One revision: an edit, a step back or forward over an earlier revision, or the upgrade of the document to a new form, which
 * nothing before it can be undone across.
 */
export interface Step {
  revision: number;
  kind: 'edit' | 'undo' | 'redo' | 'upgrade';
  /** The revision that an undo took back or a redo did again; null for an edit or an upgrade. */
  of: number | null;
  /** Edits of one gesture (typing, dragging) bear the same group and are undone as one. */
  group: string | null;
}

export interface Reach {
  /** The revisions of edits that the next undo takes back, latest first; empty when there is nothing to undo. */
  undo: number[];
  /** The revisions that the next redo does again, earliest first. */
  redo: number[];
}

/** A stack's top entry with those right below it that belong to the same gesture, top first. */
function topGroup(stack: readonly Step[]): number[] {
  const top = stack.at(-1);
  if (!top) return [];
  const start =
    top.group === null ? stack.length - 1 : stack.findLastIndex((step) => step.group !== top.group) + 1;
  return stack
    .slice(start)
    .map((step) => step.revision)
    .reverse();
}

/** What the next undo and redo reach after these steps, which are in the order of their revisions. */
export function reach(steps: readonly Step[]): Reach {
  const edits = new Map(steps.filter((step) => step.kind === 'edit').map((step) => [step.revision, step]));
  const done: Step[] = [];
  const undone: Step[] = [];
  for (const step of steps) {
    if (step.kind === 'upgrade') {
      done.length = 0;
      undone.length = 0;
      continue;
    }
    if (step.kind === 'edit') {
      done.push(step);
      undone.length = 0;
      continue;
    }
    const [from, to] = step.kind === 'undo' ? [done, undone] : [undone, done];
    const top = from.pop();
    if (!top || top.revision !== step.of)
      throw new Error(`Revision ${step.revision} does not ${step.kind} the top of the history`);
    to.push(edits.get(top.revision)!);
  }
  return { undo: topGroup(done), redo: topGroup(undone) };
}
