'use client';

import { useCallback, useEffect, useState } from 'react';
import type { Answer } from './api';

/** What was fetched; while none is there yet both are null. */
export interface Fetched<T> {
  value: T | null;
  problem: string | null;
  /** Fetches it anew; what is there stays until then. */
  again(): void;
}

/**
 * Fetches something, and anew when `ask` becomes another function; when `revision` is another one, what is there stays until the new
 * has come.
 */
export function useFetched<T>(ask: () => Promise<Answer<T>>, revision = 0): Fetched<T> {
  const [round, setRound] = useState(0);
  const [found, setFound] = useState<{ of: unknown; answer: Answer<T> } | null>(null);
  useEffect(() => {
    let late = false;
    void ask().then((answer) => {
      if (!late) setFound({ of: ask, answer });
    });
    return () => {
      late = true;
    };
  }, [ask, round, revision]);
  const again = useCallback(() => setRound((each) => each + 1), []);
  const answer = found?.of === ask ? found.answer : null;
  return {
    value: answer?.ok ? answer.value : null,
    problem: answer && !answer.ok ? answer.reason : null,
    again,
  };
}
