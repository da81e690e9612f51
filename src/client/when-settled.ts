/** How long after something was taken over from elsewhere nothing of that is worked out here, in ms: the views are drawn with it first. */
const SETTLING = 1000;

// Not every browser tells when it is idle.
export const whenIdle = (work: () => void) =>
  typeof requestIdleCallback === 'function' ? requestIdleCallback(work) : setTimeout(work);

/** Does something once what was taken over is drawn, and nothing else is to be done. Gives what calls that off. */
export function whenSettled(work: () => void): () => void {
  let isOff = false;
  const timer = setTimeout(() => whenIdle(() => isOff || work()), SETTLING);
  return () => {
    isOff = true;
    clearTimeout(timer);
  };
}
