'use client';

import { useCallback } from 'react';
import { useSite } from '@/client/open-site-context';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import { homePage } from '@/core/render/files';
import { pageFile } from '@/core/render/page/paths';
import { startersOf } from '@/core/starters';
import type { Starter } from '@/core/starters/starter';
import type { Advances } from '@/core/text/advances';
import { SpecimenGallery } from './specimen-gallery';
import { starterPage, starterSizes } from './starter-page';

/** What is said of a beginning of each kind, and of one with nothing in it. */
const shows: Record<AssemblyKind, { title: string; empty: string; about: string }> = {
  headers: {
    title: 'Begin a header',
    empty: 'one empty bar',
    about: 'A bar with three empty bays, to put pieces in.',
  },
  drawers: {
    title: 'Begin a drawer',
    empty: 'an empty panel',
    about: 'A panel to put pieces in, below what closes it.',
  },
  footers: {
    title: 'Begin a footer',
    empty: 'one empty bar',
    about: 'A bar with three empty bays, to put pieces in.',
  },
};

interface StarterGalleryProps {
  kind: AssemblyKind;
  /** Null for one with nothing in it. */
  onPick(starter: Starter | null): void;
  onClose(): void;
}

/** Ready-made headers, drawers or footers to begin with. */
export function StarterGallery({ kind, onPick, onClose }: StarterGalleryProps) {
  const site = useSite();
  const { title, empty, about } = shows[kind];
  const draw = useCallback(
    (starter: Starter, advances: Advances) => starterPage(site, kind, starter, advances),
    [site, kind],
  );
  return (
    <SpecimenGallery<Starter>
      title={title}
      says="Each is drawn with this site’s brand and menus, and can be changed to the last value afterwards."
      items={startersOf[kind]}
      size={starterSizes[kind]}
      root={`/frame/${site.id}`}
      file={pageFile(homePage(site).path)}
      draw={draw}
      first={{ drawn: empty, name: 'Empty', about, pick: () => onPick(null) }}
      onPick={onPick}
      onClose={onClose}
    />
  );
}
