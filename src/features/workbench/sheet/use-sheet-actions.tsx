'use client';

import type { ReactNode } from 'react';
import { newId } from '@/client/new-id';
import { useEdit, useSite } from '@/client/open-site-context';
import type { Edit } from '@/core/edit';
import type { Place } from '@/core/edit/place';
import { contrastWith } from '@/core/resolve/colour-contrast';
import type { SheetActions } from '@/ui/sheet/model';
import { useValueActions } from '../../sheet/use-value-actions';
import { useUpload } from '../../uploads/use-upload';
import { drawerForButton, makeDrawerFor } from '../menu-drawer';

/** What the sheet’s editors do on the workbench: beside setting values, they make drawers and upload artwork and files. */
export function useSheetActions(places: readonly Place[]): { actions: SheetActions; inputs: ReactNode } {
  const site = useSite();
  const place = places[0]!;
  const edit = useEdit();
  const artwork = useUpload('artwork');
  const files = useUpload('files');
  const piece = place.on === 'piece' ? site[place.in][place.assembly]?.pieces[place.piece] : undefined;
  const at = place.on === 'piece' ? { in: place.in, assembly: place.assembly } : null;
  const pointing = (property: string, cell: string, value: unknown): Edit[] =>
    places.map((each) => ({ edit: 'setValue', place: each, property, cell, value }));
  const actions = useValueActions(
    places,
    {
      artwork: {
        label: 'upload a file…',
        make: (property, cell) => artwork.ask((id) => pointing(property, cell, id)),
      },
      files: {
        label: 'upload a file…',
        make: (property, cell) => files.ask((id) => pointing(property, cell, { to: 'file', file: id })),
      },
      drawers: {
        label: 'a new drawer',
        make: () => {
          if (piece && at) edit(makeDrawerFor(site, at, piece, newId));
        },
      },
    },
    (property, value) =>
      piece && at && property === 'shownAs' && value === 'button'
        ? drawerForButton(site, at, piece, newId)
        : [],
  );
  return {
    actions: { ...actions, contrast: (property, cell) => contrastWith(site, place, property, cell) },
    inputs: (
      <>
        {artwork.input}
        {files.input}
      </>
    ),
  };
}
