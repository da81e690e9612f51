#!/usr/bin/env node
// The command line: what is bundled of src/cli, started in the folder of the project, since fonts and scripts are looked for from there.
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';

const root = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..');
const bundled = path.join(root, '.jobs/cli.mjs');
// Who reads only the beginning, as `head` does, has all that was wanted.
process.stdout.on('error', (error) => process.exit(error.code === 'EPIPE' ? process.exitCode : 2));

process.exitCode = existsSync(bundled) || built() ? await runs() : 2;

/** Puts the command line together where nobody has yet; whether that worked. */
function built() {
  process.stderr.write('Putting the command line together, once …\n');
  const { status, error } = spawnSync(process.execPath, ['scripts/build-jobs.mjs'], {
    cwd: root,
    stdio: ['ignore', 2, 2],
  });
  if (status === 0) return true;
  process.stderr.write(
    `It could not be put together${error ? `: ${error.message}` : ''}. Run “npm ci” in ${root}, and try again.\n`,
  );
  return false;
}

async function runs() {
  const from = process.cwd();
  process.chdir(root);
  const { main } = await import(pathToFileURL(bundled).href);
  return main(process.argv, from);
}
