import { assemblyKinds, type AssemblyKind } from '@/core/properties/assembly-kind';
import { homePage } from '@/core/render/files';
import { settleNames } from '@/core/render/names';
import { onWorkbench, pageElement, shownOn } from '@/core/render/page/page';
import { pageFile } from '@/core/render/page/paths';
import { viewStylesheet } from '@/core/render/stylesheet/stylesheet';
import type { Page } from '@/core/site/page';
import { firstPageOf } from '@/core/site/placing';
import type { Site } from '@/core/site/site';
import type { Advances } from '@/core/text/advances';
import type { FrameContent } from '@/ui/preview/preview-frame';

/** A header, drawer or footer of a site. */
export interface AssemblyOf {
  kind: AssemblyKind;
  id: string;
}

/** The page on which one is seen: the first that it stands on. */
function pageOf(site: Site, { kind, id }: AssemblyOf): Page {
  return (kind === 'drawers' ? null : firstPageOf(site, id)) ?? homePage(site);
}

/** The file of that page. */
export const fileOf = (site: Site, of: AssemblyOf): string => pageFile(pageOf(site, of).path);

/** A page with a header, drawer or footer as frames draw it; null where the site has no such one. */
export function drawnAssembly(site: Site, { kind, id }: AssemblyOf, advances: Advances): FrameContent | null {
  const assembly = site[kind][id];
  if (!assembly) return null;
  const page = pageOf(site, { kind, id });
  const on = onWorkbench(site, { page, language: site.languages[0]! }, kind, assembly);
  return {
    page: pageElement(site, page, on, site.languages[0], advances),
    css: viewStylesheet(site, advances, shownOn(on)),
    drawer: kind === 'drawers' ? settleNames(site).get(id)! : null,
    atEnd: kind === 'footers',
    still: true,
  };
}

/** The headers, drawers and footers of two states of a site, each once, with what it is called last. */
export function assembliesOf(before: Site, after: Site): (AssemblyOf & { name: string })[] {
  return assemblyKinds.flatMap((kind) => {
    const ids = [...new Set([...Object.keys(after[kind]), ...Object.keys(before[kind])])];
    return ids.map((id) => ({ kind, id, name: (after[kind][id] ?? before[kind][id])!.name }));
  });
}
