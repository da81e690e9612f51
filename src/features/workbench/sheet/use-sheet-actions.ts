'use client';

import { useOpenSite, useSite } from '@/client/open-site-context';
import { newId } from '@/client/new-id';
import type { Edit } from '@/core/edit';
import type { Place } from '@/core/edit/place';
import type { ReferenceTarget } from '@/core/properties/reference';
import type { SheetActions } from '@/ui/sheet/model';
import { referenceOptions } from '@/ui/sheet/reference-options';
import { drawerForButton, makeDrawerFor } from '../menu-drawer';

const makeLabels: Partial<Record<ReferenceTarget, string>> = {
  drawers: 'a new drawer',
  artwork: 'upload a file…',
};

/** What the sheet's editors do to the open site. `upload` asks for a file of artwork for a value. */
export function useSheetActions(
  place: Place,
  upload: (property: string, cell: string) => void,
): SheetActions {
  const site = useSite();
  const edit = useOpenSite((open) => open.edit);
  const piece = place.on === 'piece' ? site[place.in][place.assembly]?.pieces[place.piece] : undefined;
  const at = place.on === 'piece' ? { in: place.in, assembly: place.assembly } : null;

  return {
    set(property, cell, value, gesture) {
      const edits: Edit[] = [{ edit: 'setValue', place, property, cell, value }];
      if (piece && at && property === 'shownAs' && value === 'button')
        edits.push(...drawerForButton(site, at, piece, newId));
      return edit(edits, gesture);
    },
    clear(property, cell) {
      edit([{ edit: 'clearValue', place, property, cell }]);
    },
    options: (to) => referenceOptions(site, to),
    makeLabel: (to) => makeLabels[to] ?? null,
    make(to, property, cell) {
      if (to === 'artwork') upload(property, cell);
      else if (piece && at) edit(makeDrawerFor(site, at, piece, newId));
    },
  };
}
