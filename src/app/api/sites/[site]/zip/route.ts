import { slug } from '@/core/render/names';
import { database } from '@/server/db/open';
import { siteZip } from '@/server/handover/zip';
import { download, noSuchSite } from '@/server/http';
import { loadSite } from '@/server/sites/store';

/** The whole site as plain files. */
export async function GET(_request: Request, { params }: { params: Promise<{ site: string }> }) {
  const db = database();
  const { site: id } = await params;
  const stored = loadSite(db, id);
  const zip = await siteZip(db, id);
  return stored && zip
    ? download(zip, `${slug(stored.site.name, 'site')}.zip`, 'application/zip')
    : noSuchSite();
}
