import type { OverPicture } from '@/core/fit/over-picture';
import type { BarContrast, ContrastAnswer } from '@/workers/contrast-messages';

/** A worker that judges pictures, started when it is first asked, with its open questions. */
let worker: Worker | null = null;
let number = 0;
const open = new Map<number, (contrasts: BarContrast[]) => void>();

function started(): Worker {
  if (worker) return worker;
  worker = new Worker(new URL('../workers/contrast.worker.ts', import.meta.url), { type: 'module' });
  worker.onmessage = ({ data }: MessageEvent<ContrastAnswer>) => {
    open.get(data.number)?.(data.contrasts);
    open.delete(data.number);
  };
  return worker;
}

/** How what lies over a picture stands out against it, in the order of what was asked. */
export async function contrastsOver(picture: Blob, over: OverPicture[]): Promise<BarContrast[]> {
  const bitmap = await createImageBitmap(picture);
  number += 1;
  return new Promise((answered) => {
    open.set(number, answered);
    started().postMessage({ number, picture: bitmap, over }, [bitmap]);
  });
}
