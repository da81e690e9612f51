import path from 'node:path';
import { bundleCoreTests } from './scripts/lib/bundle-unit-tests.mjs';

/** The core knows no clock, no files and no globals, so its tests need no context each: the modules of a process are shared by all, and get fast. */
const core = async () => ({
  displayName: 'core',
  runner: 'jest-light-runner/child-process',
  setupFiles: ['<rootDir>/scripts/lib/source-maps.mjs'],
  testEnvironment: 'node',
  transform: {},
  testMatch: [path.join(await bundleCoreTests(), '**/*.test.js')],
});

/** All others have a context each, with globals of its own. */
const others = {
  displayName: 'all above it',
  testEnvironment: 'node',
  testMatch: ['<rootDir>/src/!(core)/**/*.test.ts'],
  transform: {
    '^.+\\.(t|j)sx?$': [
      '@swc/jest',
      {
        jsc: {
          parser: { syntax: 'typescript', tsx: true },
          transform: { react: { runtime: 'automatic' } },
          target: 'es2022',
        },
        module: { type: 'es6' },
      },
    ],
  },
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
};

const config = async () => ({
  // Nothing is judged by how long it takes on a slow machine; what hangs above the core still ends.
  testTimeout: 120_000,
  projects: [await core(), others],
});

export default config;
