import { askForTexts, checkSite } from '@/core/checks/check-site';
import { alsoMoved, type Moved } from '@/core/checks/moved';
import type { Site } from '@/core/site/site';
import type { Advances } from '@/core/text/advances';
import type { FontSource } from '@/core/text/font-source';
import { measuring } from '@/core/text/measuring';
import type { ChecksAnswer, ChecksQuestion, MovedAnswer, MovedQuestion } from './checks-messages';
import { changed } from './document-change';
import { fetchedShape, fontAddress } from './font-shape';

/** The document as it was last sent. */
let site = {} as Site;
/** As it was when it was last looked over. */
let looked: { site: Site; said: string; moved: readonly Moved[] | null } | null = null;

/** What else moved since the site was last looked over; as it was told where nothing was edited since. */
function movedSince(asked: Site, advances: Advances): readonly Moved[] | null {
  if (looked?.site.id !== asked.id) return null;
  if (looked.said === JSON.stringify(asked)) return looked.moved;
  return alsoMoved({ site: looked.site, advances }, { site: asked, advances });
}

const measured = measuring((source: FontSource) =>
  fetchedShape(source, fontAddress(site.id, source)).catch(() => null),
);

/** A question without an answer would hold up all others. */
const failed = (error: unknown) => ({ failed: String(error) });

function tellMoved({ number, before, after }: MovedQuestion): void {
  const states = [before, after];
  void measured((advances) => states.forEach((each) => askForTexts({ site: each, advances })))
    .then(() =>
      measured((advances) => ({
        moved: alsoMoved({ site: before, advances }, { site: after, advances }),
      })),
    )
    .catch(failed)
    .then((told) => postMessage({ number, ...told } satisfies MovedAnswer));
}

function lookOver({ number, change, opened }: ChecksQuestion): void {
  site = changed(site, change);
  if (opened) looked = { site: opened, said: JSON.stringify(opened), moved: null };
  const asked = site;
  void measured((advances) => askForTexts({ site: asked, advances }))
    .then(() =>
      measured((advances) => {
        const start = performance.now();
        const findings = checkSite({ site: asked, advances });
        // Read by the bench.
        performance.measure('checks', { start });
        return { findings, moved: movedSince(asked, advances) };
      }),
    )
    .catch(failed)
    .then((found) => {
      if ('findings' in found) looked = { site: asked, said: JSON.stringify(asked), moved: found.moved };
      postMessage({ number, ...found } satisfies ChecksAnswer);
    });
}

addEventListener('message', ({ data }: MessageEvent<ChecksQuestion | MovedQuestion>) => {
  if ('change' in data) lookOver(data);
  else tellMoved(data);
});
