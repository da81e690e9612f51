import type { FitSurvey } from '@/core/fit/survey';
import { wholeFit } from '@/core/fit/whole-fit';
import type { Assembly } from '@/core/site/assembly';
import type { Site } from '@/core/site/site';
import type { RulerStretch } from '@/ui/ruler/model';
import { stretchText } from './fit-words';

/** How an assembly stands at every width, for the ruler. What was surveyed before a bar or piece was removed is left out until the next survey. */
export function rulerStretches(site: Site, assembly: Assembly, survey: FitSurvey): RulerStretch[] | null {
  const known = survey.bars.every(({ bar }) => assembly.bars[bar] !== undefined);
  const pieces = survey.bars.flatMap(({ stretches }) =>
    stretches.flatMap(({ causes }) => causes.flatMap((cause) => cause.pieces)),
  );
  if (!known || pieces.some((id) => assembly.pieces[id] === undefined)) return null;
  const stretches = wholeFit(survey);
  const last = stretches.at(-1)?.to ?? 0;
  return stretches.map((stretch) => ({
    from: stretch.from,
    to: stretch.to,
    status: stretch.status,
    text: stretchText(site, assembly, stretch, last),
  }));
}
