import { boxOf, seen } from './boxes';
import { inkAround } from './ink';
import { itemAt, nthOf } from './items';
import { distances, linesFor } from './lines';
import type { FrameAsked, FrameChain, FrameElement, FramePlace } from './messages';
import { tell } from './telling';

type Asked = Extract<FrameAsked, { asks: 'point' }>;

/** How things are pointed at, and what the place of is told; null where links are followed. */
let asked: Asked | null = null;

/** How things are pointed at; null where links are followed. */
export const pointers = (): Asked['pointers'] | null => asked?.pointers ?? null;

/** Takes how things are pointed at, and what the place of is told. */
export function point(now: Asked): void {
  asked = now;
  tellPlace();
}

/** An element and all that it stands in. */
export function chainOf(element: Element): FrameChain {
  const chain: FrameElement[] = [];
  for (let at: Element | null = element; at && at !== document.body; at = at.parentElement)
    chain.push({
      tag: at.localName,
      classes: [...at.classList],
      nth: nthOf(at, asked!.pointers),
      box: boxOf(at),
    });
  return chain;
}

/** The element of the target that is seen on this page. */
function targetElement({ target, pointers: by }: Asked): Element | undefined {
  if (target === null) return undefined;
  // What a drawer covers is seen no more than what is not there.
  const over = document.querySelector('dialog:modal');
  const found = [...document.querySelectorAll(target.selector)].filter(
    (each) => over?.contains(each) ?? true,
  );
  const { items } = target;
  if (items === null) return found.find(seen);
  return found
    .flatMap((piece) => items.map((item) => itemAt(piece, item, by)))
    .find((each) => each !== undefined && seen(each));
}

function placeOf(of: Asked): FramePlace {
  const { target, dimensions } = of;
  const element = targetElement(of);
  if (!element) return { target, box: null, lines: [], free: [], ink: [], phase: 'top' };
  const lines = dimensions.map((drawn) => linesFor(drawn, element));
  const made = lines.flatMap((each) => each?.lines ?? []);
  return {
    target,
    box: boxOf(element),
    lines,
    free: distances(element),
    ink: made.length > 0 ? inkAround(element, made) : [],
    phase: element.closest<HTMLElement>('[data-phase]')?.dataset.phase ?? 'top',
  };
}

let placed = '';

/** Tells where the target stands, where that is other than before. */
function tellPlace(): void {
  if (asked === null) return;
  const place = placeOf(asked);
  const now = JSON.stringify(place);
  if (now !== placed) tell({ says: 'placed', ...place });
  placed = now;
}

let under: Element | null = null;
let pointed = '';

/** Tells what the pointer is over, where that is other than before; null where it left. */
export function tellPointed(element: Element | null): void {
  if (asked === null) return;
  under = element;
  const chain = element?.isConnected ? chainOf(element) : null;
  const now = JSON.stringify(chain);
  if (now !== pointed) tell({ says: 'pointed', chain });
  pointed = now;
}

/** Tells both again: something may have moved. */
export function tellAgain(): void {
  tellPlace();
  if (under !== null) tellPointed(under);
}
