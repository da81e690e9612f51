import type { Phase } from '../properties/phases';
import { stateSuffix } from '../properties/dress';
import type { State } from '../properties/states';
import { holding } from './tried';

/** A page whose header is in a phase of scrolling, and stays in it, without anyone scrolling. */
export function htmlInPhase(html: string, phase: Phase): string {
  if (phase === 'top') return html;
  // One that returns would do so at once.
  return html.replace(' data-phase="top"', ` data-phase="${phase}"`).replace(/ data-returns(?:="")?/, '');
}

/** Selects whatever is there, and counts as much as what it stands for (Selectors 4, 17). */
const ALWAYS = ':not(.nothing-is-called-so)';

/**
 * A stylesheet in which all that a piece holds is in a state, wherever the pointer, the focus and the page are. `name` is the class of the
 * piece.
 */
export function cssInState(css: string, name: string, state: State): string {
  if (state === 'rest') return css;
  const ofPiece = new RegExp(`\\.${name}(?![\\w-])`);
  const isSelector = (line: string) => line.endsWith('{') || line.endsWith(',');
  const held = css
    .split('\n')
    .map((line) =>
      isSelector(line) && ofPiece.test(line) ? line.replaceAll(stateSuffix[state], ALWAYS) : line,
    );
  return holding('hover: hover', true)(held.join('\n'));
}
