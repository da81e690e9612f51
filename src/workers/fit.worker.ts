import { NARROWEST } from '@/core/bands/band';
import { forecastFit, roomForItems } from '@/core/fit/forecasts';
import type { Circumstances } from '@/core/fit/circumstances';
import { surveyFooter } from '@/core/fit/footer-survey';
import { surveyOpened } from '@/core/fit/opened-survey';
import { surveyRoom } from '@/core/fit/room-survey';
import { asForeseen } from '@/core/fit/measured-rules';
import { suggestFit } from '@/core/fit/suggestions';
import { surveyFit } from '@/core/fit/survey';
import { takeWay } from '@/core/fit/way-down';
import type { Site } from '@/core/site/site';
import type { FontSource } from '@/core/text/font-source';
import { measuring } from '@/core/text/measuring';
import { changed } from './document-change';
import { fetchedShape, fontAddress } from './font-shape';
import type { FitAnswer, FitAnswers, FitQuestion, FitWish } from './fit-messages';

/** The document as it was last sent. */
let site = {} as Site;

const measured = measuring((source: FontSource) =>
  fetchedShape(source, fontAddress(site.id, source)).catch(() => null),
);

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
  const { number, change, page, language, root, kind, assembly, way } = data;
  site = changed(site, change);
  const asked = site;
  void measured((advances) => {
    if (way) takeWay(asked, advances, asForeseen(asked[kind][assembly]!), way);
    return answer({ site: asked, advances, page, language, root }, data);
  })
    // A question without an answer would hold up all others.
    .catch((error: unknown) => ({ failed: String(error) }))
    .then((found) => postMessage({ number, ...found } satisfies FitAnswer));
});
