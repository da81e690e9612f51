import { NARROWEST } from '@/core/bands/band';
import { forecastFit, roomForItems } from '@/core/fit/forecasts';
import type { Circumstances } from '@/core/fit/room-context';
import { surveyFit } from '@/core/fit/survey';
import type { Site } from '@/core/site/site';
import type { FontSource } from '@/core/text/font-source';
import { measuring } from '@/core/text/measuring';
import { changed } from './document-change';
import { fetchedShape, fontAddress } from './font-shape';
import type { BarForecast, FitAnswer, FitQuestion } from './fit-messages';

/** The document as it was last sent. */
let site = {} as Site;

const measured = measuring((source: FontSource) =>
  fetchedShape(source, fontAddress(site.id, source)).catch(() => null),
);

function survey(today: Circumstances, { kind, assembly }: FitQuestion) {
  const start = performance.now();
  const found = surveyFit(today, kind, today.site[kind][assembly]!);
  // Read by the bench.
  performance.measure('fit', { start, detail: assembly });
  return found;
}

function forecast(today: Circumstances, { kind, assembly }: FitQuestion, bar: string): BarForecast {
  const place = { kind, assembly, bar };
  return {
    rows: forecastFit(today, place),
    items: today.site.bands.map(({ id, from }) => ({
      band: id,
      count: roomForItems(today, place, Math.max(from, NARROWEST)),
    })),
  };
}

addEventListener('message', ({ data }: MessageEvent<FitQuestion>) => {
  const { number, change, bar, page, language, root } = data;
  site = changed(site, change);
  const asked = site;
  void measured((advances) => {
    const today = { site: asked, advances, page, language, root };
    return bar === null ? { survey: survey(today, data) } : { forecast: forecast(today, data, bar) };
  }).then((answer) => postMessage({ number, ...answer } satisfies FitAnswer));
});
