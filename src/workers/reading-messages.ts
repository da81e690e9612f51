import type { Reading } from '@/core/formats/reading';
import type { TextToRead } from '@/core/formats/read-text';

/** What the reading worker is asked, and what it answers; one question at a time. */
export type ReadingQuestion = TextToRead;
export type ReadingAnswer = Reading<unknown>;
