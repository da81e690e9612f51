import type { Site } from '../site/site';
import { usualMetrics, type Advances, type FontMetrics } from './advances';
import { textRuns } from './font-source';
import type { TextFace } from './text-extent';

/**
 * The reach of the font of a face that sets spaces: lines are as high as that one asks for (CSS Fonts 4, 5.3 "first available font"); null
 * as long as it was not measured.
 */
export function fontMetrics(
  site: Site,
  { metrics = () => usualMetrics }: Advances,
  face: TextFace,
  language: string,
): FontMetrics | null {
  const { source } = textRuns(site, face, ' ', language)[0]!;
  return metrics(source);
}
