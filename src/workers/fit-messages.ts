import type { BarRoom } from '@/core/fit/bar-fit';
import type { FooterSurvey } from '@/core/fit/footer-survey';
import type { ForecastRow } from '@/core/fit/forecasts';
import type { OpenedSurvey } from '@/core/fit/opened-survey';
import type { Circumstances } from '@/core/fit/circumstances';
import type { Suggestions } from '@/core/fit/suggestions';
import type { FitSurvey } from '@/core/fit/survey';
import type { WayDown } from '@/core/fit/way-down';
import type { Span } from '@/core/lengths/piecewise';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import type { Id } from '@/core/ids/id';
import type { MeasuredTexts } from '@/core/text/measuring';
import type { DocumentChange } from './document-change';

/** What is wanted of an assembly: of its bars how all of them stand, or of one of them what is foreseen, its room, or what makes it fit. */
export type FitWish =
  | { what: 'survey' }
  | { what: 'opened' }
  | { what: 'footer' }
  | { what: 'forecast'; bar: Id }
  | { what: 'room'; bar: Id; span: Span; language: string }
  | { what: 'suggestions'; bar: Id; down: number };

/** What the fit worker is asked. Of the document, it is sent what changed since it was last asked. */
export interface FitQuestion extends Pick<Circumstances, 'language' | 'page' | 'root'> {
  number: number;
  change: DocumentChange;
  kind: AssemblyKind;
  assembly: Id;
  /** What is known of its texts; null where the worker was told of the document before. */
  texts: MeasuredTexts | null;
  /** Where its rules begin, as the views are drawn; null where that waits for texts. */
  way: WayDown | null;
  wish: FitWish;
}

/** What is foreseen of a bar, and how many items it has room for where each band begins. */
export interface BarForecast {
  rows: readonly ForecastRow[];
  items: readonly { band: Id; count: number | null }[];
}

/** The room of a bar, and how it stands over the same widths. */
export interface BarWidths {
  rooms: readonly BarRoom[];
  survey: FitSurvey;
}

/** Each wish with its answer. */
export interface FitAnswers {
  survey: FitSurvey;
  opened: OpenedSurvey;
  footer: FooterSurvey;
  forecast: BarForecast;
  room: BarWidths;
  suggestions: Suggestions;
}

/** The answer under the name of the wish, or why there is none; and what else was found on the way to it. */
export type FitAnswer = {
  number: number;
  failed?: string;
  /** What was measured since the last answer for the same site. */
  texts: MeasuredTexts;
  /** Where the rules of the assembly begin, where the question did not say it and all of its texts could be measured. */
  way: WayDown | null;
} & Partial<FitAnswers>;
