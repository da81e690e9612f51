import { renderedPages } from '@/core/render/files';
import { SCRIPT } from '@/core/render/page/page';
import { partsOfPage } from '@/core/render/parts';
import type { Site } from '@/core/site/site';
import { database } from '@/server/db/open';
import { runtimeScripts } from '@/server/handover/sources';
import { noSuchSite, refusal, route } from '@/server/http';
import { objectAt, unpacked } from '@/server/objects/objects';
import { hashInRelease, pointOfRelease } from '@/server/releases/releases';
import { siteAtPoint } from '@/server/sites/point-documents';
import { loadSite } from '@/server/sites/store';
import { measured } from '@/server/text/measured';

/** The site as it stands or as a release has it, with its script; null when there is no such one. */
function found(id: string, release: string | null): { site: Site; script: string } | null {
  const db = database();
  if (release === null) {
    const stored = loadSite(db, id);
    return stored && { site: stored.site, script: runtimeScripts(stored.site).site };
  }
  const point = pointOfRelease(db, id, Number(release));
  const site = point === null ? null : siteAtPoint(db, id, point);
  const hash = hashInRelease(db, id, Number(release), SCRIPT);
  return site && { site, script: hash === null ? '' : unpacked(objectAt(db, hash)).toString('utf8') };
}

export const { GET, POST, PUT, PATCH, DELETE } = route<{ params: Promise<{ site: string }> }>({
  /** The parts of a page (`page`, `language`) as they are handed over, of the site as it stands or of a release (`release`). */
  async GET(request, { params }) {
    const { site: id } = await params;
    const asked = new URL(request.url).searchParams;
    const of = found(id, asked.get('release'));
    if (!of) return noSuchSite();
    const { site, script } = of;
    const page = renderedPages(site).find((each) => each.id === asked.get('page'));
    const language = asked.get('language') ?? site.languages[0]!;
    if (!page) return refusal(404, 'This page is no longer there.');
    if (!site.languages.includes(language)) return refusal(404, `The site has no language ${language}.`);
    const parts = await measured(database(), (advances) =>
      partsOfPage(site, page, { language, advances, script }),
    );
    return Response.json({ parts });
  },
});
