import { bandRange, NARROWEST } from '../../bands/band';
import type { Edit } from '../../edit';
import { lengthAt, type Length } from '../../lengths/formula';
import { tenthsText } from '../../lengths/length';
import { pieceStyle } from '../../text/text-width';
import { found, ofAssemblies, type Check } from '../check';
import { pieceAt, shownPieces } from '../standing';

/** The smallest text that is read without effort on a phone, in CSS px. */
const LEAST = 12;

/** Texts that are too small to be read at some width. No standard names a size; below 12 px most readers bring the screen nearer. */
export const textSize: Check = {
  id: 'text-size',
  label: 'Sizes of texts',
  from: 'Legibility; no standard names a least size',
  harm: 'read',
  find: ofAssemblies(['headers', 'drawers', 'footers'], ({ site, at, assembly }) => {
    const small = site.bands.flatMap(({ id: band, name }) =>
      shownPieces(site, at, assembly, band).flatMap((piece) => {
        if (!('typeStyle' in piece.values)) return [];
        const width = Math.max(NARROWEST, bandRange(site.bands, band).from);
        const own = (piece.values.textSize as Length | null | undefined) ?? pieceStyle(site, piece).size;
        const px = lengthAt(own, width);
        return px < LEAST ? [{ piece: piece.id, band, name, width, px }] : [];
      }),
    );
    const widest = small.filter(
      ({ piece }, index) => small.findIndex((each) => each.piece === piece) === index,
    );
    return widest.map(({ piece, band, name, width, px }) => {
      const place = { on: 'piece', ...at, piece } as const;
      // What is too small in narrower bands too, with a value of its own, follows it.
      const narrower = small.filter(
        (each) =>
          each.piece === piece &&
          each.band !== band &&
          each.band in (assembly.pieces[piece]!.values.textSize ?? {}),
      );
      return found({
        lead: { to: 'cell', place, property: 'textSize', cell: band },
        at: pieceAt(site, at, piece),
        seen: { band, width },
        words: `On the ${name} its text is ${tenthsText(px)} px at ${width} px.`,
        measure: `${tenthsText(px)} px`,
        limit: `${LEAST} px`,
        repair: {
          label: `Set it in ${LEAST} px there`,
          edits: [
            { edit: 'setValue', place, property: 'textSize', cell: band, value: LEAST },
            ...narrower.map((each): Edit => ({
              edit: 'clearValue',
              place,
              property: 'textSize',
              cell: each.band,
            })),
          ],
        },
      });
    });
  }),
};
