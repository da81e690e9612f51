import { checkSite } from '@/core/checks/check-site';
import type { Site } from '@/core/site/site';
import type { FontSource } from '@/core/text/font-source';
import { measuring } from '@/core/text/measuring';
import type { ChecksAnswer, ChecksQuestion } from './checks-messages';
import { changed } from './document-change';
import { fetchedShape, fontAddress } from './font-shape';

/** The document as it was last sent. */
let site = {} as Site;

const measured = measuring((source: FontSource) =>
  fetchedShape(source, fontAddress(site.id, source)).catch(() => null),
);

addEventListener('message', ({ data: { number, change } }: MessageEvent<ChecksQuestion>) => {
  site = changed(site, change);
  const asked = site;
  void measured((advances) => {
    const start = performance.now();
    const findings = checkSite({ site: asked, advances });
    // Read by the bench.
    performance.measure('checks', { start });
    return { findings };
  })
    // A question without an answer would hold up all others.
    .catch((error: unknown) => ({ failed: String(error) }))
    .then((found) => postMessage({ number, ...found } satisfies ChecksAnswer));
});
