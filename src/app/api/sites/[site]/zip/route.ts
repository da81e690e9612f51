import { slug } from '@/core/render/names';
import { database } from '@/server/db/open';
import { download, lines, noSuchSite, refusal, route } from '@/server/http';
import { makeZip, takeZip } from '@/server/jobs/handover';
import { sentFile } from '@/server/sent-file';
import { loadSite } from '@/server/sites/store';

/** Makes an archive to its end, for whoever does not want to hear how far it is; no further than they wait for it. */
async function made(site: string, { signal }: Request): Promise<{ key: string } | { reason: string }> {
  for await (const news of makeZip(site)) {
    if (signal.aborted) break;
    if (news.says === 'ready') return { key: news.key! };
    if (news.says === 'failed') return { reason: news.reason };
  }
  return { reason: 'Nothing was made.' };
}

export const { GET, POST, PUT, PATCH, DELETE } = route<{ params: Promise<{ site: string }> }>({
  /** The whole site as plain files: the archive that was made under `key`, or a new one. */
  async GET(request, { params }) {
    const { site } = await params;
    const stored = loadSite(database(), site);
    if (!stored) return noSuchSite();
    const asked = new URL(request.url).searchParams.get('key');
    const found = asked === null ? await made(site, request) : { key: asked };
    if ('reason' in found) return refusal(500, found.reason);
    const zip = takeZip(found.key);
    if (!zip) return refusal(404, 'This archive was fetched already, or has waited too long. Make it again.');
    return download(
      await sentFile(zip.file, zip.away),
      `${slug(stored.site.name, 'site')}.zip`,
      'application/zip',
    );
  },

  /** Makes the archive and tells line by line how far it is; the last line has the key under which it is fetched. */
  async POST(_, { params }) {
    const { site } = await params;
    return loadSite(database(), site) ? lines(makeZip(site)) : noSuchSite();
  },
});
