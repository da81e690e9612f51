'use client';

import { useCallback, useMemo, useSyncExternalStore } from 'react';
import * as v from 'valibot';

const listeners = new Set<() => void>();

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  window.addEventListener('storage', listener);
  return () => {
    listeners.delete(listener);
    window.removeEventListener('storage', listener);
  };
}

/** What a browser keeps under a key; null where it keeps nothing, or may not. */
function readKept(key: string): string | null {
  try {
    return window.localStorage.getItem(key);
  } catch {
    return null;
  }
}

/**
 * Something that this browser keeps: how one looks at a site, which is no part of it. Null until it is known, where nothing was kept, and
 * where something else stands there than the schema wants.
 */
export function useKept<T>(
  key: string,
  schema: v.GenericSchema<unknown, T>,
): [kept: T | null, keep: (value: T) => void] {
  const text = useSyncExternalStore(
    subscribe,
    () => readKept(key),
    () => null,
  );
  const kept = useMemo(() => {
    const parsed = v.safeParse(v.pipe(v.string(), v.parseJson(), schema), text);
    return parsed.success ? parsed.output : null;
  }, [text, schema]);
  const keep = useCallback(
    (value: T) => {
      try {
        window.localStorage.setItem(key, JSON.stringify(value));
      } catch {
        // What cannot be kept is as it was the next time.
      }
      for (const listener of listeners) listener();
    },
    [key],
  );
  return [kept, keep];
}
