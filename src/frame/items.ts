import type { FramePointers, ItemWay } from './messages';

/** The elements of items in an element, of the level that is right below it. */
function itemsIn(holder: Element, { items }: FramePointers): Element[] {
  return [...holder.querySelectorAll(items)].filter((item) => {
    const above = item.parentElement!.closest(items);
    return above === null || above === holder || !holder.contains(above);
  });
}

/** The how many-th item of its list an element is; null for what is no item. */
export function nthOf(element: Element, pointers: FramePointers): number | null {
  const { items, holders } = pointers;
  const holder = element.matches(items) ? element.parentElement!.closest(`${items}, ${holders}`) : null;
  return holder && itemsIn(holder, pointers).indexOf(element);
}

/** The item of a piece at the end of a way. */
export function itemAt(
  piece: Element,
  { within, way }: ItemWay,
  pointers: FramePointers,
): Element | undefined {
  let at = within === null ? piece : (piece.querySelector(`:scope > .${within}`) ?? undefined);
  for (const nth of way) at = at && itemsIn(at, pointers)[nth];
  return at;
}
