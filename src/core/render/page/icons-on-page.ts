import { ICON_ID, iconNames, iconShapes } from '../../icons/icons';
import { el, isKept, type Element, type Node } from '../../markup/html';

/** What is drawn within elements that stand on many pages. */
const knownWithin = new WeakMap<Element, ReadonlySet<string>>();

function drawnWithin(element: Element): ReadonlySet<string> {
  const known = knownWithin.get(element) ?? drawnIn(element.children, new Set());
  knownWithin.set(element, known);
  return known;
}

/** The ids that elements in nodes draw. */
function drawnIn(nodes: readonly Node[], found: Set<string>): Set<string> {
  for (const node of nodes) {
    if (!node || typeof node === 'string') continue;
    if (node.tag === 'use') found.add(String(node.attributes.href).slice(1));
    else if (isKept(node)) drawnWithin(node).forEach((id) => found.add(id));
    else drawnIn(node.children, found);
  }
  return found;
}

/** The icons that nodes of a page draw, each once; null where they draw none. */
export function iconsHtml(nodes: readonly Node[]): Node {
  const drawn = drawnIn(nodes, new Set());
  const used = iconNames.filter((name) => drawn.has(`${ICON_ID}${name}`));
  if (used.length === 0) return null;
  const icons = used.map((name) =>
    el('symbol', { id: `${ICON_ID}${name}`, viewBox: '0 0 24 24' }, ...iconShapes(name)),
  );
  return el('div', { hidden: true }, el('svg', {}, ...icons));
}
