import type { Check } from './check';
import { weight } from './kinds/weight';
import { shift } from './kinds/shift';
import { lineLength } from './kinds/line-length';
import { largerText } from './kinds/larger-text';
import { landmarks } from './kinds/landmarks';
import { fonts } from './kinds/fonts';
import { current } from './kinds/current';
import { bands } from './kinds/bands';
import { artwork } from './kinds/artwork';
import { barePages } from './kinds/bare-pages';
import { contrast } from './kinds/contrast';
import { deadLinks } from './kinds/dead-links';
import { drawers } from './kinds/drawers';
import { dropDowns } from './kinds/drop-downs';
import { fit } from './kinds/fit';
import { focusRing } from './kinds/focus-ring';
import { footers } from './kinds/footers';
import { glyphs } from './kinds/glyphs';
import { hidden } from './kinds/hidden';
import { labels } from './kinds/labels';
import { reach } from './kinds/reach';
import { repeated } from './kinds/repeated';
import { overPictures } from './kinds/over-pictures';
import { placingRules, rules } from './kinds/rules';
import { sticky } from './kinds/sticky';
import { targets } from './kinds/targets';
import { textSize } from './kinds/text-size';
import { tokens } from './kinds/tokens';
import { translations } from './kinds/translations';
import { unused } from './kinds/unused';

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
