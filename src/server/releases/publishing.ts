import { desc, eq } from 'drizzle-orm';
import type { Hosting } from '@/core/render/release-news';
import type { Db } from '../db/open';
import { hosting, publishings } from '../db/schema';
import { freePort, serve, servingProblem, stopServing } from './practice-host';
import { hasRelease } from './releases';

/** The most publishings that are told of. */
const MOST_TOLD = 50;

/** Where a site stands on the practice host, and what was live before. */
export function hostingOf(db: Db, site: string): Hosting {
  const row = db.select().from(hosting).where(eq(hosting.site, site)).get();
  const history = db
    .select()
    .from(publishings)
    .where(eq(publishings.site, site))
    .orderBy(desc(publishings.id))
    .limit(MOST_TOLD)
    .all();
  return {
    port: row?.port ?? null,
    release: row?.release ?? null,
    problem: servingProblem(site),
    history: history.map(({ id, release, at }) => ({ id, release, at: at.getTime() })),
  };
}

/** Writes what is live, and that it is from now on. */
function write(db: Db, row: { site: string; port: number; release: number | null }, now: Date): void {
  const { site, port, release } = row;
  db.transaction((tx) => {
    tx.insert(hosting).values(row).onConflictDoUpdate({ target: hosting.site, set: { port, release } }).run();
    tx.insert(publishings).values({ site, release, at: now }).run();
  });
}

/**
 * Publishes a release at the practice host: at a port that is wanted, else where the site was served before, else at the next free one.
 * What is live is one row, so whatever happens it is the old release or the new one. Gives why it is not possible; nothing is changed then.
 */
export async function publish(
  db: Db,
  site: string,
  release: number,
  wanted: number | null,
  now: Date,
): Promise<string | null> {
  const before = hostingOf(db, site);
  if (!hasRelease(db, site, release)) return `There is no release ${release} of this site.`;
  const other = wanted === null ? undefined : db.select().from(hosting).where(eq(hosting.port, wanted)).get();
  if (other && other.site !== site) return `Port ${wanted} is given to another site. Choose another one.`;
  const port = wanted ?? before.port ?? (await freePort(db));
  const problem = await serve(db, { site, release }, port);
  if (problem !== null) return problem;
  try {
    write(db, { site, port, release }, now);
  } catch (error) {
    // What is served is what is stored.
    if (before.release === null) stopServing(site);
    else await serve(db, { site, release: before.release }, before.port!);
    throw error;
  }
  return null;
}

/** Takes a site down: nobody is answered any more, and its port stays its own. */
export function takeDown(db: Db, site: string, now: Date): string | null {
  const { port, release } = hostingOf(db, site);
  if (port === null || release === null) return 'Nothing of this site is live.';
  write(db, { site, port, release: null }, now);
  stopServing(site);
  return null;
}
