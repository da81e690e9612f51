import type { Block } from '../../markup/css';
import { besideBlocks, hangingRules, type PlacesInput } from './hanging-css';
import { jumpsOf } from './jump-css';
import type { RulesByStage, SettledWay } from './rules-by-stage';

/** What of a stylesheet follows from where things in an assembly stand, and so from how wide its texts are. */
export interface Standing {
  rules: readonly RulesByStage[];
  /** What holds in windows that are high enough. */
  beside: readonly Block[];
}

export const standingCss = (input: PlacesInput, { settled, stages }: SettledWay): Standing => ({
  rules: [...jumpsOf(input, settled, stages), ...hangingRules(input, settled, stages)],
  beside: besideBlocks(input, settled, stages),
});
