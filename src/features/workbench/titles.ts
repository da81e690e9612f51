import { bayName, type Assembly } from '@/core/site/assembly';
import type { Site } from '@/core/site/site';
import { pieceTitle } from '@/core/site/uses';
import { selectedPieces, type Selection } from './selection';

/** What the selection is called. */
export function selectionTitle(site: Site, assembly: Assembly, selection: Selection): string {
  const pieces = selectedPieces(selection);
  if (pieces.length > 1) return `${pieces.length} pieces`;
  if (selection.on === 'piece') return pieceTitle(site, assembly.pieces[selection.id]!);
  if (selection.on === 'bar') return assembly.bars[selection.id]!.name;
  if (selection.on === 'assembly') return assembly.name;
  const { name, bays } = assembly.bars[selection.bar]!;
  return `${name}, ${bayName(
    bays.findIndex((bay) => bay.id === selection.id),
    bays.length,
  )}`;
}
