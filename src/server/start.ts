import { closeDatabase, dataDir, database, holdFolder, intoMainFile } from './db/open';
import { seedDemo } from './demo/seed';
import { storageProblem } from './failures';
import { look } from './jobs/looking';
import { openingText } from './jobs/opening';
import { sweepObjects } from './objects/objects';
import { serveAll } from './releases/practice-host';
import { listSites, loadSite } from './sites/store';

/** How often what was written is brought into the main file of the database, in ms. */
const EVERY = 60_000;

/** Ends the server with a sentence. */
function give(up: string): never {
  console.error(`\n${up}\n`);
  process.exit(1);
}

/** Opens the database, brings it up to date, and seeds the demo when there is no site yet. Ends the server where the folder cannot be used. */
export async function startServer(): Promise<void> {
  const folder = dataDir();
  try {
    if (!holdFolder(folder))
      give(
        `Another Gable Ridge is running on the data in ${folder}. Stop it, or give this one a folder of its own with DATA_DIR.`,
      );
    const db = database();
    process.once('exit', closeDatabase);
    if (listSites(db).length === 0) await seedDemo(db, look, new Date());
    sweepObjects(db);
    intoMainFile(db);
    await serveAll(db);
    setImmediate(() => prepareOpening(db));
    setInterval(() => keepUp(db), EVERY).unref();
  } catch (error) {
    const problem = storageProblem(error) ?? (error as Error).message;
    give(`The data in ${folder} cannot be used. ${problem}`);
  }
}

/** Has worked out what the site that was changed last is opened with, so that all that takes is at hand by then. */
function prepareOpening(db: ReturnType<typeof database>): void {
  try {
    const [last] = listSites(db);
    const stored = last ? loadSite(db, last.id) : null;
    const [assembly] = Object.keys(stored?.site.headers ?? {});
    if (stored && assembly) openingText(stored, { kind: 'headers', assembly }).catch(() => {});
  } catch {
    // Whoever opens it is told what is wrong with it.
  }
}

/** What fails here is not lost, only written elsewhere: it is tried again the next time. */
function keepUp(db: ReturnType<typeof database>): void {
  try {
    intoMainFile(db);
  } catch (error) {
    console.error(storageProblem(error) ?? error);
  }
}
