import { NARROWEST } from '../bands/band';
import type { Box } from '../boxes/box';
import { asShown, sharedBoxes } from '../boxes/shared';
import { sameItems } from '../ids/same-items';
import { ROOT_TEXT_PX } from '../lengths/length';
import { saysByBand } from '../menus/band-order';
import { labelledBy } from '../menus/entries';
import { pieceKind } from '../pieces';
import type { SettledPiece } from '../pieces/piece';
import type { Menu } from '../site/menu';
import type { Site } from '../site/site';
import type { Advances } from '../text/advances';
import { lineageOf, type HoldsFor } from '../text/worked-with';
import { inLanguage } from '../resolve/in-language';
import { pieceContent } from './piece-content';
import { madeOfTexts, type Circumstances, type Tally } from './circumstances';

/** The boxes of a piece, if it renders any. */
export interface MadePiece {
  box: Box | null;
  /** With all that is in those of them that take no room, such as the list that a menu button opens. */
  whole: Box | null;
}

/** They, as long as everything that they were made of is the same. */
interface Known extends MadePiece {
  /** Whether texts were measured to make them. */
  measures: boolean;
  madeOf: readonly unknown[];
  /** The site and the advances for which they were last found to be the same. */
  of: Pick<Circumstances, 'site' | 'advances'>;
}
/** By the values of a piece, which are the very same object in all bands in which they are the same. */
const known = new WeakMap<SettledPiece['values'], Map<string, Known>>();

/** The menu whose items a piece shows. */
const menuOf = ({ menus }: Site, { values }: SettledPiece): Menu | null =>
  (typeof values.menu === 'string' ? menus[values.menu] : null) ?? null;

/** What of a site boxes are made of, beside the values of the piece. */
function madeOf({ site, advances }: Circumstances, piece: SettledPiece, measures: boolean): unknown[] {
  const { brand, artwork, languages, embeds, name, words, bands } = site;
  const menu = menuOf(site, piece);
  return [
    menu,
    ...(menu ? labelledBy(site) : []),
    bands,
    brand.logo,
    brand.borders,
    artwork,
    languages,
    embeds,
    words,
    name,
    ...(measures ? madeOfTexts({ site, advances }) : []),
  ];
}

/** The boxes that pieces had last, by which piece it is. */
const last = new WeakMap<HoldsFor, Map<string, Box>>();
/** Of so many pieces they are kept. */
const MOST_KEPT = 4096;

/** Boxes of a piece with what they have in common with those that it had before: in another stage, on another page and with another label that is most of them. */
function asBefore(made: Box, advances: Advances, piece: string, own: Box | null | undefined): Box {
  const all = last.get(lineageOf(advances)) ?? new Map<string, Box>();
  last.set(lineageOf(advances), all);
  const before = own ?? all.get(piece);
  const box = before ? sharedBoxes(before, made) : made;
  if (all.size >= MOST_KEPT) all.clear();
  all.set(piece, box);
  return box;
}

const none: MadePiece = { box: null, whole: null };

/**
 * What a settled piece is made to on a page, in a language, whatever the width of the viewport within its band. What of it depends on
 * widths, such as where a menu is split, is as where the band begins. It is the very same object as long as all that it is made of is:
 * also what hangs out of it is the same then.
 */
export function madePiece(circumstances: Circumstances, own: SettledPiece): MadePiece {
  if (own.values.shown !== 'shown') return none;
  const { site, advances, language, page } = circumstances;
  const piece = inLanguage(own, language);
  const kept = known.get(own.values) ?? new Map<string, Known>();
  known.set(own.values, kept);
  const inAll = `${own.id} ${own.opensBranch} ${language} ${page}`;
  const found = kept.get(inAll) ?? kept.get(`${inAll} ${own.band}`);
  if (found) {
    const same = found.of.site === site && found.of.advances === advances;
    if (same || sameItems(found.madeOf, madeOf(circumstances, piece, found.measures))) {
      found.of = { site, advances };
      return found;
    }
  }
  const { from } = site.bands.find(({ id }) => id === piece.band)!;
  const at = Math.max(from, NARROWEST);
  const tally: Tally = { complete: true };
  const usual = { site, advances, language, page, root: ROOT_TEXT_PX };
  const content = pieceContent(usual, piece, { from: at, to: at }, tally);
  const whole = pieceKind(piece.kind).box(piece.values, content);
  const as = `${piece.kind} ${piece.id} ${language}`;
  const box = whole && asBefore(asShown(whole), advances, as, found?.box);
  const measures = tally.asked === true;
  const of = { site, advances };
  const made: Known = { box, whole, measures, madeOf: madeOf(circumstances, piece, measures), of };
  kept.delete(inAll);
  const menu = menuOf(site, piece);
  const byBand = measures || (menu !== null && saysByBand(menu));
  if (tally.complete) kept.set(byBand ? `${inAll} ${own.band}` : inAll, made);
  return made;
}

/** The boxes of the same that take room; null where it renders nothing. They are the very same where they say the same. */
export const pieceBoxes = (circumstances: Circumstances, piece: SettledPiece): Box | null =>
  madePiece(circumstances, piece).box;
