import type { NextConfig } from 'next';

const config: NextConfig = {
  serverExternalPackages: ['better-sqlite3', 'jsdom', 'fontkit', 'harfbuzzjs', 'wawoff2'],
  turbopack: {
    root: import.meta.dirname,
    // HarfBuzz names a module of Node.js that a browser has no need of.
    resolveAlias: { module: { browser: './src/workers/no-module.ts' } },
  },
  poweredByHeader: false,
  devIndicators: false,
  // Types are checked by `npm run types`, which `npm test` runs before it builds.
  typescript: { ignoreBuildErrors: true },
};

export default config;
