import { EVERYWHERE } from '@/core/bands/follow';
import { pieceKind } from '@/core/pieces';
import type { Assembly, Piece } from '@/core/site/assembly';
import type { Site } from '@/core/site/site';
import type { Selection } from './selection';

/** A quoted text cut to what a chip or a row can show. */
function shortened(quoted: string): string {
  const most = 24;
  return quoted.length <= most + 2 ? quoted : `${quoted.slice(0, most).trimEnd()}…”`;
}

/** What a piece is called: its kind, and what tells it from others, such as `Menu: Main` or `Button “Book”`. */
export function pieceTitle(site: Site, piece: Piece): string {
  const kind = pieceKind(piece.kind);
  const said = (name: string, initial: unknown) => piece.values[name]?.[EVERYWHERE] ?? initial;
  const values = Object.fromEntries(
    kind.properties.map((property) => [property.name, said(property.name, property.initial)]),
  );
  const caption = kind.caption(values, (id) => site.menus[id]?.name ?? null);
  if (caption === '') return kind.label;
  return caption.startsWith('“') ? `${kind.label} ${shortened(caption)}` : `${kind.label}: ${caption}`;
}

/** What the selection is called. */
export function selectionTitle(site: Site, assembly: Assembly, selection: Selection): string {
  if (selection.on === 'piece') return pieceTitle(site, assembly.pieces[selection.id]!);
  return selection.on === 'bar' ? assembly.bars[selection.id]!.name : assembly.name;
}
