'use client';

import { App } from 'antd';
import type { ClipboardEvent } from 'react';
import { newId } from '@/client/new-id';
import { useEdit, useSite } from '@/client/open-site-context';
import {
  leftBehind,
  pasteLook,
  pastePieces,
  readClipboard,
  writeClipboard,
  type Clipboard,
} from '@/core/edit/clipboard';
import type { AssemblyPlace } from '@/core/edit/place';
import { spotOf, type Spot } from '@/core/edit/pieces';
import type { Assembly } from '@/core/site/assembly';
import { selectedPieces, type Selection } from '../selection';

/** What was copied last in this browser; the clipboard of the system can only be read when somebody pastes by a key. */
const KEPT = 'gable-ridge-copied';

interface PlanClipboard {
  copy(): void;
  paste(): void;
  pasteLook(): void;
  /** For the section that the keys are pressed in. */
  onCopy(event: ClipboardEvent): void;
  onPaste(event: ClipboardEvent): void;
}

/** Where pasted pieces go: behind the selected piece, at the end of the selected bay, or at the end of the selected bar. */
export function pasteSpot(assembly: Assembly, selection: Selection): Spot {
  if (selection.on === 'piece') {
    const spot = spotOf(assembly, selection.id);
    if (spot) return { ...spot, index: spot.index + 1 };
  }
  const barId =
    selection.on === 'bay' ? selection.bar : selection.on === 'bar' ? selection.id : assembly.order.at(-1)!;
  const { bays } = assembly.bars[barId] ?? assembly.bars[assembly.order[0]!]!;
  const bay = (selection.on === 'bay' && bays.find((each) => each.id === selection.id)) || bays.at(-1)!;
  return { bar: barId, bay: bay.id, index: bay.pieces.length };
}

/** Copies the selected pieces and pastes pieces or their look, also between headers, sites and windows. */
export function usePlanClipboard(
  at: AssemblyPlace,
  assembly: Assembly,
  selection: Selection,
  onSelect: (selection: Selection) => void,
): PlanClipboard {
  const site = useSite();
  const edit = useEdit();
  const { message } = App.useApp();
  const selected = selectedPieces(selection).flatMap((id) => assembly.pieces[id] ?? []);

  const copied = (): string | null => {
    if (selected.length === 0) return null;
    const text = writeClipboard(site, selected);
    window.localStorage.setItem(KEPT, text);
    void message.info(selected.length === 1 ? 'Copied.' : `${selected.length} pieces copied.`);
    return text;
  };
  const put = (clipboard: Clipboard | null) => {
    if (!clipboard) return void message.info('Nothing to paste yet: copy a piece first.');
    const pasted = pastePieces(site, at, pasteSpot(assembly, selection), clipboard, newId);
    const refused = edit(pasted.edits);
    if (refused) return void message.warning(refused);
    const [id, ...others] = pasted.ids;
    onSelect({ on: 'piece', id: id!, others });
    const lost = leftBehind(site, clipboard);
    if (lost > 0)
      void message.warning(
        `${lost} ${lost === 1 ? 'value points' : 'values point'} at what this site does not have, and ${lost === 1 ? 'was' : 'were'} left behind.`,
      );
  };
  const kept = () => readClipboard(window.localStorage.getItem(KEPT) ?? '');
  return {
    copy: () => void copied(),
    paste: () => put(kept()),
    pasteLook() {
      const clipboard = kept();
      if (!clipboard) return void message.info('Nothing to paste yet: copy a piece first.');
      const outcomes = selected.map((piece) =>
        pasteLook(site, { on: 'piece', ...at, piece: piece.id }, piece, clipboard),
      );
      const refused = outcomes.find((outcome) => typeof outcome === 'string');
      if (refused) return void message.warning(refused);
      edit(outcomes.flatMap((outcome) => (typeof outcome === 'string' ? [] : outcome)));
    },
    onCopy(event) {
      const text = copied();
      if (text === null) return;
      event.clipboardData.setData('text/plain', text);
      event.preventDefault();
    },
    onPaste(event) {
      const found = readClipboard(event.clipboardData.getData('text/plain'));
      if (found) event.preventDefault();
      put(found ?? kept());
    },
  };
}
