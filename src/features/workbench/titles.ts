import type { Assembly } from '@/core/site/assembly';
import type { Site } from '@/core/site/site';
import { pieceTitle } from '@/core/site/uses';
import type { Selection } from './selection';

/** What the selection is called. */
export function selectionTitle(site: Site, assembly: Assembly, selection: Selection): string {
  if (selection.on === 'piece') return pieceTitle(site, assembly.pieces[selection.id]!);
  return selection.on === 'bar' ? assembly.bars[selection.id]!.name : assembly.name;
}
