'use client';

import { useMemo } from 'react';
import { useAdvances } from '@/client/open-site-context';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import { homePage, renderedPages } from '@/core/render/files';
import { placedOnPage, renderPage, type OnPage } from '@/core/render/page/page';
import { pageFile } from '@/core/render/page/paths';
import { viewStylesheet } from '@/core/render/stylesheet/stylesheet';
import type { Scheme } from '@/core/properties/schemes';
import type { Assembly } from '@/core/site/assembly';
import { inScheme } from '@/core/site/scheme';
import type { Page } from '@/core/site/page';
import type { Site } from '@/core/site/site';

/** What stands on a page as views show it: what is placed there, with what is on the workbench in its place. */
export function onWorkbench(site: Site, page: Page, kind: AssemblyKind, assembly: Assembly): OnPage {
  // Views load nothing from elsewhere.
  const placed = { ...placedOnPage(site, page), framesOthers: false };
  if (kind === 'headers') return { ...placed, header: assembly };
  if (kind === 'footers') return { ...placed, footer: assembly };
  return { ...placed, drawers: [assembly.id] };
}

/** A page of the site as text, ready for the frames; a file that is no longer there gives the home page. */
export interface Rendered {
  css: string;
  html: string;
  file: string;
}

/** The page with a file as it stands on the workbench in a scheme; null where that is not wanted. */
export function useRendered(
  site: Site,
  scheme: Scheme,
  { kind, assembly, file, wanted }: { kind: AssemblyKind; assembly: Assembly; file: string; wanted: boolean },
): Rendered | null {
  const advances = useAdvances();
  const seen = wanted ? inScheme(site, scheme) : null;
  const page = useMemo(
    () => renderedPages(site).find((each) => pageFile(each.path) === file) ?? homePage(site),
    [site, file],
  );
  const on = useMemo(() => onWorkbench(site, page, kind, assembly), [site, page, kind, assembly]);
  const css = useMemo(
    () => seen && viewStylesheet(seen, advances, new Set([on.header?.id ?? null, on.footer?.id ?? null])),
    [seen, advances, on],
  );
  const html = useMemo(
    () => seen && renderPage(seen, page, on, seen.languages[0], advances),
    [seen, page, on, advances],
  );
  return css === null || html === null ? null : { css, html, file: pageFile(page.path) };
}
