interface Numbered {
  number: number;
}

/** Asks a worker that is started with the first question; each answer comes with the number of its question. */
export function workerQuestions<Question extends Numbered, Answer extends Numbered>(start: () => Worker) {
  let worker: Worker | null = null;
  const open = new Map<number, (answer: Answer) => void>();
  return (question: Question, answered: (answer: Answer) => void, handedOver: Transferable[] = []): void => {
    if (worker === null) {
      worker = start();
      worker.onmessage = ({ data }: MessageEvent<Answer>) => {
        open.get(data.number)?.(data);
        open.delete(data.number);
      };
    }
    open.set(question.number, answered);
    worker.postMessage(question, handedOver);
  };
}
