import type { Box } from '../boxes/box';
import { ownSetting, settingIn, type Setting } from '../boxes/setting';
import type { Id } from '../ids/id';
import type { SettledPiece } from '../pieces/piece';
import { settledPieces, type SettledAssembly } from '../resolve/assembly';
import { lackingCharacters } from '../text/lacking';
import { holds, workedWith, type WorkedWith } from '../text/worked-with';
import { pieceStyle } from '../text/text-width';
import { keptOfPieces } from './kept-of-pieces';
import { madePiece } from './piece-boxes';
import { basisOf, type Circumstances } from './circumstances';
import { pieceMeasures, styleOf } from './measures';

/** The characters of a piece that a family has no glyph for. */
export interface Lacking {
  piece: Id;
  family: Id;
  characters: string;
}

const known = keptOfPieces<WorkedWith<readonly Lacking[]>>();

function lackingIn(circumstances: Circumstances, piece: SettledPiece): readonly Lacking[] {
  const own = madePiece(circumstances, piece);
  if (own.whole === null) return [];
  const basis = basisOf(circumstances, piece);
  const { site, advances, language } = circumstances;
  const found = known.get(own, basis);
  if (found && holds(found.holdsFor, advances)) return found.made;
  const lacking: Lacking[] = [];
  const look = (box: Box, outside: Setting): void => {
    const setting = settingIn(outside, box);
    if (box.text !== undefined) {
      const style = styleOf(site, piece, pieceStyle(site, piece), setting.type);
      const characters = lackingCharacters(site, advances, style, box.text, language);
      if (characters !== '') lacking.push({ piece: piece.id, family: style.family, characters });
    }
    for (const each of box.of) look(each, setting);
  };
  const setting = ownSetting(pieceMeasures(circumstances, piece, { from: 0, to: 0 }));
  const worked = workedWith(advances, () => {
    look(own.whole!, setting);
    return lacking;
  });
  known.set(own, basis, worked);
  return worked.made;
}

/** The characters of each piece of settled assemblies that a family has no glyph for, each once. */
export function lackingLetters(circumstances: Circumstances, settled: readonly SettledAssembly[]): Lacking[] {
  const pieces = new Set(settled.flatMap(settledPieces));
  const perFamily = new Map<string, { piece: Id; family: Id; characters: Set<string> }>();
  for (const { piece, family, characters } of [...pieces].flatMap((each) => lackingIn(circumstances, each))) {
    const key = `${piece} ${family}`;
    const entry = perFamily.get(key) ?? { piece, family, characters: new Set<string>() };
    perFamily.set(key, entry);
    for (const character of characters) entry.characters.add(character);
  }
  return [...perFamily.values()].map(({ characters, ...each }) => ({
    ...each,
    characters: [...characters].join(''),
  }));
}
