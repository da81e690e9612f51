// Starts the application: installs and builds what is missing or stale, then serves it. The server itself brings the
// database up to date and puts the demo into an empty one.
import { spawn } from 'node:child_process';
import { ensureBuild, ensurePackages } from './lib/prepare.mjs';
import { nextTool, root } from './lib/run.mjs';

const host = process.env.HOST ?? '127.0.0.1';
const port = process.env.PORT ?? '4300';

await ensurePackages();
await ensureBuild();
console.log(
  `Gable Ridge opens at http://${host}:${port}  (data in ${process.env.DATA_DIR ?? 'data'}; Ctrl+C ends it)`,
);
const server = spawn(process.execPath, [nextTool, 'start', '-H', host, '-p', port], {
  cwd: root,
  stdio: 'inherit',
});
server.on('exit', (code) => process.exit(code ?? 0));
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
