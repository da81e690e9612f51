import { useMemo } from 'react';
import { useFitSurvey } from '@/client/fit-survey';
import { useSite } from '@/client/open-site-context';
import type { Id } from '@/core/ids/id';
import type { RulerView } from '@/ui/ruler/model';
import { Ruler } from '@/ui/ruler/ruler';
import { surveyWarning } from '../fit/fit-words';
import { RULER_SCALE, rulerBands } from '../fit/ruler-bands';
import { rulerRules } from '../fit/ruler-rules';
import { rulerStretches } from '../fit/ruler-stretches';

interface TryRulerProps {
  /** The header that stands on the tried page; null where none does, or where it is not known. */
  header: Id | null;
  windows: readonly RulerView[];
  onWindow(window: string, width: number): void;
}

/** The widths of the tried windows on the ruler, over what their header does at each. */
export function TryRuler({ header, windows, onWindow }: TryRulerProps) {
  const site = useSite();
  const assembly = header === null ? undefined : site.headers[header];
  const survey = useFitSurvey(site, 'headers', header ?? '');
  const bands = useMemo(() => rulerBands(site.bands).map((band) => ({ ...band, edge: null })), [site.bands]);
  const fit = useMemo(
    () => assembly && (survey ? rulerStretches(site, assembly, survey) : null),
    [site, assembly, survey],
  );
  const rules = useMemo(
    () => assembly && survey && rulerRules(site, assembly, survey),
    [site, assembly, survey],
  );
  return (
    <Ruler
      scale={RULER_SCALE}
      bands={bands}
      views={windows}
      fit={fit}
      warning={assembly && survey ? surveyWarning(site, assembly, survey) : null}
      rules={rules && rules.length > 0 ? rules : null}
      opened={null}
      onView={onWindow}
    />
  );
}
