import { bandRange, NARROWEST, WIDEST, type Band } from '@/core/bands/band';
import type { RulerView } from '@/ui/ruler/model';

/** The width that a view of a band starts with: that of a common screen, in CSS px, by the band's place from the widest. */
const commonWidths = [1216, 768, 375];

/** Widths by band, as the designer set them. */
export type ViewWidths = Readonly<Record<string, number>>;

/** A view for each band: as wide as was set, or as a common screen, within the band. */
export function viewsOf(bands: readonly Band[], widths: ViewWidths): RulerView[] {
  return bands.map((band, index) => {
    const { from, to } = bandRange(bands, band.id);
    const least = Math.max(from, NARROWEST);
    const most = to ?? WIDEST;
    const wanted = widths[band.id] ?? commonWidths[index] ?? Math.round((least + most) / 2);
    return { id: band.id, name: band.name, width: Math.min(Math.max(wanted, least), most), least, most };
  });
}

/** The scale at which views of these widths stand side by side in the room, with `gap` px between them; at most 1. */
export function commonScale(widths: readonly number[], room: number, gap: number): number {
  const sum = widths.reduce((total, width) => total + width, 0);
  return Math.min(1, Math.max(0.05, (room - gap * (widths.length - 1)) / sum));
}
