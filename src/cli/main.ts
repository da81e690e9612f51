import path from 'node:path';
import { Command, CommanderError } from 'commander';
import { check } from './commands/check';
import { diff } from './commands/diff';
import { fit } from './commands/fit';
import { read } from './commands/read';
import { parts, react, render } from './commands/folders';
import { upgrade } from './commands/upgrade';
import { COULD_NOT, CouldNot, FOUND_NOTHING, type Surroundings, type Work } from './command';

const commands = [check, fit, render, react, parts, diff, upgrade, read];

/** What a run says, to whom. */
export interface Streams {
  out: { write(text: string): unknown };
  err: { write(text: string): unknown; isTTY?: boolean };
}

/**
 * Runs the command line: `argv` as Node.js has it, typed paths from a folder. Gives the exit code: 0 where nothing was found, 1 where
 * something was, 2 where it could not be done, for which the reason is on standard error.
 */
export async function main(
  argv: readonly string[],
  from: string,
  { out, err }: Streams = { out: process.stdout, err: process.stderr },
): Promise<number> {
  let code = FOUND_NOTHING;
  const around: Surroundings = {
    pathOf: (typed) => path.resolve(from, typed),
    say: (text) => void out.write(text),
    // What only tells that it goes on is of no use in a file.
    tell: (text) => void (err.isTTY === true && err.write(`${text}\n`)),
  };
  const does = async (work: Work) => {
    code = await work(around);
  };
  const program = new Command('gable-ridge')
    .description('Looks over, renders and compares site files: no server, no database.')
    .exitOverride()
    .configureOutput({ writeOut: (text) => out.write(text), writeErr: (text) => err.write(text) });
  program.addHelpText(
    'after',
    '\nExit codes: 0 nothing was found, 1 something was found, 2 it could not be done.',
  );
  for (const define of commands) define(program, does);
  for (const each of program.commands) each.exitOverride().copyInheritedSettings(program);
  try {
    await program.parseAsync([...argv]);
    return code;
  } catch (error) {
    if (error instanceof CommanderError) return error.exitCode === 0 ? FOUND_NOTHING : COULD_NOT;
    err.write(error instanceof CouldNot ? `${error.message}\n` : `It failed: ${(error as Error).stack}\n`);
    return COULD_NOT;
  }
}
