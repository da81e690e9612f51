import type { OverPicture } from '@/core/fit/over-picture';
import type { BarContrast, ContrastAnswer, ContrastQuestion } from '@/workers/contrast-messages';
import { workerQuestions } from './worker-questions';

const ask = workerQuestions<ContrastQuestion, ContrastAnswer>(
  () => new Worker(new URL('../workers/contrast.worker.ts', import.meta.url), { type: 'module' }),
);
let number = 0;

/** How what lies over a picture stands out against it, in the order of what was asked. */
export async function contrastsOver(picture: Blob, over: OverPicture[]): Promise<BarContrast[]> {
  const bitmap = await createImageBitmap(picture);
  number += 1;
  return new Promise((answered) =>
    ask({ number, picture: bitmap, over }, ({ contrasts }) => answered(contrasts), [bitmap]),
  );
}
