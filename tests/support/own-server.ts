import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect } from '@playwright/test';

/** A server of a test's own, on a port and a data folder of its own, to be started and stopped in any way. */
export function ownServer(port: number, dataDir = mkdtempSync(path.join(tmpdir(), 'gable-ridge-own-'))) {
  const origin = `http://127.0.0.1:${port}`;
  let running: ChildProcess | null = null;
  const answers = () =>
    fetch(origin, { signal: AbortSignal.timeout(10_000) }).then(
      ({ status }) => `${status}`,
      (error: Error) => `${error.message} ${String(error.cause ?? '')}`,
    );

  const launch = () => {
    const child = spawn(
      process.execPath,
      ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', String(port)],
      { env: { ...process.env, DATA_DIR: dataDir } },
    );
    let said = '';
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => (said += String(chunk)));
    const ended = new Promise<number | null>((resolve) => child.once('exit', (code) => resolve(code)));
    return { child, ended, said: () => said };
  };

  return {
    origin,
    dataDir,
    async start() {
      const { child, said } = launch();
      running = child;
      await expect.poll(async () => `${await answers()} ${said()}`, { timeout: 60_000 }).toMatch(/^200 /);
    },
    /** Starts one that is to end by itself; gives its exit code and what it said. */
    async refused() {
      const { ended, said } = launch();
      return { code: await ended, said: said() };
    },
    /** Ends the server, if it runs, and waits until it has ended. */
    async stop(signal: NodeJS.Signals) {
      const child = running;
      running = null;
      if (!child || child.exitCode !== null || child.signalCode !== null) return;
      const ended = new Promise((resolve) => child.once('exit', resolve));
      child.kill(signal);
      await ended;
    },
  };
}
