import { keepBlob } from '../bytes/blobs';
import type { Ingestion, Kept } from '../bytes/ingestion';
import type { Look } from '../bytes/look';
import type { Db } from '../db/open';
import { insertSite } from '../sites/store';
import { hollinSound } from './hollin-sound';
import { hollinArtwork, timetable } from './hollin-sound/artwork';
import { orreryHouse } from './orrery-house';

function taken<T>(ingestion: Ingestion<T>): Kept<T> {
  if (!ingestion.ok) throw new Error(`The demo’s own bytes are refused: ${ingestion.reason}`);
  return ingestion.kept;
}

/** Puts the two demo sites into an empty database; their bytes are looked at like any others. */
export async function seedDemo(db: Db, look: Look, now: Date): Promise<void> {
  const artwork = await Promise.all(
    hollinArtwork.map(async ({ id, svg }) => ({
      id,
      ...taken(await look('artwork', Buffer.from(svg), `${id}.svg`)),
    })),
  );
  const file = taken(await look('files', Buffer.from(timetable.text), timetable.name));
  const bytes = {
    artwork: Object.fromEntries(artwork.map(({ id, about, hash }) => [id, { ...about, hash }])),
    timetable: { bytes: file.about.bytes, hash: file.hash },
  };
  db.transaction(() => {
    for (const each of artwork) keepBlob(db, 'artwork', each.hash, each.bytes);
    keepBlob(db, 'files', file.hash, file.bytes);
    insertSite(db, orreryHouse('orrery-house'), new Date(now.getTime() - 60_000));
    insertSite(db, hollinSound('hollin-sound', bytes), now);
  });
}
