'use client';

import { useMemo } from 'react';
import { useAdvances } from '@/client/open-site-context';
import type { Element } from '@/core/markup/html';
import type { Stylesheet } from '@/core/markup/stylesheet';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import { homePage, renderedPages } from '@/core/render/files';
import { onWorkbench, pageElement, shownOn } from '@/core/render/page/page';
import { languageFolder, pageFile } from '@/core/render/page/paths';
import { viewStylesheet } from '@/core/render/stylesheet/stylesheet';
import type { Scheme } from '@/core/properties/schemes';
import type { Assembly } from '@/core/site/assembly';
import { inScheme } from '@/core/site/scheme';
import type { Page } from '@/core/site/page';
import type { Site } from '@/core/site/site';
import { unmeasured } from '@/core/text/advances';

/** A page in a language of the site. */
export interface ShownPage {
  page: Page;
  language: string;
}

/** The page with a file, in the language that the file is of; the home page in the first for one that is no longer there. */
export function pageWithFile(site: Site, file: string): ShownPage {
  const pages = renderedPages(site);
  for (const language of site.languages) {
    const page = pages.find((each) => fileOf(site, { page: each, language }) === file);
    if (page) return { page, language };
  }
  return { page: homePage(site), language: site.languages[0]! };
}

/** The file of a page in a language. */
export const fileOf = (site: Site, { page, language }: ShownPage): string =>
  pageFile(page.path, languageFolder(site, language));

/** A page of the site with its stylesheet, ready for the frames. */
export interface Rendered {
  css: Stylesheet;
  page: Element;
}

/** A page as it stands on the workbench in a scheme; null where that is not wanted, and as long as nothing is known of texts. */
export function useRendered(
  site: Site,
  scheme: Scheme,
  {
    kind,
    assembly,
    shown,
    wanted,
  }: { kind: AssemblyKind; assembly: Assembly; shown: ShownPage; wanted: boolean },
): Rendered | null {
  const advances = useAdvances();
  const seen = wanted && advances !== unmeasured ? inScheme(site, scheme) : null;
  const on = useMemo(() => onWorkbench(site, shown, kind, assembly), [site, shown, kind, assembly]);
  const css = useMemo(() => seen && viewStylesheet(seen, advances, shownOn(on)), [seen, advances, on]);
  const page = useMemo(
    () => seen && pageElement(seen, shown.page, on, shown.language, advances),
    [seen, shown, on, advances],
  );
  return useMemo(() => (css === null || page === null ? null : { css, page }), [css, page]);
}
