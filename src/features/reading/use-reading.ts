'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { readInWorker } from '@/client/text-reading';
import type { Reading } from '@/core/formats/reading';
import type { AskedText, FoundInText, TextToRead } from '@/core/formats/read-text';

/** After how long a reading is said to be under way, in ms. */
const SAID_AFTER = 300;

/** What a text comes to as far as it is read. */
export interface ReadingState<T> {
  reading: Reading<T>;
  /** The text that the reading is of; another one is under way while they differ. */
  of: string;
  /** Seconds that the reading under way has taken; null where none is worth a word. */
  seconds: number | null;
  stop(): void;
}

const nothing = { found: [], problems: [] };

/** Reads a text whenever it changes; one that is under way is given up for the next. `ask` says as what it is to be read. */
export function useReading<K extends TextToRead['read']>(
  text: string,
  ask: (text: string) => AskedText<K>,
): ReadingState<FoundInText[K]> {
  const [state, setState] = useState<{ reading: Reading<FoundInText[K]>; of: string }>({
    reading: nothing,
    of: '',
  });
  const [seconds, setSeconds] = useState<number | null>(null);
  const stopping = useRef(() => {});
  useEffect(() => {
    if (text.trim() === '') return;
    const started = Date.now();
    const tell = () => setSeconds((Date.now() - started) / 1000);
    const first = setTimeout(tell, SAID_AFTER);
    const ticking = setInterval(tell, 1000);
    const { result, stop } = readInWorker(ask(text));
    let wanted = true;
    stopping.current = stop;
    const silent = () => {
      clearTimeout(first);
      clearInterval(ticking);
      setSeconds(null);
    };
    void result.then((reading) => {
      if (!wanted) return;
      wanted = false;
      silent();
      setState({ reading, of: text });
    });
    return () => {
      silent();
      if (wanted) stop();
      wanted = false;
    };
  }, [text, ask]);
  const stop = useCallback(() => stopping.current(), []);
  const empty = text.trim() === '';
  return { ...(empty ? { reading: nothing, of: text } : state), seconds, stop };
}
