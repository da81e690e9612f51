import { sameItems } from '../ids/same-items';
import type { Id } from '../ids/id';
import type { SettledPiece } from '../pieces/piece';
import type { Site } from '../site/site';
import type { Advances } from '../text/advances';
import { standInSizes } from '../text/stand-in';
import { standsInForLetters } from '../text/text-extent';
import { settledTypeStyle } from '../text/text-width';
import { lineageOf, type HoldsFor } from '../text/worked-with';

/** Under what circumstances something is measured. */
export interface Circumstances {
  site: Site;
  advances: Advances;
  /** The page on which it stands; null for none. */
  page: Id | null;
  language: string;
  /** The reader's own text size, in CSS px. */
  root: number;
  /** The width of the viewport at which fluid sizes of text are taken, in CSS px; where it is left out, they grow along. */
  sizedAt?: number;
  /** Whether the reader sets letters, words and lines apart, after media queries were answered. */
  setApart?: boolean;
  /** Whether texts are set in what stands in for the site's fonts until they have come. */
  inStandIn?: boolean;
}

/** What came about while rooms were asked for. */
export interface Tally {
  /** Whether all texts had been measured. */
  complete: boolean;
  /** Whether any text was asked for. */
  asked?: boolean;
  /** Whether letters grow with the viewport. */
  grows?: boolean;
}

/** What texts are measured with beside their own style, language and size. */
export function madeOfTexts(
  circumstances: Pick<Circumstances, 'site' | 'advances' | 'inStandIn'>,
): unknown[] {
  const { site, advances } = circumstances;
  const sizes = goesByStandIns(circumstances) ? standInSizes(site, advances) : [];
  return [lineageOf(advances), site.fonts, site.brand.typeStyles, ...sizes];
}

/** Whether widths depend on how large the fonts are that stand in for others. */
const goesByStandIns = ({ advances, inStandIn }: Pick<Circumstances, 'advances' | 'inStandIn'>) =>
  inStandIn === true || standsInForLetters(advances);

/** Circumstances that texts come out alike under, whatever the width of the viewport. */
interface Alike {
  madeOf: readonly unknown[];
  /** By band: the first one in which all type styles are as they are in it, so that what is set in them measures alike. */
  firstBands: Map<Id, Id>;
  /** By what says how the texts of a piece are set. */
  bases: Map<string, object>;
}

/** Those that were asked about last, the latest first. */
const alike = new WeakMap<HoldsFor, readonly Alike[]>();
const MOST_KEPT = 32;
/** Where circumstances and pieces that were asked about before belong. */
const asked = new WeakMap<Circumstances, Alike>();
const ofPieces = new WeakMap<SettledPiece, { under: Alike; basis: object }>();

function alikeTo(circumstances: Circumstances): Alike {
  const { site, advances, language, root, inStandIn = false, setApart = false } = circumstances;
  const madeOf = [language, root, inStandIn, setApart, site.bands, ...madeOfTexts(circumstances)];
  const kept = alike.get(lineageOf(advances)) ?? [];
  const found = kept.find((each) => sameItems(each.madeOf, madeOf));
  if (found) return found;
  const made: Alike = { madeOf, firstBands: new Map(), bases: new Map() };
  alike.set(lineageOf(advances), [made, ...kept.slice(0, MOST_KEPT - 1)]);
  return made;
}

function firstAlike({ firstBands }: Alike, site: Site, band: Id): Id {
  const { bands, brand } = site;
  const said = (of: Id) =>
    JSON.stringify(Object.keys(brand.typeStyles).map((style) => settledTypeStyle(site, style, of)));
  const first = firstBands.get(band) ?? bands.find(({ id }) => id === band || said(id) === said(band))!.id;
  firstBands.set(band, first);
  return first;
}

/** The same object as long as all that the boxes of a piece are measured with is the same, whatever they are and whatever the width of the viewport. */
export function basisOf(circumstances: Circumstances, piece: SettledPiece): object {
  const before = goesByStandIns(circumstances) ? undefined : asked.get(circumstances);
  const under = before ?? alikeTo(circumstances);
  // What stands in for a font is known once its letters are measured.
  if (!goesByStandIns(circumstances)) asked.set(circumstances, under);
  const last = ofPieces.get(piece);
  if (last?.under === under) return last.basis;
  const { typeStyle, textSize } = piece.values;
  const set = JSON.stringify([firstAlike(under, circumstances.site, piece.band), typeStyle, textSize]);
  const basis = under.bases.get(set) ?? {};
  under.bases.set(set, basis);
  ofPieces.set(piece, { under, basis });
  return basis;
}
