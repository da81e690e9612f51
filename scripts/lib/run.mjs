import { spawn } from 'node:child_process';
import path from 'node:path';

/** The project's own folder. */
export const root = path.resolve(import.meta.dirname, '../..');

/** Runs a command in the project's folder with its output shown; resolves to the exit code. */
export function run(command, args, env = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { cwd: root, stdio: 'inherit', env: { ...process.env, ...env } });
    child.on('error', reject);
    child.on('exit', (code) => resolve(code ?? 1));
  });
}

/** Runs a command that has to succeed; ends the script with its exit code when it does not. */
export async function must(command, args, env) {
  const code = await run(command, args, env);
  if (code === 0) return;
  console.error(`“${[command, ...args].join(' ')}” ended with ${code}.`);
  process.exit(code);
}

/** A tool of node_modules, to be run with node, so that no shell or npx stands in between. */
export const tool = (name, file) => path.join(root, 'node_modules', name, file);
export const nextTool = tool('next', 'dist/bin/next');
