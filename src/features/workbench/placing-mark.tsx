'use client';

import { useMemo } from 'react';
import { useEdit, useSite } from '@/client/open-site-context';
import { assemblyNouns, type AssemblyKind } from '@/core/properties/assembly-kind';
import { placed, placements } from '@/core/site/placing';
import { ScreenLink } from '@/ui/screen-link';

const slots = { headers: 'header', footers: 'footer' } as const;

/** Says on how many pages a header or footer stands, with the way to where that is said; a draft, which stands on none, is put on pages from here. */
export function PlacingMark({ kind, id }: { kind: AssemblyKind; id: string }) {
  const site = useSite();
  const edit = useEdit();
  const count = useMemo(
    () =>
      new Set(
        placements(site)
          .get(id)
          ?.map(({ page }) => page.id),
      ).size,
    [site, id],
  );
  if (kind === 'drawers') return null;
  if (!placed(site).has(id)) {
    const pages = site.placing.rules.length > 0 ? 'all other pages' : 'every page';
    return (
      <button
        type="button"
        className="plain"
        onClick={() => edit([{ edit: 'placeOnOthers', placing: { [slots[kind]]: id } }])}
      >
        a draft, on no page – put this {assemblyNouns[kind]} on {pages}
      </button>
    );
  }
  const all = site.pageOrder.length;
  return (
    <ScreenLink href={`/sites/${site.id}/placing`} className="quiet">
      {count === all ? 'stands on every page' : `stands on ${count} of ${all} pages`}
    </ScreenLink>
  );
}
