import { fork, type ChildProcess } from 'node:child_process';
import { constants, setPriority } from 'node:os';
import path from 'node:path';

/**
 * Work that may take long, run wild, or bring down what it runs in is done in processes of their own: a thread would take the server
 * with it where a decoder fails, or where the memory of V8 comes to its end. Each job is a file `*.job.ts` beside this one; they are
 * bundled by `npm run jobs`, since the server’s own bundle holds no file that a process can be started with.
 */
export type JobName = keyof typeof priorities;

const { PRIORITY_NORMAL, PRIORITY_BELOW_NORMAL } = constants.priority;
/**
 * Halfway between usual and below usual: the server goes first, whose answers are short. Not by more: on a busy machine a job that comes
 * last would never come to its end.
 */
const BEHIND_SERVER = Math.round((PRIORITY_NORMAL + PRIORITY_BELOW_NORMAL) / 2);

const priorities = {
  looking: BEHIND_SERVER,
  handover: BEHIND_SERVER,
  // A page is not seen before this one has answered.
  opening: PRIORITY_NORMAL,
};

const running = new Set<ChildProcess>();
process.on('exit', () => running.forEach((job) => job.kill('SIGKILL')));

/** Starts a job with so much memory for its objects, in MB. It ends with the server. */
export function startJob(name: JobName, memory: number, args: readonly string[] = []): ChildProcess {
  const file = path.resolve(/*turbopackIgnore: true*/ '.jobs', `${name}.mjs`);
  const job = fork(file, [...args], {
    serialization: 'advanced',
    execArgv: [`--max-old-space-size=${memory}`],
    stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
  });
  if (job.pid !== undefined) setPriority(job.pid, priorities[name]);
  running.add(job);
  job.once('exit', () => running.delete(job));
  return job;
}

/** Jobs that stay, by their names: one of each for the whole server, of which what starts it is bundled apart from what answers. */
const shared = globalThis as { gableLastingJobs?: Map<JobName, ChildProcess> };
const lasting = (shared.gableLastingJobs ??= new Map());

/** A job that stays until it fails or is ended, started when there is none; it does not keep the server from ending. */
export function lastingJob(name: JobName, memory: number, args: readonly string[] = []): ChildProcess {
  const there = lasting.get(name);
  if (there?.connected) return there;
  const job = startJob(name, memory, args);
  lasting.set(name, job);
  // Each question listens for its own answer.
  job.setMaxListeners(0);
  job.unref();
  job.channel?.unref();
  return job;
}

/** Gives a job up that stays, and may not have ended yet: the next one who asks for it is given another. */
export function giveUp(name: JobName): void {
  lasting.delete(name);
}
