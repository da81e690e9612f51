import type { AssemblyKind } from '../properties/assembly-kind';
import { account } from './account';
import { address } from './address';
import { basket } from './basket';
import { button } from './button';
import { close } from './close';
import { contact } from './contact';
import { divider } from './divider';
import { embed } from './embed';
import { languageChoice } from './language-choice';
import { links } from './links';
import { logo } from './logo';
import { menu } from './menu/menu';
import { newsletter } from './newsletter';
import { notice } from './notice';
import { picture } from './picture';
import { pictures } from './pictures';
import type { PieceKind } from './piece';
import { profile } from './profile';
import { search } from './search';
import { social } from './social';
import { text } from './text';
import { toTop } from './to-top';

/** Every kind of piece, in the order in which they are offered. */
export const pieceKinds: readonly PieceKind[] = [
  logo,
  menu,
  links,
  button,
  search,
  basket,
  account,
  profile,
  languageChoice,
  social,
  text,
  notice,
  contact,
  picture,
  pictures,
  address,
  newsletter,
  embed,
  toTop,
  divider,
  close,
];

/** The kinds of pieces that can stand in a kind of assembly. */
export const pieceKindsIn = (assembly: AssemblyKind): readonly PieceKind[] =>
  pieceKinds.filter(({ only }) => only === undefined || only === assembly);

const byKind = new Map(pieceKinds.map((kind) => [kind.kind, kind]));

/** The kind with this name; throws when there is none. */
export function pieceKind(kind: string): PieceKind {
  const found = byKind.get(kind);
  if (!found) throw new Error(`No kind of piece ${kind}`);
  return found;
}
