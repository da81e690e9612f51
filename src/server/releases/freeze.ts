import { eq, max } from 'drizzle-orm';
import type { Site } from '@/core/site/site';
import type { Db } from '../db/open';
import { releaseFiles, releases, sites } from '../db/schema';
import { ahead } from '../handover/ahead';
import { allFiles, type HandedOver } from '../handover/rendered';
import { hashOf, hasObject, keepObjects, packedObject, type KeptObject } from '../objects/objects';
import { keepPoint } from '../sites/points';

/** The most bytes that are written in one transaction, packed: the server waits for the database no longer than this takes. */
const MOST_AT_ONCE = 512 * 1024;

interface Frozen {
  path: string;
  hash: string;
  readable: boolean;
}

/** A file as it is kept; null where the same bytes are kept already. */
interface Packed extends Frozen {
  object: KeptObject | null;
}

/**
 * Freezes the rendered files of a site under the next number: their bytes first, as far as they are not kept yet, then in one
 * transaction the release, its list of files and the saved point before it. Where it ends before that transaction, there is no release.
 * Tells after each file how many are done. Throws where the site was changed meanwhile.
 */
export async function freeze(
  db: Db,
  { site, revision, note }: { site: Site; revision: number; note: string },
  now: Date,
  told: { count(count: number): void; done(done: number): void },
): Promise<number> {
  const { count, files } = await allFiles(db, site);
  told.count(count);
  const known = new Set<string>();
  const packed = async ({ path, bytes, readable }: HandedOver): Promise<Packed> => {
    const hash = await hashOf(bytes);
    const kept = known.has(hash) || hasObject(db, hash);
    known.add(hash);
    return { path, hash, readable, object: kept ? null : await packedObject(hash, bytes, readable) };
  };
  const frozen: Frozen[] = [];
  let waiting: KeptObject[] = [];
  let waitingBytes = 0;
  const flush = () => {
    db.transaction((tx) => keepObjects(tx, waiting), { behavior: 'immediate' });
    waiting = [];
    waitingBytes = 0;
  };
  for await (const { object, ...file } of ahead(files, packed)) {
    frozen.push(file);
    if (object) {
      waiting.push(object);
      waitingBytes += object.bytes.length;
    }
    if (waitingBytes > MOST_AT_ONCE) flush();
    told.done(frozen.length);
  }
  flush();
  return db.transaction(
    (tx) => {
      const stands = tx.select({ revision: sites.revision }).from(sites).where(eq(sites.id, site.id)).get();
      if (stands?.revision !== revision)
        throw new ChangedMeanwhile('The site was changed while its release was made. Make it again.');
      const last = tx
        .select({ number: max(releases.number) })
        .from(releases)
        .where(eq(releases.site, site.id))
        .get();
      const number = (last?.number ?? 0) + 1;
      const point = keepPoint(
        tx,
        { site: site.id, document: site, name: `Release ${number}`, made: 'release', revision },
        now,
      );
      tx.insert(releases).values({ site: site.id, number, note, revision, point: point.id, at: now }).run();
      for (const file of frozen)
        tx.insert(releaseFiles)
          .values({ site: site.id, release: number, ...file })
          .run();
      return number;
    },
    { behavior: 'immediate' },
  );
}

/** A release that is not made, since the site is another one by now. */
export class ChangedMeanwhile extends Error {
  override readonly name = 'ChangedMeanwhile';
}
