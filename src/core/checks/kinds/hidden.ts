import { itemLabel } from '../../menus/entries';
import { found, type Check } from '../check';
import { everShown, pieceAt, shownItems } from '../standing';
import { assemblyKinds } from '../../properties/assembly-kind';
import { resolveAssembly, settledPieces } from '../../resolve/assembly';
import { shownByRules } from '../../resolve/turns';

/** Pieces and items that are hidden at every width: they take part in nothing, and are found by nobody. */
export const hidden: Check = {
  id: 'hidden',
  label: 'What is hidden everywhere',
  from: 'What no visitor sees is in the way of who looks after the site',
  harm: 'untidy',
  find({ site }) {
    const pieces = assemblyKinds.flatMap((kind) =>
      Object.values(site[kind]).flatMap((assembly) => {
        const at = { in: kind, assembly: assembly.id };
        const shown = new Set(
          site.bands.flatMap(({ id }) => everShown(site, at, assembly, id).map((piece) => piece.id)),
        );
        const ruled = shownByRules(assembly);
        return settledPieces(resolveAssembly(site, kind, assembly, site.bands[0]!.id))
          .filter(({ id }) => !shown.has(id) && !ruled.has(id))
          .map(({ id: piece }) =>
            found({
              lead: { to: 'place', place: { on: 'piece', ...at, piece } },
              at: pieceAt(site, at, piece),
              words: 'It is hidden at every width.',
              repair: { label: 'Remove it', edits: [{ edit: 'removePiece', at, piece }] },
            }),
          );
      }),
    );
    const items = Object.values(site.menus).flatMap((menu) => {
      const shown = new Set(site.bands.flatMap(({ id }) => shownItems(site, menu.id, id)));
      return Object.values(menu.items)
        .filter(({ id }) => !shown.has(id))
        .map((item) =>
          found({
            lead: { to: 'place', place: { on: 'item', menu: menu.id, item: item.id } },
            at: `Menu ${menu.name}, ${itemLabel(site, item)}`,
            words: 'It is hidden at every width.',
          }),
        );
    });
    return [...pieces, ...items];
  },
};
