import { expect, test } from '@jest/globals';
import { workerQuestions } from './worker-questions';

/** A worker that answers when it is told to, in whatever order. */
function someWorker() {
  const asked: { number: number; text: string }[] = [];
  const worker = {
    onmessage: null as ((event: { data: object }) => void) | null,
    postMessage: (question: (typeof asked)[number]) => void asked.push(question),
    answer: (number: number, size: number) => worker.onmessage!({ data: { number, size } }),
  };
  return { asked, worker };
}

test('a worker is started with the first question, and answers come to those who asked, whatever their order', () => {
  const { asked, worker } = someWorker();
  let started = 0;
  const ask = workerQuestions<{ number: number; text: string }, { number: number; size: number }>(() => {
    started += 1;
    return worker as unknown as Worker;
  });
  expect(started).toBe(0);
  const answers: [string, number][] = [];
  for (const [index, text] of ['one', 'three'].entries())
    ask({ number: index, text }, ({ size }) => answers.push([text, size]));
  expect([started, asked.length]).toEqual([1, 2]);
  worker.answer(1, 5);
  worker.answer(0, 3);
  // An answer that nobody waits for any more is let go.
  worker.answer(1, 9);
  expect(answers).toEqual([
    ['three', 5],
    ['one', 3],
  ]);
});
