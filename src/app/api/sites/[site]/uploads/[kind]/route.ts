import { MOST_BYTES } from '@/core/site/file-limits';
import { keepBlob } from '@/server/bytes/blobs';
import { isBlobKind } from '@/server/bytes/look';
import { database } from '@/server/db/open';
import { bodyBytes, noSuchSite, refusal, route } from '@/server/http';
import { look } from '@/server/jobs/looking';
import { loadSite } from '@/server/sites/store';

/** As much as any kind of file may have, and some more: what its own may have is said when it is looked at. */
const MOST_UPLOAD = Math.max(...Object.values(MOST_BYTES)) + 1024 * 1024;

export const { GET, POST, PUT, PATCH, DELETE } = route<{ params: Promise<{ site: string; kind: string }> }>({
  /** Keeps the bytes of the body and says what they are; they become part of the site by an edit. The file’s name stands in `name`. */
  async POST(request, { params }) {
    const db = database();
    const { site, kind } = await params;
    if (!loadSite(db, site)) return noSuchSite();
    if (!isBlobKind(kind)) return refusal(404, `Nothing can be uploaded as “${kind}”.`);
    // A type that no form can send, so that another website cannot either without asking first.
    if (request.headers.get('content-type') !== 'application/octet-stream')
      return refusal(
        415,
        'The bytes of a file are read as they are (content-type: application/octet-stream).',
      );
    const name = new URL(request.url).searchParams.get('name') ?? '';
    if (name === '' || name.length > 200) return refusal(400, 'A file has a name of 1 to 200 characters.');
    const bytes = await bodyBytes(request, MOST_UPLOAD);
    if (!bytes.ok) return bytes.response;
    const ingestion = await look(kind, bytes.value, name);
    if (!ingestion.ok) return refusal(422, ingestion.reason);
    const { about, hash, bytes: taken } = ingestion.kept;
    keepBlob(db, kind, hash, taken);
    return Response.json({ about, hash }, { status: 201 });
  },
});
