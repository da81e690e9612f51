import { spawnSync } from 'node:child_process';
import { root } from './run.mjs';

/** Says which files beside the sources are ignored by git, so that a clean checkout would lack them; gives how many. */
export function ignoredSources() {
  const { status, stdout } = spawnSync(
    'git',
    [
      'ls-files',
      '--others',
      '--ignored',
      '--exclude-standard',
      '--',
      'src',
      'tests',
      'scripts',
      'public',
      'docs',
    ],
    { cwd: root, encoding: 'utf8' },
  );
  // Unpacked without its history, the project is what it is.
  const ignored = status === 0 ? stdout.split('\n').filter(Boolean) : [];
  for (const file of ignored) console.error(`${file} is ignored by git, and would not be in a checkout.`);
  return ignored.length;
}
