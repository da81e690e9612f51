import * as v from 'valibot';
import { ingestArtwork } from '@/server/bytes/artwork';
import { keepBlob } from '@/server/bytes/blobs';
import { ingestFile } from '@/server/bytes/file';
import { ingestFont } from '@/server/bytes/font';
import type { Ingestion } from '@/server/bytes/ingestion';
import { database } from '@/server/db/open';
import { noSuchSite, readBody, refusal } from '@/server/http';
import { loadSite } from '@/server/sites/store';

const bodySchema = v.strictObject({
  name: v.pipe(v.string(), v.minLength(1), v.maxLength(200)),
  base64: v.pipe(v.string(), v.base64('The bytes have to be sent as base64.')),
});

const ingestions: Record<
  string,
  (bytes: Buffer, name: string) => Ingestion<unknown> | Promise<Ingestion<unknown>>
> = {
  artwork: ingestArtwork,
  fonts: ingestFont,
  files: ingestFile,
};

/** Keeps bytes that were sent and says what they are; they become part of the site by an edit. */
export async function POST(
  request: Request,
  { params }: { params: Promise<{ site: string; kind: string }> },
) {
  const db = database();
  const { site, kind } = await params;
  if (!loadSite(db, site)) return noSuchSite();
  const ingest = Object.hasOwn(ingestions, kind) ? ingestions[kind] : undefined;
  if (!ingest) return refusal(404, `Nothing can be uploaded as “${kind}”.`);
  const body = await readBody(request, bodySchema);
  if (!body.ok) return body.response;
  const ingestion = await ingest(Buffer.from(body.value.base64, 'base64'), body.value.name);
  if (!ingestion.ok) return refusal(422, ingestion.reason);
  const { about, hash, bytes } = ingestion.kept;
  keepBlob(db, hash, bytes);
  return Response.json({ about, hash }, { status: 201 });
}
