import { artworkTypes } from '@/core/site/artwork';
import type { Site } from '@/core/site/site';
import { blobBytes } from '@/server/bytes/blobs';
import { database } from '@/server/db/open';
import { mediaType } from '@/server/handover/sources';
import { noSuchSite, refusal, route } from '@/server/http';
import { loadSite } from '@/server/sites/store';

/** The ending of a picture or font of the site by its hash; null for bytes that are neither. */
function endingOf(site: Site, hash: string): string | null {
  const artwork = Object.values(site.artwork).find((each) => each.hash === hash);
  if (artwork) return artworkTypes[artwork.type];
  const fonts = Object.values(site.fonts).flatMap(({ files }) => files);
  return fonts.find((each) => each.hash === hash)?.format ?? null;
}

export const { GET, POST, PUT, PATCH, DELETE } = route<{ params: Promise<{ site: string; hash: string }> }>({
  /** Bytes of a picture or a font, for the application itself to show: never anything that runs. */
  async GET(_, { params }) {
    const { site, hash } = await params;
    const stored = loadSite(database(), site);
    if (!stored) return noSuchSite();
    const ending = endingOf(stored.site, hash);
    if (ending === null) return refusal(404, 'There are no such bytes in this site.');
    return new Response(new Uint8Array(blobBytes(database(), hash)), {
      headers: {
        'content-type': mediaType(`x.${ending}`),
        // Opened on its own, an SVG would be a page of this origin.
        'content-security-policy': "sandbox; default-src 'none'; style-src 'unsafe-inline'",
        'cache-control': 'private, max-age=86400, immutable',
      },
    });
  },
});
