import * as v from 'valibot';
import { fromLists, listed, type MeasuredTexts } from '@/core/text/measuring';

/** Where measured texts are kept from one visit to the next. */
export interface KeptWidths {
  recall(): MeasuredTexts | null;
  keep(measured: MeasuredTexts): void;
}

const KEY = 'gable-ridge measured texts';

/** How many texts are kept at most: some hundred times as many as a site has of menus, buttons and lines. */
const MOST = 8000;

/** They are true of the very fonts and the shaper that this build of the application has. */
const BUILD = process.env.BUILD ?? '';

const schema = v.pipe(
  v.string(),
  v.parseJson(),
  v.object({
    build: v.literal(BUILD),
    widths: v.array(v.tuple([v.string(), v.number()])),
    metrics: v.array(
      v.tuple([v.string(), v.object({ ascent: v.number(), descent: v.number(), gap: v.number() })]),
    ),
  }),
);

/** Kept by this browser, so that a site which was open before is drawn at once as it is; on the server nothing is. */
export const browserWidths: KeptWidths = {
  recall() {
    try {
      const kept = v.safeParse(schema, window.localStorage.getItem(KEY));
      return kept.success ? fromLists(kept.output) : null;
    } catch {
      return null;
    }
  },
  keep(measured) {
    try {
      const { widths, metrics } = listed(measured);
      window.localStorage.setItem(
        KEY,
        JSON.stringify({ build: BUILD, widths: widths.slice(-MOST), metrics }),
      );
    } catch {
      // What cannot be kept is measured again the next time.
    }
  },
};
