import { tellAgain } from './pointing';

// What moves by itself is followed for as long as motions last, and no longer than they may, in ms.
const FOLLOWED = 800;
let until = 0;
let following = false;
// What is shown anew is painted first: where things stand by then is told in the pictures after it.
let paused = false;

function step(): void {
  following = false;
  if (paused) return;
  tellAgain();
  if (performance.now() < until && document.getAnimations().length > 0) nextStep();
}

function nextStep(): void {
  if (following || paused) return;
  following = true;
  requestAnimationFrame(step);
}

/** Tells in the pictures that come where things stand by then. */
export function follow(): void {
  until = performance.now() + FOLLOWED;
  nextStep();
}

/** Waits with that until `followOn`. */
export const pauseFollowing = (): void => {
  paused = true;
};

/** Goes on with it. */
export function followOn(): void {
  paused = false;
  follow();
}

/** Follows whatever moves things on the page. */
export function watchMoves(): void {
  for (const moved of ['scroll', 'toggle', 'transitionrun', 'click'])
    document.addEventListener(moved, follow, { capture: true, passive: true });
  // Pictures and fonts that come move what stands beside them.
  document.addEventListener('load', follow, true);
  document.fonts.addEventListener('loadingdone', follow);
  addEventListener('resize', follow);
}
