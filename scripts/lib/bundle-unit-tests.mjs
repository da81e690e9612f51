import { readdirSync, rmSync } from 'node:fs';
import path from 'node:path';
import { bundleForNode, root } from './bundle.mjs';

const bundled = path.join(root, '.jobs/unit');

/** Bundles the tests of the core, with the modules that they share in files of their own; gives the folder that they are in. */
export async function bundleCoreTests() {
  rmSync(bundled, { recursive: true, force: true });
  await bundleForNode({
    entryPoints: readdirSync(path.join(root, 'src/core'), { recursive: true })
      .filter((name) => name.endsWith('.test.ts'))
      .map((name) => path.join('src/core', name)),
    outdir: bundled,
    outbase: 'src',
    splitting: true,
    sourcemap: true,
    alias: { '@jest/globals': path.join(root, 'scripts/lib/jest-globals.mjs') },
  });
  return bundled;
}
