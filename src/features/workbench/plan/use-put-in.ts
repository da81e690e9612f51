import { App } from 'antd';
import { newId } from '@/client/new-id';
import { useEdit, useLatestSite } from '@/client/open-site-context';
import type { AssemblyPlace } from '@/core/edit/place';
import type { Spot } from '@/core/edit/pieces';
import type { Selection } from '../selection';
import { startPiece } from './new-piece';

/** Puts a new piece of a kind into a bay, and selects it. */
export function usePutIn(at: AssemblyPlace, onSelect: (selection: Selection) => void) {
  const latest = useLatestSite();
  const edit = useEdit();
  const { notification } = App.useApp();
  return (spot: Spot, kind: string) => {
    const piece = startPiece(latest(), kind, at.in, newId);
    const reason = edit([{ edit: 'addPiece', at, spot, piece }]);
    if (reason === null) onSelect({ on: 'piece', id: piece.id });
    else
      notification.warning({
        title: 'The piece was not put in',
        description: reason,
        placement: 'bottomLeft',
      });
  };
}
