'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { handoverNews, type Making } from '@/client/api';
import type { HandoverNews, ListedFile } from '@/core/render/handover-news';

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

/**
 * The files of the site as they stand at this revision, told while they are rendered; stopped when the revision is no longer the last, and
 * while nobody looks at them.
 */
export function useListing(site: string, revision: number, wanted: boolean): Listing {
  const [state, setState] = useState<Omit<Listing, 'stop'>>(nothing);
  const stopping = useRef(new AbortController());
  const listed = useRef<number | null>(null);
  useEffect(() => {
    if (!wanted || listed.current === revision) return;
    const controller = new AbortController();
    stopping.current = controller;
    const { signal } = controller;
    void (async () => {
      setState(nothing);
      for await (const news of handoverNews(site, { make: 'list' }, signal)) {
        if (signal.aborted) return;
        if (news.says === 'count') setState((known) => ({ ...known, count: news.count }));
        else if (news.says === 'files')
          setState((known) => ({ ...known, files: [...known.files, ...news.files] }));
        else if (news.says === 'failed') setState((known) => ({ ...known, problem: news.reason }));
      }
      if (signal.aborted) return;
      listed.current = revision;
      setState((known) => ({ ...known, busy: false }));
    })();
    return () => controller.abort();
  }, [site, revision, wanted]);
  const stop = useCallback(() => {
    stopping.current.abort();
    setState((known) => ({ ...known, busy: false }));
  }, []);
  return { ...state, stop };
}

/** The making of an archive or a release: how far it is, and what became of it. */
export interface Underway {
  /** Files done and in all; null while none is made. */
  progress: { done: number; count: number } | null;
  problem: string | null;
  start(making: Making): void;
  stop(): void;
}

/** Makes an archive, which the browser then saves, or a release, and tells of the news that it is ready. */
export function useMaking(site: string, onReady: (news: HandoverNews & { says: 'ready' }) => void): Underway {
  const [progress, setProgress] = useState<Underway['progress']>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const controller = useRef<AbortController | null>(null);
  useEffect(() => () => controller.current?.abort(), []);
  const make = async (making: Making) => {
    const { signal } = (controller.current = new AbortController());
    setProblem(null);
    setProgress({ done: 0, count: 0 });
    for await (const news of handoverNews(site, making, signal)) {
      if (news.says === 'count') setProgress({ done: 0, count: news.count });
      else if (news.says === 'done') setProgress((known) => known && { ...known, done: news.done });
      else if (news.says === 'failed') setProblem(news.reason);
      else if (news.says === 'ready') onReady(news);
    }
    setProgress(null);
  };
  return {
    progress,
    problem,
    start: (making) => void make(making),
    stop: () => controller.current?.abort(),
  };
}
