'use client';

import { useCallback, useLayoutEffect, useRef } from 'react';
import { useAdvances } from '@/client/open-site-context';
import type { Stylesheet } from '@/core/markup/stylesheet';
import type { Scheme } from '@/core/properties/schemes';
import { stylesheetAhead } from '@/core/render/stylesheet/ahead';
import { inScheme } from '@/core/site/scheme';
import type { Site } from '@/core/site/site';
import type { FrameHandle } from '@/ui/preview/preview-frame';
import type { Rendered } from './use-rendered';

/** Shows an edit at once; false where that is not possible before the views are drawn. */
export type ShowsAhead = ((before: Site, after: Site) => boolean) | null;

/** Lets the views show an edit before they are drawn with all that follows from it, as long as that is no more than declarations. */
export function useFramesAhead(
  onAhead: (shows: ShowsAhead) => void,
  rendered: Record<Scheme, Rendered | null>,
) {
  const advances = useAdvances();
  const frames = useRef(new Map<string, { scheme: Scheme; handle: FrameHandle }>());
  // What the views show by now.
  const shown = useRef(new Map<Scheme, Stylesheet>());
  const [light, dark] = [rendered.light?.css ?? null, rendered.dark?.css ?? null];
  useLayoutEffect(() => {
    shown.current = new Map(
      Object.entries({ light, dark }).flatMap(([scheme, css]) => (css ? [[scheme as Scheme, css]] : [])),
    );
  }, [light, dark]);
  useLayoutEffect(() => {
    onAhead((before, after) => {
      const told = [...shown.current].map(
        ([scheme, css]) =>
          [
            scheme,
            stylesheetAhead(css, inScheme(before, scheme), inScheme(after, scheme), advances),
          ] as const,
      );
      if (told.length === 0 || told.some(([, css]) => css === null)) return false;
      shown.current = new Map(told as [Scheme, Stylesheet][]);
      const sendings = [...frames.current.values()].map(({ scheme, handle }) =>
        handle.style(shown.current.get(scheme)!),
      );
      for (const send of sendings) send();
      return true;
    });
    return () => onAhead(null);
  }, [onAhead, advances]);
  const of = useCallback(
    (key: string, scheme: Scheme) => (handle: FrameHandle | null) => {
      if (handle) frames.current.set(key, { scheme, handle });
      else frames.current.delete(key);
    },
    [],
  );
  return { of };
}
