/** What undo and redo of a window reach, told from the list of what was done. */

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
  /** The window that it came from; null where that is not known. */
  window: string | null;
}

/** Whose undo it is: a window, and up to which revision all edits count as its own, whichever window they came from. */
export interface Owner {
  window: string;
  from: number;
}

/** The edits of an owner that are done, and those that it has taken back, each in the order in which they are reached last. */
export interface History<S extends Step = Step> {
  done: S[];
  undone: S[];
}

/** The history before anything was done. */
export function newHistory<S extends Step>(): History<S> {
  return { done: [], undone: [] };
}

/** Takes one edit out of a stack; undefined when it does not stand there. */
function takeOut<S extends Step>(stack: S[], revision: number | null): S | undefined {
  const index = stack.findLastIndex((step) => step.revision === revision);
  return index < 0 ? undefined : stack.splice(index, 1)[0];
}

/** Goes on by one revision, in place: a history may be of a hundred thousand. */
export function advance<S extends Step>(history: History<S>, step: S, { window, from }: Owner): void {
  const { done, undone } = history;
  const mine = step.window === window || step.revision <= from;
  if (step.kind === 'upgrade') {
    done.length = 0;
    undone.length = 0;
  } else if (step.kind === 'edit') {
    if (!mine) return;
    done.push(step);
    undone.length = 0;
  } else {
    const [stack, other] = step.kind === 'undo' ? [done, undone] : [undone, done];
    const edit = takeOut(stack, step.of);
    // What another window took back is not for this one to do again.
    if (edit && (mine || step.kind === 'redo')) other.push(edit);
  }
}

/** What is reached at the top of a stack: its last gesture with those above it that came to nothing; empty where all did. */
function reachIn<S extends Step>(
  stack: readonly S[],
  cameToNothing: (gesture: readonly S[]) => boolean,
): S[] {
  for (let end = stack.length; end > 0;) {
    const { group } = stack[end - 1]!;
    const before =
      group === null ? end - 2 : stack.slice(0, end).findLastIndex((step) => step.group !== group);
    if (!cameToNothing(stack.slice(before + 1, end))) return stack.slice(before + 1).reverse();
    end = before + 1;
  }
  return [];
}

/**
 * What the next undo takes back, latest first, and the next redo does again, earliest first; empty for nothing. Of a gesture
 * that came to nothing, such as a text that was refused in the end, there is nothing to see: it goes with the one before it.
 */
export function reach<S extends Step>(
  { done, undone }: History<S>,
  cameToNothing: (gesture: readonly S[]) => boolean,
): { undo: S[]; redo: S[] } {
  return { undo: reachIn(done, cameToNothing), redo: reachIn(undone, cameToNothing) };
}
