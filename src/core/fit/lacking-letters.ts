import { NARROWEST } from '../bands/band';
import type { Box } from '../boxes/box';
import { ownSetting, settingIn, type Setting } from '../boxes/setting';
import type { Id } from '../ids/id';
import type { SettledPiece } from '../pieces/piece';
import { settledPieces, type SettledAssembly } from '../resolve/assembly';
import { lackingCharacters } from '../text/lacking';
import { holds, workedWith, type WorkedWith } from '../text/worked-with';
import { pieceStyle } from '../text/text-width';
import { keptOfPieces } from './kept-of-pieces';
import { hangingBoxes } from './drop-downs';
import { madePiece } from './piece-boxes';
import { basisOf, type Circumstances } from './circumstances';
import { pieceMeasures, styleOf } from './measures';

/** The characters of a piece that a family has no glyph for. */
export interface Lacking {
  piece: Id;
  family: Id;
  characters: string;
}

/** The boxes of a piece that are looked at. */
type BoxesOf = (circumstances: Circumstances, piece: SettledPiece) => readonly Box[];

/** What pieces lack in some of their boxes, as long as they are made as they are. */
function lackingIn(boxesOf: BoxesOf) {
  const known = keptOfPieces<WorkedWith<readonly Lacking[]>>();
  const look = (circumstances: Circumstances, piece: SettledPiece): Lacking[] => {
    const { site, advances, language } = circumstances;
    const inBox = (box: Box, outside: Setting): Lacking[] => {
      const setting = settingIn(outside, box);
      const inside = box.of.flatMap((each) => inBox(each, setting));
      if (box.text === undefined) return inside;
      const style = styleOf(site, piece, pieceStyle(site, piece), setting.type);
      const characters = lackingCharacters(site, advances, style, box.text, language);
      return characters === '' ? inside : [{ piece: piece.id, family: style.family, characters }, ...inside];
    };
    const setting = ownSetting(pieceMeasures(circumstances, piece, { from: 0, to: 0 }));
    return boxesOf(circumstances, piece).flatMap((box) => inBox(box, setting));
  };
  return (circumstances: Circumstances, piece: SettledPiece): readonly Lacking[] => {
    const made = madePiece(circumstances, piece);
    if (made.whole === null) return [];
    const { advances } = circumstances;
    const basis = basisOf(circumstances, piece);
    const kept = known.get(made, basis);
    if (kept && holds(kept.holdsFor, advances)) return kept.made;
    const worked = workedWith(advances, () => look(circumstances, piece));
    known.set(made, basis, worked);
    return worked.made;
  };
}

const inBars = lackingIn((circumstances, piece) => [madePiece(circumstances, piece).whole!]);
const inHanging = lackingIn((circumstances, piece) => hangingBoxes(circumstances, piece, NARROWEST));

function joined(all: readonly Lacking[]): Lacking[] {
  const perFamily = new Map<string, { piece: Id; family: Id; characters: Set<string> }>();
  for (const { piece, family, characters } of all) {
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

const piecesOf = (settled: readonly SettledAssembly[]) => [...new Set(settled.flatMap(settledPieces))];

/** The characters of each piece of settled assemblies that a family has no glyph for, each once. */
export const lackingLetters = (
  circumstances: Circumstances,
  settled: readonly SettledAssembly[],
): Lacking[] => joined(piecesOf(settled).flatMap((piece) => inBars(circumstances, piece)));

/** The same with those of what hangs out of the pieces. */
export const allLackingLetters = (
  circumstances: Circumstances,
  settled: readonly SettledAssembly[],
): Lacking[] =>
  joined(
    piecesOf(settled).flatMap((piece) => [
      ...inBars(circumstances, piece),
      ...inHanging(circumstances, piece),
    ]),
  );
