import { blobBytes } from '@/server/bytes/blobs';
import { asSfnt } from '@/server/bytes/sfnt';
import { database } from '@/server/db/open';
import { noSuchSite, plainFont, refusal, route } from '@/server/http';
import { loadSite } from '@/server/sites/store';

export const { GET, POST, PUT, PATCH, DELETE } = route<{ params: Promise<{ site: string; hash: string }> }>({
  /** An uploaded font as plain bytes, to be measured with. */
  async GET(_, { params }) {
    const { site, hash } = await params;
    const stored = loadSite(database(), site);
    if (!stored) return noSuchSite();
    const files = Object.values(stored.site.fonts).flatMap((font) => font.files);
    return files.some((file) => file.hash === hash)
      ? plainFont(await asSfnt(blobBytes(database(), hash)))
      : refusal(404, 'There is no such font in this site.');
  },
});
