import { followOn, pauseFollowing } from './following';
import type { FrameShown } from './messages';
import { showDrawer, showDropDown } from './opened';
import { isOther, takePage } from './page';
import { keepEnd, tellScroll } from './scrolled';
import { keepStill, takeConditions, takeStyles } from './styles';
import { tell, tellReady } from './telling';

/** What is to be shown, in the order in which it came; the newest says which drawer and drop-down stand open. */
let waiting: FrameShown[] = [];
let shownOnce = false;

// What is put anew under a button that is held down would take the click away.
let pressed = false;
function press(down: boolean): void {
  const letGo = pressed && !down;
  pressed = down;
  // After the click, which comes with the letting go.
  if (letGo && waiting.length > 0) setTimeout(() => requestAnimationFrame(show));
}
addEventListener(
  'pointerdown',
  ({ pointerType, button }) => button === 0 && press(pointerType !== 'touch'),
  true,
);
for (const ended of ['pointerup', 'pointercancel']) addEventListener(ended, () => press(false), true);
addEventListener('pointermove', ({ buttons }) => pressed && buttons === 0 && press(false), true);

function show(): void {
  const newest = waiting.at(-1);
  if (pressed || !newest) return;
  const changes = waiting;
  waiting = [];
  const endKept = keepEnd();
  const taken = changes.map(({ page, css }) => [takePage(page), takeStyles(css)]).flat();
  // Told anew, the workbench sends all that there is.
  if (taken.includes(false)) tellReady();
  takeConditions('other');
  keepStill(newest.still);
  const newPage = changes.some(({ page }) => isOther(page));
  showDrawer(newest.drawer, newPage);
  showDropDown(newest.dropDown, newPage);
  if (newest.atEnd) endKept();
  tellScroll();
  pauseFollowing();
  setTimeout(() => {
    requestIdleCallback(() => takeConditions('all'));
    tell({ says: 'painted', round: newest.round, at: performance.timeOrigin + performance.now() });
    followOn();
  });
}

/** Takes over something new, in the same picture as all other views: one after another, each would wait for the one before. */
export function showSoon(asked: FrameShown): void {
  tell({ says: 'heard', round: asked.round });
  waiting.push(asked);
  if (waiting.length > 1) return;
  // A frame that has shown nothing yet may wait long for its first picture.
  if (shownOnce) requestAnimationFrame(show);
  else show();
  shownOnce = true;
}
