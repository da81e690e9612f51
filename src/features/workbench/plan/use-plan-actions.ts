'use client';

import { useSite } from '@/client/open-site-context';
import { pieceKindsIn } from '@/core/pieces';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import type { Assembly } from '@/core/site/assembly';
import { pieceTitle } from '@/core/site/uses';
import { useActions } from '../../shell/actions/actions-context';
import type { Selection } from '../selection';
import { pasteSpot } from './use-clipboard';

interface PlanActions {
  kind: AssemblyKind;
  assembly: Assembly;
  selection: Selection;
  clipboard: { copy(): void; paste(): void; pasteLook(): void };
  onSelect(selection: Selection): void;
  add(bar: string, bay: string, kind: string): void;
  addBar(): void;
}

/** Offers what can be done in the plan to the list of actions. */
export function usePlanActions({
  kind,
  assembly,
  selection,
  clipboard,
  onSelect,
  add,
  addBar,
}: PlanActions): void {
  const site = useSite();
  useActions(() => [
    ...assembly.order.map((id) => ({
      group: 'Select',
      label: assembly.bars[id]!.name,
      run: () => onSelect({ on: 'bar', id }),
    })),
    ...Object.values(assembly.pieces).map((piece) => ({
      group: 'Select',
      label: pieceTitle(site, piece),
      run: () => onSelect({ on: 'piece', id: piece.id }),
    })),
    ...pieceKindsIn(kind).map((each) => ({
      group: 'Add a piece',
      label: each.label,
      run: () => {
        const { bar, bay } = pasteSpot(assembly, selection);
        add(bar, bay, each.kind);
      },
    })),
    { group: 'Plan', label: 'Add a bar', run: addBar },
    { group: 'Plan', label: 'Copy the selected pieces', run: clipboard.copy },
    { group: 'Plan', label: 'Paste pieces', run: clipboard.paste },
    { group: 'Plan', label: 'Paste the look only', run: clipboard.pasteLook },
  ]);
}
