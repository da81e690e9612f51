'use client';

import { useMemo } from 'react';
import { newId } from '@/client/new-id';
import { useEdit, useSite } from '@/client/open-site-context';
import type { Edit } from '@/core/edit';
import { bringing } from '@/core/edit/brought';
import type { Place } from '@/core/edit/place';
import { states } from '@/core/properties/states';
import type { ReferenceTarget } from '@/core/properties/reference';
import type { SheetActions } from '@/ui/sheet/model';
import { editorSource } from '@/ui/sheet/editor-source';

/** How something new comes about for a value to point at: what it is called in the list, and what is done. */
export interface Maker {
  label: string;
  make(property: string, cell: string): void;
}

/** What the sheet’s editors do to the values at a place of the open site, or at several at once. */
export function useValueActions(
  place: Place | readonly Place[],
  makers: Partial<Record<ReferenceTarget, Maker>> = {},
  /** Edits that have to go with setting a value. */
  besides: (property: string, value: unknown) => Edit[] = () => [],
): SheetActions {
  const site = useSite();
  const edit = useEdit();
  const source = useMemo(() => editorSource(site), [site]);
  const places = Array.isArray(place) ? (place as readonly Place[]) : [place as Place];
  const clearing = (property: string, cell: string) =>
    places.map((each): Edit => ({ edit: 'clearValue', place: each, property, cell }));
  const setting = (property: string, cell: string, value: unknown) =>
    places.map((each): Edit => ({ edit: 'setValue', place: each, property, cell, value }));
  return {
    source,
    change: (changes, gesture) =>
      edit(
        changes.flatMap(({ property, cell, value }) =>
          // A state that is left open follows, as if nothing was ever said.
          value === undefined || (value === null && (states as readonly string[]).includes(cell))
            ? clearing(property, cell)
            : [...setting(property, cell, value), ...besides(property, value)],
        ),
        gesture,
      ),
    bring(brought, into, gesture) {
      const { value, edits } = bringing(site, brought, newId());
      return edit(
        [...edits, ...into.flatMap(({ property, cell }) => setting(property, cell, value))],
        gesture,
      );
    },
    makeLabel: (to) => makers[to]?.label ?? null,
    make: (to, property, cell) => makers[to]?.make(property, cell),
  };
}
