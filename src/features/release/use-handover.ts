'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { handoverNews } from '@/client/api';
import type { ListedFile } from '@/core/render/handover-news';
import { saveFrom } from './save-from';

/** The files of the hand-over as far as they are known, and how many there will be; null while none is told of. */
export interface Listing {
  files: readonly ListedFile[];
  count: number | null;
  problem: string | null;
  /** Whether more files are on their way. */
  busy: boolean;
  stop(): void;
}

const nothing = { files: [] as readonly ListedFile[], count: null, problem: null, busy: true };

/** The files of the site as they stand at this revision, told while they are rendered; stopped when the revision is no longer the last. */
export function useListing(site: string, revision: number): Listing {
  const [state, setState] = useState<Omit<Listing, 'stop'>>(nothing);
  const stopping = useRef(new AbortController());
  useEffect(() => {
    const controller = new AbortController();
    stopping.current = controller;
    const { signal } = controller;
    void (async () => {
      setState(nothing);
      for await (const news of handoverNews(site, 'files', signal)) {
        if (signal.aborted) return;
        if (news.says === 'count') setState((known) => ({ ...known, count: news.count }));
        else if (news.says === 'files')
          setState((known) => ({ ...known, files: [...known.files, ...news.files] }));
        else if (news.says === 'failed') setState((known) => ({ ...known, problem: news.reason }));
      }
      if (!signal.aborted) setState((known) => ({ ...known, busy: false }));
    })();
    return () => controller.abort();
  }, [site, revision]);
  const stop = useCallback(() => {
    stopping.current.abort();
    setState((known) => ({ ...known, busy: false }));
  }, []);
  return { ...state, stop };
}

/** The making of an archive: how far it is, and what became of it. */
export interface Archive {
  /** Files done and in all; null while none is made. */
  progress: { done: number; count: number } | null;
  problem: string | null;
  make(): void;
  stop(): void;
}

/** Makes the archive of a site and lets the browser save it when it is ready. */
export function useArchive(site: string): Archive {
  const [progress, setProgress] = useState<Archive['progress']>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const controller = useRef<AbortController | null>(null);
  useEffect(() => () => controller.current?.abort(), []);
  const make = async () => {
    const { signal } = (controller.current = new AbortController());
    setProblem(null);
    setProgress({ done: 0, count: 0 });
    for await (const news of handoverNews(site, 'zip', signal)) {
      if (news.says === 'count') setProgress({ done: 0, count: news.count });
      else if (news.says === 'done') setProgress((known) => known && { ...known, done: news.done });
      else if (news.says === 'failed') setProblem(news.reason);
      else if (news.says === 'ready') saveFrom(`/api/sites/${site}/zip?key=${news.key}`);
    }
    setProgress(null);
  };
  return { progress, problem, make: () => void make(), stop: () => controller.current?.abort() };
}
