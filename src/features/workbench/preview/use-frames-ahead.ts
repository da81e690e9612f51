'use client';

import { useCallback, useLayoutEffect, useRef } from 'react';
import { useAdvances } from '@/client/open-site-context';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import { schemes, type Scheme } from '@/core/properties/schemes';
import { onWorkbench, pageElement } from '@/core/render/page/page';
import { wordsAhead } from '@/core/render/page/words-ahead';
import { stylesheetAhead, type Steps } from '@/core/render/stylesheet/ahead';
import type { Id } from '@/core/ids/id';
import { inScheme } from '@/core/site/scheme';
import type { Site } from '@/core/site/site';
import type { Advances } from '@/core/text/advances';
import type { FrameHandle } from '@/ui/preview/preview-frame';
import type { Rendered, ShownPage } from './use-rendered';

/** Shows an edit at once; false where that is not possible before the views are drawn. */
export type ShowsAhead = ((before: Site, after: Site) => boolean) | null;

/** What views show, by the scheme that they show it in. */
type InSchemes = ReadonlyMap<Scheme, Rendered>;

/** What the views were drawn of. */
interface DrawnOf {
  site: Site;
  kind: AssemblyKind;
  assembly: Id;
  page: ShownPage;
}

/** What views show where an edit is no more than declarations; null where it is more. */
function declared(shown: InSchemes, { made, before, after }: Steps, advances: Advances): InSchemes | null {
  const ahead = new Map<Scheme, Rendered>();
  for (const [scheme, rendered] of shown) {
    const [madeIn, beforeIn, afterIn] = [made, before, after].map((site) => inScheme(site, scheme));
    const steps = { made: madeIn!, before: beforeIn!, after: afterIn! };
    const css = stylesheetAhead(rendered.css, steps, advances);
    if (css === null) return null;
    ahead.set(scheme, { ...rendered, css });
  }
  return ahead;
}

/** What views show where an edit is no more than words; null where it is more. */
function worded(shown: InSchemes, steps: Steps, of: DrawnOf, advances: Advances): InSchemes | null {
  const site = wordsAhead(steps, advances);
  const { kind, assembly, page: at } = of;
  // What is shown may have gone since.
  if (!site?.[kind][assembly]) return null;
  const page = (seen: Site) =>
    pageElement(seen, at.page, onWorkbench(seen, at, kind, seen[kind][assembly]!), at.language, advances);
  return new Map(
    [...shown].map(([scheme, { css }]) => [scheme, { css, page: page(inScheme(site, scheme)) }]),
  );
}

/** Lets the views show an edit before they are drawn with all that follows from it, as long as that is no more than declarations or words. */
export function useFramesAhead(
  onAhead: (shows: ShowsAhead) => void,
  drawn: Record<Scheme, Rendered | null>,
  { site, kind, assembly, page }: DrawnOf,
) {
  const advances = useAdvances();
  const frames = useRef(new Map<string, { scheme: Scheme; handle: FrameHandle }>());
  // What the views show by now.
  const shown = useRef<InSchemes>(new Map());
  const { light, dark } = drawn;
  useLayoutEffect(() => {
    const all = { light, dark };
    shown.current = new Map(schemes.flatMap((scheme) => (all[scheme] ? [[scheme, all[scheme]]] : [])));
  }, [light, dark]);
  useLayoutEffect(() => {
    onAhead((before, after) => {
      if (shown.current.size === 0) return false;
      const steps = { made: site, before, after };
      const told =
        declared(shown.current, steps, advances) ??
        worded(shown.current, steps, { site, kind, assembly, page }, advances);
      if (told === null) return false;
      shown.current = told;
      const sendings = [...frames.current.values()].map(({ scheme, handle }) =>
        handle.show(told.get(scheme)!),
      );
      for (const send of sendings) send();
      return true;
    });
    return () => onAhead(null);
  }, [onAhead, site, kind, assembly, page, advances]);
  const of = useCallback(
    (key: string, scheme: Scheme) => (handle: FrameHandle | null) => {
      if (handle) frames.current.set(key, { scheme, handle });
      else frames.current.delete(key);
    },
    [],
  );
  return { of };
}
