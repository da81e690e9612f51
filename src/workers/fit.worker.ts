import { NARROWEST } from '@/core/bands/band';
import { forecastFit, roomForItems } from '@/core/fit/forecasts';
import type { Circumstances } from '@/core/fit/circumstances';
import { surveyFooter } from '@/core/fit/footer-survey';
import { surveyOpened } from '@/core/fit/opened-survey';
import { surveyRoom } from '@/core/fit/room-survey';
import { suggestFit } from '@/core/fit/suggestions';
import { surveyFit } from '@/core/fit/survey';
import { solvedWay, takeWay } from '@/core/fit/way-down';
import type { Site } from '@/core/site/site';
import type { FontSource } from '@/core/text/font-source';
import { addMeasured, measuring, nothingMeasured, type MeasuredTexts } from '@/core/text/measuring';
import { changed } from './document-change';
import { fetchedShape, fontAddress } from './font-shape';
import type { FitAnswer, FitAnswers, FitQuestion, FitWish } from './fit-messages';

/** The document as it was last sent. */
let site = {} as Site;

const texts = nothingMeasured();
const measured = measuring(
  (source: FontSource) => fetchedShape(source, fontAddress(site.id, source)).catch(() => null),
  texts,
);

/** How much of what was measured is known to the one that asks. */
let told = { widths: 0, metrics: 0 };
const tell = () => {
  told = { widths: texts.widths.size, metrics: texts.metrics.size };
};

/** What was measured since the last answer. */
function newTexts(): MeasuredTexts {
  const { widths, metrics } = told;
  tell();
  return {
    widths: new Map([...texts.widths].slice(widths)),
    metrics: new Map([...texts.metrics].slice(metrics)),
  };
}

/** Begins with what is known of the texts of another document. */
function begin(known: MeasuredTexts): void {
  for (const each of Object.values(texts)) each.clear();
  addMeasured(texts, known);
  tell();
}

type Answering = {
  [Name in FitWish['what']]: (
    today: Circumstances,
    question: FitQuestion,
    wish: FitWish & { what: Name },
  ) => FitAnswers[Name];
};

const answers: Answering = {
  survey(today, { kind, assembly }) {
    const start = performance.now();
    const found = surveyFit(today, kind, today.site[kind][assembly]!);
    // Read by the bench.
    performance.measure('fit', { start, detail: assembly });
    return found;
  },
  opened: (today, { kind, assembly }) => surveyOpened(today, kind, today.site[kind][assembly]!),
  footer: (today, { assembly }) => surveyFooter(today, today.site.footers[assembly]!),
  forecast(today, { kind, assembly }, { bar }) {
    const place = { kind, assembly, bar };
    return {
      rows: forecastFit(today, place),
      items: today.site.bands.map(({ id, from }) => ({
        band: id,
        count: roomForItems(today, place, Math.max(from, NARROWEST)),
      })),
    };
  },
  room(today, { kind, assembly }, { bar, span, language }) {
    const there = { ...today, language };
    return {
      rooms: surveyRoom(there, { kind, assembly, bar }, span),
      survey: surveyFit(there, kind, today.site[kind][assembly]!, { whole: span, only: [bar] }),
    };
  },
  suggestions: (today, { kind, assembly }, { bar, down }) => suggestFit(today, { kind, assembly, bar }, down),
};

function answer(today: Circumstances, question: FitQuestion): Partial<FitAnswers> {
  const { wish } = question;
  const work = answers[wish.what] as (...asked: unknown[]) => unknown;
  return { [wish.what]: work(today, question, wish) };
}

addEventListener('message', ({ data }: MessageEvent<FitQuestion>) => {
  const { number, change, texts: known, page, language, root, kind, assembly, way } = data;
  site = changed(site, change);
  if (known) begin(known);
  const asked = site;
  void measured((advances) => {
    const foreseen = asked[kind][assembly]!;
    if (way) takeWay(asked, advances, foreseen, way);
    const found = answer({ site: asked, advances, page, language, root }, data);
    return { ...found, way: way ? null : solvedWay(asked, advances, kind, foreseen) };
  })
    // A question without an answer would hold up all others.
    .catch((error: unknown) => ({ failed: String(error), way: null }))
    .then((found) => postMessage({ number, ...found, texts: newTexts() } satisfies FitAnswer));
});
