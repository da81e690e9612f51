import { gzipSync } from 'node:zlib';
import { database } from '@/server/db/open';
import { renderedSite } from '@/server/handover/rendered';
import { fileBytes } from '@/server/handover/sources';
import { noSuchSite } from '@/server/http';

/** The files of the hand-over with their sizes in bytes, as they are and compressed. */
export async function GET(_request: Request, { params }: { params: Promise<{ site: string }> }) {
  const db = database();
  const rendered = await renderedSite(db, (await params).site);
  if (!rendered) return noSuchSite();
  const files = [...rendered.values()].map((file) => {
    const bytes = fileBytes(db, file);
    return {
      path: file.path,
      bytes: bytes.length,
      compressed: gzipSync(bytes).length,
      readable: 'text' in file,
    };
  });
  return Response.json({ files });
}
