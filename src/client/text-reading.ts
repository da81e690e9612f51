import { unreadable, type Reading } from '@/core/formats/reading';
import type { AskedText, FoundInText, TextToRead } from '@/core/formats/read-text';
import type { ReadingAnswer } from '@/workers/reading-messages';

/** How long a text may be read, in ms. */
const PATIENCE = 20_000;

/** The reading of a text: what it comes to, and a way to stop it. */
export interface TextReading<T> {
  result: Promise<Reading<T>>;
  stop(): void;
}

const start = () => new Worker(new URL('../workers/reading.worker.ts', import.meta.url), { type: 'module' });

/** A worker that waits for the next text, so that its code need not be fetched again. */
let idle: Worker | null = null;

/**
 * Reads a text away from the screen. Where it takes too long or is stopped, the worker is ended with it, and the result says so: a reader
 * cannot be made to look up in between.
 */
export function readInWorker<K extends TextToRead['read']>(asked: AskedText<K>): TextReading<FoundInText[K]> {
  const worker = idle ?? start();
  idle = null;
  let stop = () => {};
  const result = new Promise<Reading<FoundInText[K]>>((resolve) => {
    const end = (reason: string) => {
      clearTimeout(timer);
      worker.terminate();
      resolve(unreadable(reason));
    };
    const timer = setTimeout(
      () => end(`Reading this takes more than ${PATIENCE / 1000} seconds. Read a smaller part of it.`),
      PATIENCE,
    );
    stop = () => end('Reading was stopped.');
    worker.onmessage = ({ data }: MessageEvent<ReadingAnswer>) => {
      clearTimeout(timer);
      idle ??= worker;
      if (idle !== worker) worker.terminate();
      resolve(data as Reading<FoundInText[K]>);
    };
    worker.onerror = ({ message }) => end(`This cannot be read: ${message}.`);
  });
  worker.postMessage(asked);
  return { result, stop: () => stop() };
}
