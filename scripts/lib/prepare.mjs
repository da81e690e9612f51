import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { chromiumPackage, chromiumPath } from './chromium.mjs';
import { must, nextTool, root } from './run.mjs';

const at = (...parts) => path.join(root, ...parts);

/** Every file below a folder, in a fixed order; a file gives itself. */
function filesBelow(entry) {
  if (!statSync(entry).isDirectory()) return [entry];
  return readdirSync(entry)
    .sort()
    .flatMap((name) => filesBelow(path.join(entry, name)));
}

/** A hash over the names and contents of files, to tell whether anything made from them is stale. */
function hashOf(entries) {
  const hash = createHash('sha256');
  for (const file of entries
    .map((entry) => at(entry))
    .filter(existsSync)
    .flatMap(filesBelow)) {
    hash.update(path.relative(root, file)).update('\0').update(readFileSync(file)).update('\0');
  }
  return hash.digest('hex');
}

/** Does the work unless the stamp says that it was done for the very same files. */
async function unlessStamped(stamp, entries, work) {
  const hash = hashOf(entries);
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === hash) return;
  await work();
  mkdirSync(path.dirname(stamp), { recursive: true });
  writeFileSync(stamp, hash);
}

/** Installs the packages of the lock file when they are missing or other ones. */
export function ensurePackages() {
  return unlessStamped(at('node_modules/.gable-ridge-stamp'), ['package-lock.json'], async () => {
    console.log('Installing packages (a few minutes the first time) …');
    await must('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']);
  });
}

/** Bundles the processes that the server starts. */
const buildJobs = () => must(process.execPath, [at('scripts/build-jobs.mjs')]);

/** Builds the application when its sources changed since the last build. */
export async function ensureBuild() {
  await buildJobs();
  const sources = ['package-lock.json', 'next.config.ts', 'tsconfig.json', '.env', 'src', 'public'];
  await unlessStamped(at('.next/gable-ridge-stamp'), sources, async () => {
    console.log('Building the application …');
    await must(process.execPath, [nextTool, 'build']);
  });
}

/** Sees to it that Debian's Chromium is there; ends the script with a sentence when it cannot be had. */
export async function ensureChromium() {
  if (chromiumPath() !== null) return;
  if (process.getuid?.() !== 0 || !existsSync('/usr/bin/apt-get')) {
    console.error(
      `The tests need Chromium. Install Debian’s package “${chromiumPackage}” as root, then run this again.`,
    );
    process.exit(1);
  }
  console.log('Installing Chromium …');
  const quiet = { DEBIAN_FRONTEND: 'noninteractive' };
  await must('apt-get', ['update', '-qq'], quiet);
  await must('apt-get', ['install', '-y', '-qq', '--no-install-recommends', chromiumPackage], quiet);
}
