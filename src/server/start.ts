import { database } from './db/open';
import { seedDemo } from './demo/seed';
import { listSites } from './sites/store';

/** Opens the database, brings it up to date, and seeds the demo when there is no site yet. */
export async function startServer(): Promise<void> {
  const db = database();
  if (listSites(db).length === 0) await seedDemo(db, new Date());
}
