'use client';

import { useEdit, useSite } from '@/client/open-site-context';
import { assemblyNouns, type AssemblyKind } from '@/core/properties/assembly-kind';

const slots = { headers: 'header', footers: 'footer' } as const;

/** Says whether a header or footer stands on every page, and puts it there. */
export function PlacingMark({ kind, id }: { kind: AssemblyKind; id: string }) {
  const site = useSite();
  const edit = useEdit();
  if (kind === 'drawers') return null;
  const slot = slots[kind];
  const placed = site.placing[slot] === id;
  return placed ? (
    <span className="quiet">stands on every page</span>
  ) : (
    <button
      type="button"
      className="plain"
      onClick={() => edit([{ edit: 'placeOnEveryPage', placing: { [slot]: id } }])}
    >
      stands on no page – put this {assemblyNouns[kind]} on every page
    </button>
  );
}
