/** How long a frame is waited for where none is drawn, as in a window that is not seen; in ms. */
const UNSEEN = 400;

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
  };
  const called = () => {
    callOff();
    call();
  };
  // Messages to the views come before this task, so what they draw is in its next frame; and that is painted before the task after it.
  const awaited = () => {
    frame = requestAnimationFrame(() => timers.push(setTimeout(called)));
  };
  timers.push(setTimeout(awaited), setTimeout(called, UNSEEN));
  return callOff;
}
