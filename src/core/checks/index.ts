import type { Check } from './check';
import { artwork } from './kinds/artwork';
import { bands } from './kinds/bands';
import { barePages } from './kinds/bare-pages';
import { contrast } from './kinds/contrast';
import { current } from './kinds/current';
import { deadLinks } from './kinds/dead-links';
import { drawers } from './kinds/drawers';
import { dropDowns } from './kinds/drop-downs';
import { fit } from './kinds/fit';
import { focusRing } from './kinds/focus-ring';
import { fonts } from './kinds/fonts';
import { footers } from './kinds/footers';
import { glyphs } from './kinds/glyphs';
import { hidden } from './kinds/hidden';
import { labels } from './kinds/labels';
import { landmarks } from './kinds/landmarks';
import { largerText } from './kinds/larger-text';
import { lineLength } from './kinds/line-length';
import { overPictures } from './kinds/over-pictures';
import { reach } from './kinds/reach';
import { repeated } from './kinds/repeated';
import { placingRules, rules } from './kinds/rules';
import { shift } from './kinds/shift';
import { sticky } from './kinds/sticky';
import { targets } from './kinds/targets';
import { textSize } from './kinds/text-size';
import { tokens } from './kinds/tokens';
import { translations } from './kinds/translations';
import { unused } from './kinds/unused';
import { weight } from './kinds/weight';

/** Every check, in the order in which findings of the same harm are listed. */
export const checks: readonly Check[] = [
  barePages,
  reach,
  contrast,
  overPictures,
  textSize,
  focusRing,
  targets,
  deadLinks,
  drawers,
  footers,
  sticky,
  fit,
  largerText,
  shift,
  dropDowns,
  labels,
  landmarks,
  current,
  lineLength,
  translations,
  artwork,
  fonts,
  weight,
  glyphs,
  rules,
  bands,
  placingRules,
  unused,
  hidden,
  repeated,
  tokens,
];

/** A check by its id. */
export const checkOf = (id: string): Check => checks.find((check) => check.id === id)!;
