import type { FrameBox } from './messages';

/** Where an element is drawn; what has no box of its own stands where what is in it does. */
export function boxOf(element: Element): FrameBox {
  const { left, top, width, height } = element.getBoundingClientRect();
  if (width > 0 || height > 0 || getComputedStyle(element).display !== 'contents')
    return { x: left, y: top, width, height };
  const inside = [...element.children].map(boxOf).filter((box) => box.width > 0 && box.height > 0);
  const x = Math.min(...inside.map((box) => box.x));
  const y = Math.min(...inside.map((box) => box.y));
  return {
    x,
    y,
    width: Math.max(0, ...inside.map((box) => box.x + box.width - x)),
    height: Math.max(0, ...inside.map((box) => box.y + box.height - y)),
  };
}

/** Whether an element is drawn with any width. */
export const seen = (element: Element): boolean => boxOf(element).width > 0;

/** The boxes of what selectors find: the first of each that is seen, else of what is empty, which has a place too. */
export function boxesOf(selectors: readonly string[]): (FrameBox | null)[] {
  const stands = (element: Element) => element.getClientRects().length > 0;
  return selectors.map((selector) => {
    const all = [...document.querySelectorAll(selector)];
    const found = all.find(seen) ?? all.find(stands);
    return found ? boxOf(found) : null;
  });
}
