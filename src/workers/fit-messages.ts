import type { Circumstances } from '@/core/fit/room-context';
import type { ForecastRow } from '@/core/fit/forecasts';
import type { FitSurvey } from '@/core/fit/survey';
import type { AssemblyKind } from '@/core/properties/assembly';
import type { Id } from '@/core/properties/id';
import type { DocumentChange } from './document-change';

/** What the fit worker is asked: how the bars of an assembly stand. Of the document, it is sent what changed since it was last asked. */
export interface FitQuestion extends Pick<Circumstances, 'language' | 'page' | 'root'> {
  number: number;
  change: DocumentChange;
  kind: AssemblyKind;
  assembly: Id;
  /** A bar of which forecasts are wanted instead. */
  bar: Id | null;
}

/** What is foreseen of a bar, and how many items it has room for where each band begins. */
export interface BarForecast {
  rows: readonly ForecastRow[];
  items: readonly { band: Id; count: number | null }[];
}

export type FitAnswer = { number: number } & ({ survey: FitSurvey } | { forecast: BarForecast });
