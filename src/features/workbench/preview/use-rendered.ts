'use client';

import { useMemo } from 'react';
import { useAdvances } from '@/client/open-site-context';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import { homePage, renderedPages } from '@/core/render/files';
import { settleNames } from '@/core/render/names';
import { placedOnPage, renderPage, type OnPage } from '@/core/render/page/page';
import { pageFile } from '@/core/render/page/paths';
import { viewStylesheet } from '@/core/render/stylesheet/stylesheet';
import type { Assembly } from '@/core/site/assembly';
import type { Site } from '@/core/site/site';

/** What stands on the previewed page: what is placed there, with what is on the workbench in its place. */
function onWorkbench(site: Site, kind: AssemblyKind, assembly: Assembly): OnPage {
  // Views load nothing from elsewhere.
  const placed = { ...placedOnPage(site), framesOthers: false };
  if (kind === 'headers') return { ...placed, header: assembly };
  if (kind === 'footers') return { ...placed, footer: assembly };
  return { ...placed, drawers: [assembly.id] };
}

/** A page of the site as text, ready for the frames; a file that is no longer there gives the home page. */
export function useRendered(site: Site, kind: AssemblyKind, assembly: Assembly, wantedFile: string) {
  const advances = useAdvances();
  const page = useMemo(
    () => renderedPages(site).find((each) => pageFile(each.path) === wantedFile) ?? homePage(site),
    [site, wantedFile],
  );
  const on = useMemo(() => onWorkbench(site, kind, assembly), [site, kind, assembly]);
  const css = useMemo(
    () => viewStylesheet(site, advances, new Set([on.header?.id ?? null, on.footer?.id ?? null])),
    [site, advances, on],
  );
  const html = useMemo(
    () => renderPage(site, page, on, site.languages[0], advances),
    [site, page, on, advances],
  );
  const names = useMemo(() => settleNames(site), [site]);
  return { css, html, page, file: pageFile(page.path), names };
}
