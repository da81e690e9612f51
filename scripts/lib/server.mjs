import { spawn } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { chromium } from '@playwright/test';
import { chromiumArguments, chromiumPath } from './chromium.mjs';
import { nextTool, root } from './run.mjs';

/** Serves the built application on a port, with a fresh demo unless a data folder is named, until `close` is called. */
export async function serveDemo(port, dataDir = mkdtempSync(path.join(tmpdir(), 'gable-ridge-script-'))) {
  const server = spawn(process.execPath, [nextTool, 'start', '-H', '127.0.0.1', '-p', String(port)], {
    cwd: root,
    stdio: 'ignore',
    env: { ...process.env, DATA_DIR: dataDir },
  });
  const origin = `http://127.0.0.1:${port}`;
  for (let tries = 0; tries < 120; tries += 1) {
    const up = await fetch(origin).then(
      (response) => response.ok,
      () => false,
    );
    if (up) break;
    await new Promise((resolve) => setTimeout(resolve, 250));
  }
  const close = () => {
    const ended = new Promise((resolve) => server.once('exit', resolve));
    server.kill();
    return ended;
  };
  return { origin, dataDir, close };
}

/** Debian's Chromium without a window, with more arguments where there are some. */
export function launchBrowser(more = []) {
  return chromium.launch({ executablePath: chromiumPath(), args: [...chromiumArguments, ...more] });
}
