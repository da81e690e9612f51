import type { FramePoint } from './messages';
import { chainOf, pointers, tellPointed } from './pointing';
import { tell } from './telling';

/** How far the pointer goes until something is dragged, in px of the screen. */
const FAR = 5;

const pointOf = ({ clientX, clientY }: PointerEvent): FramePoint => ({
  x: clientX,
  y: clientY,
  rightToLeft: document.documentElement.dir === 'rtl',
});

/** What the pointer holds, and where it took it. */
interface Held {
  element: Element;
  screenX: number;
  screenY: number;
  moves: boolean;
}
let held: Held | null = null;
let dragged = false;

/** Whether what is clicked now was dragged. */
export const wasDragged = (): boolean => dragged;

function letGo(at: FramePoint | null): void {
  const moves = held?.moves;
  held = null;
  if (!moves) return;
  dragged = true;
  tell({ says: 'dropped', at });
}

/** Tells of a thing that is dragged: the workbench says what it is and where it can go. */
export function watchDragging(): void {
  document.addEventListener('pointerdown', (event) => {
    dragged = false;
    const { button, ctrlKey, metaKey, shiftKey, pointerType, screenX, screenY, target } = event;
    const other = button !== 0 || ctrlKey || metaKey || shiftKey || pointerType === 'touch';
    if (pointers() === null || other) return;
    held = { element: target as Element, screenX, screenY, moves: false };
  });
  document.addEventListener('pointermove', (event) => {
    if (held === null) return;
    if (!(event.buttons & 1)) return letGo(null);
    if (!held.moves) {
      if (Math.hypot(event.screenX - held.screenX, event.screenY - held.screenY) < FAR) return;
      held.moves = true;
      document.documentElement.setPointerCapture(event.pointerId);
      tell({ says: 'grasped', chain: chainOf(held.element) });
    }
    tell({ says: 'dragged', at: pointOf(event) });
  });
  document.addEventListener('pointerup', (event) => letGo(pointOf(event)));
  document.addEventListener('pointercancel', () => letGo(null));
  document.addEventListener('pointerover', ({ target }) => held?.moves || tellPointed(target as Element));
  document.documentElement.addEventListener('pointerleave', () => tellPointed(null));
  document.addEventListener('scroll', () => tellPointed(null), { capture: true, passive: true });
}
