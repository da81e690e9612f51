import path from 'node:path';
import { build } from 'esbuild';

/** The folder of the project. */
export const root = path.resolve(import.meta.dirname, '../..');

/** Bundles TypeScript for Node.js, with packages left where they are; paths are from the folder of the project. */
export function bundleForNode(what) {
  return build({
    absWorkingDir: root,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    packages: 'external',
    logLevel: 'warning',
    ...what,
  });
}
