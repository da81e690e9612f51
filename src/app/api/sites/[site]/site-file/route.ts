import { writeSiteFile } from '@/core/formats/site-file';
import { slug } from '@/core/render/names';
import { blobBytes } from '@/server/bytes/blobs';
import { database } from '@/server/db/open';
import { download, noSuchSite } from '@/server/http';
import { loadSite } from '@/server/sites/store';

/** The site file, to be kept or opened elsewhere. */
export async function GET(_request: Request, { params }: { params: Promise<{ site: string }> }) {
  const db = database();
  const stored = loadSite(db, (await params).site);
  if (!stored) return noSuchSite();
  const text = writeSiteFile(stored.site, (hash) => blobBytes(db, hash).toString('base64'));
  return download(text, `${slug(stored.site.name, 'site')}.gable.json`, 'application/json');
}
