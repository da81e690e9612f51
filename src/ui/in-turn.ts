import { useEffect, useState } from 'react';

/** How long is waited before each turn, in ms: what a hand asks for comes in between. */
export const PAUSE = 40;

/** How long one turn may keep the others waiting, in ms: what never says that it is done is not waited for. */
export const LONGEST = 4000;

/** Those whose turn is to come, in the order in which they asked. */
const waiting = new Set<() => void>();
let isBusy = false;

function goOn(): void {
  if (isBusy) return;
  const [first] = waiting;
  if (!first) return;
  isBusy = true;
  setTimeout(() => {
    // Who waited first may have called off meanwhile.
    const [turn] = waiting;
    if (!turn) return end();
    waiting.delete(turn);
    turn();
  }, PAUSE);
}

function end(): void {
  isBusy = false;
  goOn();
}

/**
 * Does what takes long and can wait, such as pictures of many things: one after another on the whole screen, with a pause before
 * each, and the next one only when the last one has said that it is over. Gives what calls it off, or ends its turn.
 */
export function inTurn(work: (over: () => void) => void): () => void {
  let isOver = false;
  let patience: ReturnType<typeof setTimeout> | undefined;
  const over = () => {
    clearTimeout(patience);
    if (isOver) return;
    isOver = true;
    // One that has not begun keeps nobody waiting.
    if (!waiting.delete(turn)) end();
  };
  const turn = () => {
    patience = setTimeout(over, LONGEST);
    work(over);
  };
  waiting.add(turn);
  goOn();
  return over;
}

/** What says that something was drawn, as soon as it is its turn; null until then. It asks for a turn once it is wanted. */
export function useTurn(wanted: boolean): (() => void) | null {
  const [over, setOver] = useState<(() => void) | null>(null);
  useEffect(() => (wanted ? inTurn((done) => setOver(() => done)) : undefined), [wanted]);
  return over;
}
