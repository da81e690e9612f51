import { EVERYWHERE } from '../../bands/follow';
import { inLanguage } from '../../resolve/in-language';
import { resolveAssembly, settledPieces } from '../../resolve/assembly';
import { menuName } from '../../menus/entries';
import { pieceKind } from '../../pieces';
import { landmark } from '../../properties/landmark';
import { assemblyKinds } from '../../properties/assembly-kind';
import { languageName } from '../../site/language';
import { found, type Check } from '../check';
import { pieceAt } from '../standing';

/** Menus of one header, drawer or footer that would have the same name for readers: they are told apart by numbers then, which say nothing. */
export const landmarks: Check = {
  id: 'landmarks',
  label: 'Names of landmarks',
  from: 'WAI-ARIA 1.2, 5.3.4 Landmark Roles; WCAG 2.2, 2.4.6 Headings and Labels',
  harm: 'untidy',
  find({ site }) {
    const { id: widest } = site.bands[0]!;
    return assemblyKinds.flatMap((kind) =>
      Object.values(site[kind]).flatMap((assembly) => {
        const at = { in: kind, assembly: assembly.id };
        const listing = settledPieces(resolveAssembly(site, kind, assembly, widest)).filter(
          ({ kind: of, values }) =>
            pieceKind(of).properties.some(({ name }) => name === landmark.name) && values.menu !== null,
        );
        return site.languages.flatMap((language) => {
          const named = listing.flatMap((piece) => {
            const menu = site.menus[piece.values.menu as string];
            const own = inLanguage(piece, language).values[landmark.name] as string;
            return menu
              ? [{ piece: piece.id, menu: menu.id, name: own || menuName(site, menu, language) }]
              : [];
          });
          return named
            .filter(({ name, menu }, index) =>
              named.slice(0, index).some((other) => other.name === name && other.menu !== menu),
            )
            .map(({ piece, name }) =>
              found({
                lead: {
                  to: 'cell',
                  place: { on: 'piece', ...at, piece },
                  property: landmark.name,
                  cell: language === site.languages[0] ? EVERYWHERE : language,
                },
                at: pieceAt(site, at, piece),
                seen: { language },
                words: `In ${languageName(language)} readers hear “${name}” with a number, since another menu beside it has the same name.`,
                apart: language,
              }),
            );
        });
      }),
    );
  },
};
