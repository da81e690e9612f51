import type { AssemblyKind } from '@/core/properties/assembly-kind';
import { homePage } from '@/core/render/files';
import { settleNames } from '@/core/render/names';
import { placedOnPage, pageElement } from '@/core/render/page/page';
import { viewStylesheet } from '@/core/render/stylesheet/stylesheet';
import type { Site } from '@/core/site/site';
import { startAssembly, type Starter } from '@/core/starters/starter';
import type { Advances } from '@/core/text/advances';
import type { FrameContent } from '@/ui/preview/preview-frame';
import type { SpecimenSize } from './specimen-offers';

/** What of a page a specimen of each kind shows. */
export const starterSizes: Record<AssemblyKind, SpecimenSize> = {
  headers: { width: 1200, height: 300, scale: 0.28 },
  drawers: { width: 375, height: 560, scale: 0.5 },
  footers: { width: 1200, height: 640, scale: 0.28 },
};

/** A page with nothing but a starter on it; a drawer stands open over the site’s own header. */
export function starterPage(
  site: Site,
  kind: AssemblyKind,
  starter: Starter,
  advances: Advances,
): FrameContent {
  let count = 0;
  const ids = () => `starter-${(count += 1)}`;
  const { assembly, menus } = startAssembly(site, kind, starter, starter.name, ids);
  const added = Object.fromEntries(menus.map((menu) => [menu.id, menu]));
  const placed = placedOnPage(site, homePage(site)).header;
  const alone = { [assembly.id]: assembly };
  const [isDrawer, isFooter] = [kind === 'drawers', kind === 'footers'];
  const seen: Site = {
    ...site,
    menus: { ...site.menus, ...added },
    headers: kind === 'headers' ? alone : isDrawer && placed ? { [placed.id]: placed } : {},
    drawers: isDrawer ? { ...site.drawers, ...alone } : site.drawers,
    footers: isFooter ? alone : {},
  };
  const on = isDrawer
    ? { header: placed, footer: null, drawers: [assembly.id] }
    : { header: isFooter ? null : assembly, footer: isFooter ? assembly : null };
  return {
    page: pageElement(seen, homePage(site), on, site.languages[0], advances),
    css: viewStylesheet(seen, advances),
    drawer: isDrawer ? settleNames(seen).get(assembly.id)! : null,
    atEnd: isFooter,
    still: true,
  };
}
