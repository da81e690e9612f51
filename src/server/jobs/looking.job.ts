import { isMainThread, parentPort, Worker } from 'node:worker_threads';
import { readSiteFile } from '@/core/formats/site-file';
import { lookHere } from '../bytes/look';
import { lookedThrough } from '../sites/looked-through';
import { TOO_LONG, type LookingAnswer, type LookingQuestion } from './looking';

/** Looks at what is asked, on the thread that does nothing else. */
function lookOn(port: NonNullable<typeof parentPort>): void {
  port.postMessage(READY);
  port.on('message', (question: LookingQuestion) => {
    const answer = (found: LookingAnswer['answer']) =>
      port.postMessage({ number: question.number, answer: found } satisfies LookingAnswer);
    void (
      question.ask === 'bytes'
        ? lookHere(question.kind, Buffer.from(question.bytes), question.name)
        : lookedThrough(readSiteFile(Buffer.from(question.bytes).toString('utf8')), lookHere)
    ).then(answer, (error: Error) => answer({ ok: false, reason: `This cannot be read: ${error.message}` }));
  });
}

/** What the thread says once it is there. */
const READY = 'ready';

/** How often is looked at how long was computed, in ms. */
const EVERY = 100;

/** Ends the process when it computes for longer than so many ms from now on; gives what calls that off. */
function limitComputing(most: number): () => void {
  const start = process.cpuUsage();
  const timer = setInterval(() => {
    const { user, system } = process.cpuUsage(start);
    if (user + system > most * 1000) process.exit(TOO_LONG);
  }, EVERY);
  return () => clearInterval(timer);
}

/** Hands questions over to a thread, so that this one hears when the server is gone, and sees how long is computed, whatever the other one is stuck in. */
function handOver(): void {
  const thread = new Worker(new URL(import.meta.url), {
    resourceLimits: { maxOldGenerationSizeMb: Number(process.argv[2]) },
  });
  const ready = new Promise<void>((resolve) => thread.once('message', () => resolve()));
  let callOff = () => {};
  process.on('message', (question: LookingQuestion) => {
    void ready.then(() => {
      callOff = limitComputing(question.computing);
      thread.postMessage(question);
    });
  });
  thread.on('message', (answer) => {
    if (answer === READY) return;
    callOff();
    process.send!(answer);
  });
  // Whoever asked hears of it by the end of the process.
  thread.on('error', () => process.exit(1));
  process.on('disconnect', () => process.exit());
}

if (isMainThread) handOver();
else lookOn(parentPort!);
