/** How long what is painted is waited for where nothing is, as in a window that is not seen; in ms. */
const UNSEEN = 400;

/** How many things are being painted elsewhere, and what waits for them. */
let elsewhere = 0;
const waiting = new Set<() => void>();

/**
 * Says that something is about to be painted elsewhere: browsers draw views in a process of their own, which what follows from an edit would
 * take the machine from. Gives what says that it was painted.
 */
export function paintingElsewhere(): () => void {
  elsewhere += 1;
  let isOver = false;
  const over = () => {
    clearTimeout(timer);
    if (isOver) return;
    isOver = true;
    elsewhere -= 1;
    if (elsewhere === 0) for (const call of [...waiting]) call();
  };
  const timer = setTimeout(over, UNSEEN);
  return over;
}

/**
 * Calls back once what is about to be drawn was painted: what was typed, and what the views show that are told of it in the same task.
 * Gives what calls that off.
 */
export function afterPainting(call: () => void): () => void {
  let frame = 0;
  const timers: ReturnType<typeof setTimeout>[] = [];
  const callOff = () => {
    cancelAnimationFrame(frame);
    timers.forEach(clearTimeout);
    waiting.delete(called);
  };
  const called = () => {
    callOff();
    call();
  };
  // Views in this process are told before this task, so what they draw is in its next frame; and that is painted before the task after it.
  const awaited = () => {
    frame = requestAnimationFrame(() =>
      timers.push(setTimeout(() => (elsewhere === 0 ? called() : waiting.add(called)))),
    );
  };
  timers.push(setTimeout(awaited), setTimeout(called, UNSEEN));
  return callOff;
}
