import { existsSync } from 'node:fs';

/** Debian's Chromium without a window: the package that is nothing else, which draws faster, else the whole browser. */
const places = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'];

/** The package of the first of them. */
export const chromiumPackage = 'chromium-headless-shell';

/** Where Chromium is on this machine; null where it is not. */
export function chromiumPath() {
  return places.find((place) => existsSync(place)) ?? null;
}

/** How Chromium is started on a machine without a screen or a way to the internet. */
export const chromiumArguments = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--disable-dev-shm-usage',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--no-first-run',
];

/** As browsers with a window are by themselves: a frame of another origin, such as a view, is drawn in a process of its own. */
export const withProcesses = ['--site-per-process'];
