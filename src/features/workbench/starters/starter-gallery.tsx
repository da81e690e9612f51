'use client';

import { useCallback } from 'react';
import { useAdvances, useSite } from '@/client/open-site-context';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import { homePage } from '@/core/render/files';
import { settleNames } from '@/core/render/names';
import { pageFile } from '@/core/render/page/paths';
import { placedOnPage, renderPage } from '@/core/render/page/page';
import { viewStylesheet } from '@/core/render/stylesheet/stylesheet';
import type { Site } from '@/core/site/site';
import { startersOf } from '@/core/starters';
import { startAssembly, type Starter } from '@/core/starters/starter';
import type { Advances } from '@/core/text/advances';
import type { FrameContent } from '@/ui/preview/preview-frame';
import { SpecimenGallery, type SpecimenSize } from './specimen-gallery';

/** What of a page a specimen of each kind shows, and what is said of one with nothing in it. */
const shows: Record<AssemblyKind, { size: SpecimenSize; title: string; empty: string; about: string }> = {
  headers: {
    size: { width: 1200, height: 300, scale: 0.28 },
    title: 'Begin a header',
    empty: 'one empty bar',
    about: 'A bar with three empty bays, to put pieces in.',
  },
  drawers: {
    size: { width: 375, height: 560, scale: 0.5 },
    title: 'Begin a drawer',
    empty: 'an empty panel',
    about: 'A panel to put pieces in, below what closes it.',
  },
  footers: {
    size: { width: 1200, height: 640, scale: 0.28 },
    title: 'Begin a footer',
    empty: 'one empty bar',
    about: 'A bar with three empty bays, to put pieces in.',
  },
};

/** A page with nothing but a starter on it; a drawer stands open over the site’s own header. */
function starterPage(site: Site, kind: AssemblyKind, starter: Starter, advances: Advances): FrameContent {
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
    html: renderPage(seen, homePage(site), on, site.languages[0], advances),
    css: viewStylesheet(seen, advances),
    drawer: isDrawer ? settleNames(seen).get(assembly.id)! : null,
    atEnd: isFooter,
    still: true,
  };
}

interface StarterGalleryProps {
  kind: AssemblyKind;
  /** Null for one with nothing in it. */
  onPick(starter: Starter | null): void;
  onClose(): void;
}

/** Ready-made headers, drawers or footers to begin with. */
export function StarterGallery({ kind, onPick, onClose }: StarterGalleryProps) {
  const site = useSite();
  const advances = useAdvances();
  const { size, title, empty, about } = shows[kind];
  const draw = useCallback(
    (starter: Starter) => starterPage(site, kind, starter, advances),
    [site, kind, advances],
  );
  return (
    <SpecimenGallery<Starter>
      title={title}
      says="Each is drawn with this site’s brand and menus, and can be changed to the last value afterwards."
      items={startersOf[kind]}
      size={size}
      root={`/frame/${site.id}`}
      file={pageFile(homePage(site).path)}
      draw={draw}
      first={{ drawn: empty, name: 'Empty', about, pick: () => onPick(null) }}
      onPick={onPick}
      onClose={onClose}
    />
  );
}
