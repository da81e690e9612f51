import * as v from 'valibot';
import { useKept } from '@/ui/use-kept';
import { type ViewWidths } from './preview/views';

const widthsSchema = v.record(v.string(), v.number());

/** The widths of the views, kept in this browser: they are how one looks at a site, not part of it. */
export function useViewWidths(site: string) {
  const [kept, keep] = useKept(`gable-ridge-views-${site}`, widthsSchema);
  const widths: ViewWidths = kept ?? {};
  return [widths, (view: string, width: number) => keep({ ...widths, [view]: width })] as const;
}
