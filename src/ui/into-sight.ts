/** Brings an element into sight in what scrolls it, and scrolls nothing around that; `covered` is how much of its end lies under something, in px. */
export function intoSight(element: Element, scroller: Element, covered = 0): void {
  const [own, around] = [element.getBoundingClientRect(), scroller.getBoundingClientRect()];
  const above = own.top - around.top;
  const below = own.bottom + covered - around.bottom;
  if (above < 0) scroller.scrollTop += above;
  else if (below > 0) scroller.scrollTop += Math.min(above, below);
}
