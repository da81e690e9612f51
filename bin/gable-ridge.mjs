#!/usr/bin/env node
// The command line: what is bundled of src/cli, started in the folder of the project, since fonts and scripts are looked for from there.
import { existsSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';

const root = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..');
const bundled = path.join(root, '.jobs/cli.mjs');
if (existsSync(bundled)) {
  const from = process.cwd();
  process.chdir(root);
  const { main } = await import(pathToFileURL(bundled).href);
  process.exitCode = await main(process.argv, from);
} else {
  process.stderr.write('The command line is not built yet. Run “npm run jobs” first.\n');
  process.exitCode = 2;
}
