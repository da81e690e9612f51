import { standInOf } from '@/core/brand/stand-ins';
import { causeText } from '@/core/fit/cause-text';
import { fitLabels } from '@/core/fit/fit-status';
import type { FitSurvey } from '@/core/fit/survey';
import { ofUnknownWidth } from '@/core/text/lacking';
import { firstWidth, type WholeStretch } from '@/core/fit/whole-fit';
import { familyNames } from '@/core/render/stylesheet/css-names';
import type { Assembly } from '@/core/site/assembly';
import type { Site } from '@/core/site/site';
import { pieceTitle } from '@/core/site/uses';

/** A range of widths in words. */
function rangeText({ from, to }: Pick<WholeStretch, 'from' | 'to'>, last: number): string {
  const first = firstWidth({ from });
  return to >= last ? `from ${first} px` : `${first}–${firstWidth({ from: to }) - 1} px`;
}

/** What has to be known of a survey beside how bars stand: fonts that could not be had, and characters of which nobody knows what sets them; null for nothing. */
export function surveyWarning(
  site: Site,
  assembly: Assembly,
  { complete, lacking }: FitSurvey,
): string | null {
  const said = lacking
    .map((each) => ({ ...each, unknown: ofUnknownWidth(each.family, each.characters) }))
    .filter(({ piece, unknown }) => assembly.pieces[piece] && unknown !== '')
    .map(({ piece, family, unknown }) => {
      const { own } = familyNames(site, family);
      const title = pieceTitle(site, assembly.pieces[piece]!);
      return `${own} has no ${[...unknown].join(' ')} for ${title}: browsers set that in another ${standInOf(family).generic} font, so widths are a guess.`;
    });
  const missing = complete ? [] : ['Some fonts could not be had: their texts count as nothing.'];
  return [...missing, ...said].join(' ') || null;
}

/** How an assembly stands over a stretch of widths, and why, in one line; `last` is the widest width that was looked at. */
export function stretchText(site: Site, assembly: Assembly, stretch: WholeStretch, last: number): string {
  const range = rangeText(stretch, last);
  if (stretch.bar === null) return `${range}: all bars fit`;
  const name = assembly.bars[stretch.bar]!.name;
  const why = stretch.causes.slice(0, 1).map((cause) => causeText(site, assembly, cause));
  return `${range}: “${name}” ${fitLabels[stretch.status]}${why.length > 0 ? ` – ${why[0]}` : ''}`;
}
