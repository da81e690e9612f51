import { keepBlob } from '../artwork/blobs';
import { ingestArtwork } from '../artwork/ingest';
import type { Db } from '../db/open';
import { insertSite } from '../sites/store';
import { hollinLogo, hollinSound } from './hollin-sound';
import { orreryHouse } from './orrery-house';

/** Puts the two demo sites into an empty database. */
export async function seedDemo(db: Db, now: Date): Promise<void> {
  const ingestion = await ingestArtwork(Buffer.from(hollinLogo));
  if (!ingestion.ok) throw new Error(`The demo’s logo cannot be read: ${ingestion.reason}`);
  const { bytes, ...logo } = ingestion.artwork;
  db.transaction(() => {
    keepBlob(db, logo.hash, bytes);
    insertSite(db, orreryHouse('orrery-house'), new Date(now.getTime() - 60_000));
    insertSite(db, hollinSound('hollin-sound', logo), now);
  });
}
