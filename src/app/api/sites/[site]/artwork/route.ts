import * as v from 'valibot';
import { ingestArtwork } from '@/server/artwork/ingest';
import { keepBlob } from '@/server/artwork/blobs';
import { database } from '@/server/db/open';
import { noSuchSite, readBody, refusal } from '@/server/http';
import { loadSite } from '@/server/sites/store';

const bodySchema = v.strictObject({
  base64: v.pipe(v.string(), v.base64('The bytes have to be sent as base64.')),
});

/** Keeps the bytes of a picture and says what it is; it becomes part of the site by an edit. */
export async function POST(request: Request, { params }: { params: Promise<{ site: string }> }) {
  const db = database();
  if (!loadSite(db, (await params).site)) return noSuchSite();
  const body = await readBody(request, bodySchema);
  if (!body.ok) return body.response;
  const ingestion = await ingestArtwork(Buffer.from(body.value.base64, 'base64'));
  if (!ingestion.ok) return refusal(422, ingestion.reason);
  const { bytes, ...artwork } = ingestion.artwork;
  keepBlob(db, artwork.hash, bytes);
  return Response.json({ artwork }, { status: 201 });
}
