import { renderedPages } from '@/core/render/files';
import { SCRIPT } from '@/core/render/page/page';
import { partsOfPage } from '@/core/render/parts';
import type { Site } from '@/core/site/site';
import { database } from '@/server/db/open';
import { runtimeScripts } from '@/server/handover/sources';
import { noSuchSite, refusal, route } from '@/server/http';
import { objectAt, unpacked } from '@/server/objects/objects';
import { documentOf } from '@/server/releases/document';
import { hashInRelease } from '@/server/releases/releases';
import { measured } from '@/server/text/measured';

/** The script of the site as it stands, or of a release of it. */
function scriptOf(site: Site, id: string, release: number | null): string {
  if (release === null) return runtimeScripts(site).site;
  const hash = hashInRelease(database(), id, release, SCRIPT);
  return hash === null ? '' : unpacked(objectAt(database(), hash)).toString('utf8');
}

export const { GET, POST, PUT, PATCH, DELETE } = route<{ params: Promise<{ site: string }> }>({
  /** The parts of a page (`page`, `language`) as they are handed over, of the site as it stands or of a release (`release`). */
  async GET(request, { params }) {
    const { site: id } = await params;
    const asked = new URL(request.url).searchParams;
    const said = asked.get('release');
    const release = said === null ? null : Number(said);
    const site = documentOf(database(), id, release);
    if (!site) return noSuchSite();
    const script = scriptOf(site, id, release);
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
