import type { Command } from 'commander';

/** What a pipeline can tell a run by: nothing was found, something was, or it could not be done. */
export const FOUND_NOTHING = 0;
export const FOUND_SOMETHING = 1;
export const COULD_NOT = 2;

/** Why a command could not do what it was asked, in sentences for who asked. */
export class CouldNot extends Error {}

/** Where a command reads and writes. */
export interface Surroundings {
  /** The absolute path of one that was typed. */
  pathOf(typed: string): string;
  /** What it was asked for, on standard output. */
  say(text: string): void;
  /** What goes on meanwhile, on standard error. */
  tell(text: string): void;
}

/** Work that gives the exit code of a command. */
export type Work = (around: Surroundings) => Promise<number>;

/** A command: one file of `commands/`, which says its arguments, and hands on what is to be done with them. */
export type CommandKind = (program: Command, does: (work: Work) => Promise<void>) => void;
