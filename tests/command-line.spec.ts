import { execFileSync, spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect } from '@playwright/test';
import { inAudit, test } from './support/test';

const root = path.resolve(import.meta.dirname, '..');
const command = path.join(root, 'bin/gable-ridge.mjs');

/** The commands that docs/formats.md shows, as lists of words. */
const documented = [
  ...readFileSync(path.join(root, 'docs/formats.md'), 'utf8').matchAll(/^npx gable-ridge (.+)$/gm),
].map(([, words]) => words!.split(' '));

test(
  'the commands that are documented run on the site file of the demo, from any folder',
  inAudit,
  async ({ request }) => {
    const folder = mkdtempSync(path.join(tmpdir(), 'gable-ridge-command-'));
    const answer = await request.get('/api/sites/hollin-sound/site-file');
    writeFileSync(path.join(folder, 'hollin.gable.json'), await answer.body());
    expect(documented.length).toBeGreaterThanOrEqual(6);
    for (const words of documented) {
      const { status, stderr, stdout } = spawnSync(process.execPath, [command, ...words], {
        cwd: folder,
        encoding: 'utf8',
      });
      expect([words.join(' '), stderr, [0, 1].includes(status!)]).toEqual([words.join(' '), '', true]);
      expect(stdout).not.toBe('');
    }
    expect(existsSync(path.join(folder, 'site/index.html'))).toBe(true);
    expect(existsSync(path.join(folder, 'current.gable.json'))).toBe(true);
    // The demo harms nobody.
    execFileSync(process.execPath, [command, 'check', 'current.gable.json'], { cwd: folder });
    rmSync(folder, { recursive: true });
  },
);
