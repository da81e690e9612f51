import { nanoid } from 'nanoid';
import { readText } from '@/core/formats/read-text';
import type { ReadingAnswer, ReadingQuestion } from './reading-messages';

addEventListener('message', ({ data }: MessageEvent<ReadingQuestion>) => {
  postMessage(readText(data, () => `i${nanoid(11)}`) satisfies ReadingAnswer);
});
