import type { Phase } from '../properties/phases';
import { stateSuffix } from '../properties/dress';
import type { State } from '../properties/states';
import { HOVERING } from '../markup/css';
import { isElement, type Element, type Node } from '../markup/html';
import { isWrittenBlock, type Stylesheet, type Written } from '../markup/stylesheet';

/** A page whose header is in a phase of scrolling, and stays in it, without anyone scrolling. */
export function pageInPhase(page: Element, phase: Phase): Element {
  if (phase === 'top') return page;
  const held = (node: Node): Node => {
    if (!isElement(node)) return node;
    if (node.attributes['data-phase'] !== 'top') return { ...node, children: node.children.map(held) };
    // One that returns would do so at once.
    return { ...node, attributes: { ...node.attributes, 'data-phase': phase, 'data-returns': false } };
  };
  return { ...page, children: page.children.map(held) };
}

/** Selects whatever is there, and counts as much as what it stands for (Selectors 4, 17). */
const ALWAYS = ':not(.nothing-is-called-so)';

/**
 * A stylesheet in which all that a piece holds is in a state, wherever the pointer, the focus and the page are. `name` is the class of the
 * piece.
 */
export function stylesheetInState(stylesheet: Stylesheet, name: string, state: State): Stylesheet {
  if (state === 'rest') return stylesheet;
  const ofPiece = new RegExp(`\\.${name}(?![\\w-])`);
  const held = (selector: string) =>
    ofPiece.test(selector) ? selector.replaceAll(stateSuffix[state], ALWAYS) : selector;
  const inState = (of: Stylesheet): Stylesheet =>
    of.flatMap((each): readonly Written[] => {
      if (typeof each === 'string') return [each];
      if (!isWrittenBlock(each)) return [{ ...each, selectors: each.selectors.map(held) }];
      const inside = inState(each.inside);
      return each.at === HOVERING ? inside : [{ ...each, inside }];
    });
  return inState(stylesheet);
}
