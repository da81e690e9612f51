import { ingestArtwork } from '../bytes/artwork';
import { keepBlob } from '../bytes/blobs';
import { ingestFile } from '../bytes/file';
import type { Ingestion, Kept } from '../bytes/ingestion';
import type { Db } from '../db/open';
import { insertSite } from '../sites/store';
import { hollinArtwork, hollinSound, timetable } from './hollin-sound';
import { orreryHouse } from './orrery-house';

function taken<T>(ingestion: Ingestion<T>): Kept<T> {
  if (!ingestion.ok) throw new Error(`The demo’s own bytes are refused: ${ingestion.reason}`);
  return ingestion.kept;
}

/** Puts the two demo sites into an empty database. */
export async function seedDemo(db: Db, now: Date): Promise<void> {
  const artwork = await Promise.all(
    hollinArtwork.map(async ({ id, svg }) => ({
      id,
      ...taken(await ingestArtwork(Buffer.from(svg), `${id}.svg`)),
    })),
  );
  const file = taken(ingestFile(Buffer.from(timetable.text), timetable.name));
  const bytes = {
    artwork: Object.fromEntries(artwork.map(({ id, about, hash }) => [id, { ...about, hash }])),
    timetable: { bytes: file.about.bytes, hash: file.hash },
  };
  db.transaction(() => {
    for (const each of [...artwork, file]) keepBlob(db, each.hash, each.bytes);
    insertSite(db, orreryHouse('orrery-house'), new Date(now.getTime() - 60_000));
    insertSite(db, hollinSound('hollin-sound', bytes), now);
  });
}
