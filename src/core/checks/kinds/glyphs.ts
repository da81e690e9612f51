import { usually } from '../../fit/heights';
import { allLackingLetters } from '../../fit/lacking-letters';
import { settledOver } from '../../fit/settled-over';
import { WHOLE_RULER } from '../../fit/survey';
import { familyNames } from '../../render/stylesheet/css-names';
import type { Id } from '../../ids/id';
import { ofUnknownWidth } from '../../text/lacking';
import { found, ofAssemblies, type Check } from '../check';
import { pieceAt } from '../standing';

const listed = (characters: string) => [...characters].join(' ');

/** What sets characters that a family lacks, in words. */
function setBy(family: Id, characters: string): string {
  const unknown = ofUnknownWidth(family, characters);
  return unknown === ''
    ? 'what stands in for it sets them, and comes with the site.'
    : `browsers set ${unknown === characters ? 'that' : listed(unknown)} in whatever font has it, so widths are a guess.`;
}

/** Letters that the font of a text does not have: another one sets them. */
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
            words: `${familyNames(site, family).own} has no ${listed(characters)}: ${setBy(family, characters)}`,
            apart: `${family} ${language}`,
          }),
        );
    }),
  ),
};
