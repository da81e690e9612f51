import type { BlobKind } from '../bytes/blobs';
import type { Ingestion } from '../bytes/ingestion';
import type { Look, Read } from '../bytes/look';
import type { LookedThrough } from '../sites/looked-through';
import { giveUp, lastingJob } from './job-process';

type Question =
  { ask: 'bytes'; kind: BlobKind; bytes: Uint8Array; name: string } | { ask: 'siteFile'; bytes: Uint8Array };
/** A question as it is sent; `computing` is how long it may be computed for, in ms. */
export type LookingQuestion = Question & { number: number; computing: number };
export interface LookingAnswer {
  number: number;
  answer: Ingestion<Read[BlobKind]> | LookedThrough | { ok: false; reason: string };
}

/** The memory for what is read of one file, in MB. */
const MEMORY = 384;

/** How long one file, and a whole site file, may be computed for, in ms: of the processor's time, so that a busy machine refuses nothing. */
const COMPUTING = { bytes: 10_000, siteFile: 60_000 };

/** How many times as long is waited where nothing is computed either. */
const STANDSTILL = 12;

/** What the process ends with when a file was computed for too long. */
export const TOO_LONG = 3;

/** One for the whole process: what starts the server is bundled apart from what answers. */
const shared = globalThis as { gableLooking?: { waiting: Promise<unknown>; number: number } };
const state = (shared.gableLooking ??= { waiting: Promise.resolve(), number: 0 });

function askNow(question: Question): Promise<LookingAnswer['answer']> {
  const asked = lastingJob('looking', MEMORY, [String(MEMORY)]);
  state.number += 1;
  const own = state.number;
  return new Promise((resolve) => {
    const done = (answer: LookingAnswer['answer']) => {
      clearTimeout(timer);
      asked.off('message', hear).off('exit', fail).off('error', fail);
      resolve(answer);
    };
    const hear = (heard: unknown) => {
      const { number: of, answer } = heard as LookingAnswer;
      if (of === own) done(answer);
    };
    const computing = COMPUTING[question.ask];
    const refuse = (more: string) => {
      giveUp('looking');
      done({ ok: false, reason: `Looking through this file takes more ${more}, so it is refused.` });
    };
    const tooLong = () => refuse(`than ${computing / 1000} seconds of computing`);
    const fail = (code: unknown) => (code === TOO_LONG ? tooLong() : refuse('memory than is given to it'));
    const timer = setTimeout(() => {
      asked.off('exit', fail).kill('SIGKILL');
      tooLong();
    }, STANDSTILL * computing);
    asked.on('message', hear).once('exit', fail).once('error', fail);
    asked.send({ ...question, number: own, computing }, (error) => error && fail(error));
  });
}

/** Asks one after another: a file that takes long makes the next one wait, and nothing else. */
function ask(question: Question): Promise<LookingAnswer['answer']> {
  const answer = state.waiting.then(() => askNow(question));
  state.waiting = answer;
  return answer;
}

type Answered<K extends BlobKind> = Ingestion<Read[K]> & { ok: true };

/** Looks at bytes in a process of its own, with limits of time and memory. */
export const look: Look = async (kind, bytes, name) => {
  const answer = await ask({ ask: 'bytes', kind, bytes, name });
  if (!answer.ok) return answer;
  const { about, hash, bytes: taken } = (answer as Answered<typeof kind>).kept;
  // What comes from a process is plain bytes.
  return { ok: true, kept: { about, hash, bytes: Buffer.from(taken) } };
};

/** Reads a site file and looks at all bytes in it, in a process of its own. */
export async function lookThrough(bytes: Buffer): Promise<LookedThrough> {
  return (await ask({ ask: 'siteFile', bytes })) as LookedThrough;
}
