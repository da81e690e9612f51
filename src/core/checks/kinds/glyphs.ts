import { usually } from '../../fit/heights';
import { allLackingLetters } from '../../fit/lacking-letters';
import { settledOver } from '../../fit/settled-over';
import { WHOLE_RULER } from '../../fit/survey';
import { familyNames } from '../../render/stylesheet/css-names';
import { found, ofAssemblies, type Check } from '../check';
import { pieceAt } from '../standing';

/** Letters that the font of a text does not have: browsers set them in another, and widths are a guess. */
export const glyphs: Check = {
  id: 'glyphs',
  label: 'Letters that fonts lack',
  from: 'CSS Fonts 4, 5.3 Font Matching: missing characters fall back',
  harm: 'untidy',
  find: ofAssemblies(['headers', 'footers', 'drawers'], ({ site, advances, at, assembly }) =>
    site.languages.flatMap((language) => {
      const there = { ...usually(site, advances), language };
      const looked = { span: WHOLE_RULER, tally: { complete: true } };
      const settled = settledOver(there, at.in, assembly, looked).flatMap(({ phases }) => phases);
      return allLackingLetters(there, settled)
        .filter(({ piece }) => assembly.pieces[piece])
        .map(({ piece, family, characters }) =>
          found({
            seen: { language },
            lead: { to: 'place', place: { on: 'piece', ...at, piece } },
            at: pieceAt(site, at, piece),
            words: `${familyNames(site, family).own} has no ${[...characters].join(' ')}: another font stands in for it.`,
            apart: `${family} ${language}`,
          }),
        );
    }),
  ),
};
