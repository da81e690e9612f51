import { existsSync } from 'node:fs';
import path from 'node:path';
import type { NextConfig } from 'next';

/** Most machines build once: what makes the next build faster is kept from the second on. */
const isFirstBuild = !existsSync(path.join(import.meta.dirname, '.next/BUILD_ID'));

/** What every answer says to browsers: nothing is taken for another type than it is said to be, and no other website frames or opens it. */
const everywhere = [
  { key: 'x-content-type-options', value: 'nosniff' },
  { key: 'referrer-policy', value: 'same-origin' },
];
const ownPages = [
  { key: 'content-security-policy', value: "frame-ancestors 'self'" },
  { key: 'x-frame-options', value: 'SAMEORIGIN' },
  { key: 'cross-origin-opener-policy', value: 'same-origin' },
  { key: 'cross-origin-resource-policy', value: 'same-origin' },
];

const config: NextConfig = {
  // The files of sites are served to pages of an opaque origin, under rules of their own (src/server/handover/serve.ts).
  headers: async () => [
    { source: '/:path*', headers: everywhere },
    {
      source: '/((?!try/|tried/|frame/|frame-host\\.js$|tried\\.js$|api/sites/[^/]+/bytes/).*)',
      headers: ownPages,
    },
  ],
  experimental: {
    // A site file is the largest thing that is sent (MOST_SITE_FILE); Next cuts a body off at this size without a word.
    proxyClientMaxBodySize: '72mb',
    // The server’s code stays on this machine, and what it says of a failure is to be read.
    turbopackMinify: { server: false },
    turbopackFileSystemCacheForBuild: !isFirstBuild,
  },
  // Server and browser are on one machine: packing what goes between them costs both more than it saves.
  compress: false,
  serverExternalPackages: ['better-sqlite3', 'harfbuzzjs', 'wawoff2'],
  turbopack: {
    root: import.meta.dirname,
    // HarfBuzz names a module of Node.js that a browser has no need of.
    resolveAlias: {
      module: { browser: './src/workers/no-module.ts' },
      // Its form for browsers asks the document, which a worker has not.
      'decode-named-character-reference': {
        browser: './node_modules/decode-named-character-reference/index.js',
      },
    },
  },
  // What is measured in browsers is kept there for one build (src/client/kept-widths.ts).
  env: { BUILD: new Date().toISOString() },
  poweredByHeader: false,
  devIndicators: false,
  // Types are checked by `npm run types`, which `npm test` runs as well.
  typescript: { ignoreBuildErrors: true },
};

export default config;
