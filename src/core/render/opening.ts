import type { Circumstances } from '../fit/circumstances';
import { surveyOpened, type OpenedSurvey } from '../fit/opened-survey';
import { surveyFit, type FitSurvey } from '../fit/survey';
import { solvedWay, type WayDown } from '../fit/way-down';
import type { Id } from '../ids/id';
import { ROOT_TEXT_PX } from '../lengths/length';
import type { Stylesheet } from '../markup/stylesheet';
import type { AssemblyKind } from '../properties/assembly-kind';
import { firstPageOf } from '../site/placing';
import type { Site } from '../site/site';
import type { Advances } from '../text/advances';
import { listed, noting, type ListedTexts } from '../text/measuring';
import { homePage } from './files';
import { onWorkbench, shownOn } from './page/page';
import { viewStylesheet } from './stylesheet/stylesheet';

/** The assembly that a workbench is opened with. */
export interface OpenedWith {
  kind: AssemblyKind;
  assembly: Id;
}

/** What a workbench needs before its views can be drawn, as JSON can hold it: the server works it out, and the browser takes it over. */
export interface Opening extends OpenedWith {
  /** The widths of the texts that its views and its ruler ask for. */
  texts: ListedTexts;
  /** Where the rules of the assembly begin; null where a text cannot be measured. */
  way: WayDown | null;
  /** The header and footer of the page on which the assembly is shown, and what its views are styled with. */
  shown: readonly (Id | null)[];
  stylesheet: Stylesheet;
  /** What its ruler tells of it. */
  surveys: OpeningSurveys;
}

/** How the bars of an assembly stand at every width, and what opens in it. */
export interface OpeningSurveys {
  survey: FitSurvey;
  opened: OpenedSurvey;
}

/** The same of the state of the site at a revision. */
export interface OpeningAt extends Opening {
  revision: number;
}

/** What the workbench needs to be opened with an assembly. */
export function openingOf(site: Site, measured: Advances, opened: OpenedWith): Opening {
  const { kind, assembly: id } = opened;
  const { advances, texts } = noting(measured);
  const assembly = site[kind][id]!;
  const page = firstPageOf(site, id);
  const language = site.languages[0]!;
  const shown = shownOn(onWorkbench(site, { page: page ?? homePage(site), language }, kind, assembly));
  const stylesheet = viewStylesheet(site, advances, shown);
  const today: Circumstances = { site, advances, page: page?.id ?? null, language, root: ROOT_TEXT_PX };
  const surveys = {
    survey: surveyFit(today, kind, assembly),
    opened: surveyOpened(today, kind, assembly),
  };
  const way = solvedWay(site, advances, kind, assembly);
  return { ...opened, texts: listed(texts), way, shown: [...shown], stylesheet, surveys };
}
