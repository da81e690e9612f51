import { reached } from './met';

const NAMESPACE = 'http://www.w3.org/2000/svg';
const COLOUR = '#8f4a1e';

function svg(tag: string, attributes: Record<string, string | number>): SVGElement {
  const element = document.createElementNS(NAMESPACE, tag);
  for (const [name, value] of Object.entries(attributes)) element.setAttribute(name, String(value));
  return element;
}

let drawn: SVGElement | null = null;

/** Draws over the page in which order the Tab key goes: a number on each thing, and a line from one to the next. */
export function drawOrder(): void {
  drawn?.remove();
  const { scrollWidth, scrollHeight } = document.documentElement;
  const inDialog = document.querySelector('dialog:modal');
  const over = svg('svg', { width: scrollWidth, height: scrollHeight, 'aria-hidden': 'true' });
  Object.assign(over.style, {
    position: inDialog ? 'fixed' : 'absolute',
    inset: '0 auto auto 0',
    zIndex: '2147483647',
    pointerEvents: 'none',
  });
  const [left, top] = inDialog ? [0, 0] : [scrollX, scrollY];
  const centres = reached().map((element) => {
    const box = element.getBoundingClientRect();
    return { box, x: box.x + left, y: box.y + top + box.height / 2 };
  });
  const way = centres.map(({ x, y }) => `${x},${y}`).join(' ');
  over.append(svg('polyline', { points: way, fill: 'none', stroke: COLOUR, 'stroke-width': 1.5 }));
  centres.forEach(({ box, x, y }, index) => {
    const number = svg('text', {
      x,
      y: y + 4,
      fill: '#fff',
      'font-size': 11,
      'text-anchor': 'middle',
      'font-family': 'monospace',
    });
    number.textContent = String(index + 1);
    over.append(
      svg('rect', {
        x,
        y: box.y + top,
        width: box.width,
        height: box.height,
        fill: 'none',
        stroke: COLOUR,
      }),
      svg('circle', { cx: x, cy: y, r: 10, fill: COLOUR }),
      number,
    );
  });
  (inDialog ?? document.body).append(over);
  drawn = over;
}

/** Takes the drawing away. */
export function undrawOrder(): void {
  drawn?.remove();
  drawn = null;
}
