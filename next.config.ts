import type { NextConfig } from 'next';

const config: NextConfig = {
  serverExternalPackages: ['better-sqlite3', 'jsdom', 'fontkit'],
  turbopack: { root: import.meta.dirname },
  poweredByHeader: false,
  devIndicators: false,
};

export default config;
