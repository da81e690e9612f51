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

/** A site before an edit, and after it. */
type Step = Pick<Steps, 'before' | 'after'>;

/** What stylesheets of views become by an edit that is no more than declarations; null where it is more. */
function declared(shown: InSchemes, { made, before, after }: Steps, advances: Advances): InSchemes | null {
  const ahead = new Map<Scheme, Rendered>();
  for (const [scheme, { css, page }] of shown) {
    const steps = {
      made: inScheme(made, scheme),
      before: inScheme(before, scheme),
      after: inScheme(after, scheme),
    };
    const other = stylesheetAhead(css, steps, advances);
    if (other === null) return null;
    ahead.set(scheme, { css: other, page });
  }
  return ahead;
}

/** What views show after edits that are no more than declarations or words; null where one is more. */
function shownAfter(
  shown: InSchemes,
  steps: readonly Step[],
  { site: made, kind, assembly, page: at }: DrawnOf,
  advances: Advances,
): InSchemes | null {
  let ahead = shown;
  let worded: Site | null = null;
  for (const step of steps) {
    const other = declared(ahead, { made, ...step }, advances);
    if (other === null) {
      worded = wordsAhead({ made, ...step }, advances);
      // What is shown may have gone since.
      if (!worded?.[kind][assembly]) return null;
    }
    ahead = other ?? ahead;
  }
  const site = worded;
  if (site === null) return ahead;
  const pageIn = (seen: Site) =>
    pageElement(seen, at.page, onWorkbench(seen, at, kind, seen[kind][assembly]!), at.language, advances);
  return new Map(
    [...ahead].map(([scheme, { css }]) => [scheme, { css, page: pageIn(inScheme(site, scheme)) }]),
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
  // What the views show by now, and the edits that they show ahead of the site that they were drawn of.
  const shown = useRef<InSchemes>(new Map());
  const steps = useRef<readonly Step[]>([]);
  const { light, dark } = drawn;
  const tell = useCallback((told: InSchemes | null) => {
    const sendings = [...frames.current.values()].map(({ scheme, handle }) =>
      handle.show(told?.get(scheme) ?? null),
    );
    for (const send of sendings) send();
  }, []);
  /** Shows further edits; false where that is not possible. */
  const show = useCallback(
    (further: readonly Step[]) => {
      const told = shownAfter(shown.current, further, { site, kind, assembly, page }, advances);
      if (told === null) return false;
      shown.current = told;
      tell(told);
      return true;
    },
    [tell, site, kind, assembly, page, advances],
  );
  useLayoutEffect(() => {
    const all = { light, dark };
    shown.current = new Map(schemes.flatMap((scheme) => (all[scheme] ? [[scheme, all[scheme]]] : [])));
    // Where they are drawn again in the meantime, as when a text was measured, nothing of what is typed is taken back.
    const next = steps.current.findIndex(({ before }) => before === site);
    const further = next === -1 ? [] : steps.current.slice(next);
    const ahead = further.length > 0 && show(further);
    steps.current = ahead ? further : [];
    if (!ahead) tell(null);
  }, [light, dark, site, show, tell]);
  useLayoutEffect(() => {
    onAhead((before, after) => {
      const step = { before, after };
      const told = shown.current.size > 0 && show([step]);
      if (told) steps.current = [...steps.current, step];
      return told;
    });
    return () => onAhead(null);
  }, [onAhead, show]);
  const of = useCallback(
    (key: string, scheme: Scheme) => (handle: FrameHandle | null) => {
      if (handle) frames.current.set(key, { scheme, handle });
      else frames.current.delete(key);
    },
    [],
  );
  return { of };
}
