import type { NextConfig } from 'next';

const config: NextConfig = {
  serverExternalPackages: ['better-sqlite3', 'jsdom'],
  turbopack: { root: import.meta.dirname },
  poweredByHeader: false,
  devIndicators: false,
};

export default config;
