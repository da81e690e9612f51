import type { FrameBox, FrameLine } from './messages';

/** The lines of each text that is seen in an element. */
export function* linesOfTexts(element: Element): Generator<DOMRect[]> {
  const texts = document.createTreeWalker(element, NodeFilter.SHOW_TEXT);
  const range = document.createRange();
  while (texts.nextNode()) {
    const text = texts.currentNode as Text;
    if (text.data.trim() === '' || !text.parentElement!.checkVisibility({ visibilityProperty: true }))
      continue;
    range.selectNodeContents(text);
    const lines = [...range.getClientRects()].filter(({ width }) => width >= 1);
    if (lines.length > 0) yield lines;
  }
}

/** How far from what is measured a figure or a name may reach, in CSS px of the page. */
const AROUND = 160;

/** The part of the page that an element is of: a drawer, or what stands right in the page. */
function partOf(element: Element): Element {
  let part = element;
  while (part.localName !== 'dialog' && part.parentElement !== document.body) part = part.parentElement!;
  return part;
}

/** The boxes of texts and pictures that are drawn in the part of the page that an element is of, as far as they are near it or near lines. */
export function inkAround(element: Element, lines: readonly FrameLine[]): FrameBox[] {
  const part = partOf(element);
  const { left, top, right, bottom } = element.getBoundingClientRect();
  const xs = [left, right, ...lines.flatMap(([x1, , x2]) => [x1, x2])];
  const ys = [top, bottom, ...lines.flatMap(([, y1, , y2]) => [y1, y2])];
  const [fromX, toX] = [Math.min(...xs) - AROUND, Math.max(...xs) + AROUND];
  const [fromY, toY] = [Math.min(...ys) - AROUND, Math.max(...ys) + AROUND];
  const pictures = [...part.querySelectorAll('img, svg')]
    .filter((each) => each.checkVisibility({ visibilityProperty: true }))
    .map((each) => each.getBoundingClientRect());
  return [...pictures, ...[...linesOfTexts(part)].flat()]
    .filter(
      (each) =>
        each.width >= 1 && each.right > fromX && each.left < toX && each.bottom > fromY && each.top < toY,
    )
    .map(({ x, y, width, height }) => ({ x, y, width, height }));
}
