import { bandRange, WIDEST } from '../../bands/band';
import { everyBox } from '../../boxes/placed';
import { placedAssembly } from '../../fit/placed-assembly';
import { usually } from '../../fit/heights';
import { stageAt, wayDown } from '../../fit/way-down';
import { resolveAssembly, settledPieces } from '../../resolve/assembly';
import { found, ofAssemblies, type Check } from '../check';
import { pieceAt } from '../standing';

/** The most letters that a line of running text has (WCAG 2.2, 1.4.8). */
const MOST = 80;

/** Running text in lines so long that the eye does not find the next: it is asked of texts of two lines and more. */
export const lineLength: Check = {
  id: 'line-length',
  label: 'Length of lines',
  from: 'WCAG 2.2, 1.4.8 Visual Presentation: at most 80 letters',
  harm: 'untidy',
  find: ofAssemblies(['headers', 'drawers', 'footers'], ({ site, advances, at, assembly }) => {
    const way = wayDown(site, advances, at.in, assembly);
    const today = usually(site, advances);
    const told = new Set<string>();
    return site.bands.flatMap(({ id: band }) => {
      const width = bandRange(site.bands, band).to ?? WIDEST;
      const settled = resolveAssembly(site, at.in, assembly, stageAt(way, width));
      const pieces = new Set(settledPieces(settled).map(({ id }) => id));
      return everyBox(placedAssembly(today, settled, band, width))
        .filter(({ box }) => box.id !== undefined && pieces.has(box.id))
        .flatMap(({ box }) => {
          const letters = Math.max(0, ...everyBox(box).map((each) => lettersInLine(each.box)));
          if (letters <= MOST || told.has(box.id!)) return [];
          told.add(box.id!);
          return [
            found({
              lead: { to: 'place', place: { on: 'piece', ...at, piece: box.id! } },
              at: pieceAt(site, at, box.id!),
              seen: { band, width },
              words: `At ${width} px its lines have up to ${letters} letters: give it a width.`,
              measure: `${letters} letters`,
              limit: `${MOST} letters`,
            }),
          ];
        });
    });
  }),
};

/** How many letters the longest line of a text of several lines has, as many as go with its share of the whole. */
function lettersInLine({
  lines = [],
  letters = 0,
}: {
  lines?: readonly { width: number }[];
  letters?: number;
}): number {
  const whole = lines.reduce((sum, { width }) => sum + width, 0);
  if (lines.length < 2 || whole === 0) return 0;
  return Math.round((letters * Math.max(...lines.map(({ width }) => width))) / whole);
}
