import { sameItems } from '../ids/same-items';
import type { Id } from '../ids/id';
import type { SettledPiece } from '../pieces/piece';
import type { Site } from '../site/site';
import type { Advances } from '../text/advances';
import { standInSizes } from '../text/stand-in';
import { settledTypeStyle } from '../text/text-width';

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
export function madeOfTexts({ site, advances, inStandIn = false }: Circumstances): unknown[] {
  const { fonts, brand } = site;
  return [advances, fonts, brand.typeStyles, ...(inStandIn ? standInSizes(site, advances) : [])];
}

/** Circumstances that texts come out alike under, those that were asked about last first. */
const alike = new WeakMap<Advances, readonly { madeOf: readonly unknown[]; token: object }[]>();
/** The same of circumstances that were asked about before. */
const asked = new WeakMap<Circumstances, object>();
const MOST_KEPT = 32;

/** The same object for all circumstances under which texts come out alike, whatever the width of the viewport. */
function tokenOf(circumstances: Circumstances): object {
  const { site, advances, language, root, inStandIn = false, setApart = false } = circumstances;
  const madeOf = [language, root, inStandIn, setApart, site.bands, ...madeOfTexts(circumstances)];
  const kept = alike.get(advances) ?? [];
  const found = kept.find((each) => sameItems(each.madeOf, madeOf));
  if (found) return found.token;
  const token = {};
  alike.set(advances, [{ madeOf, token }, ...kept.slice(0, MOST_KEPT - 1)]);
  return token;
}

/** The first band in which all type styles are as they are in each: what is set in them measures alike there. */
const firstBands = new WeakMap<Site['bands'], WeakMap<Site['brand']['typeStyles'], Map<Id, Id>>>();

function firstAlike(site: Site, band: Id): Id {
  const { bands, brand } = site;
  const ofBands = firstBands.get(bands) ?? new WeakMap<Site['brand']['typeStyles'], Map<Id, Id>>();
  firstBands.set(bands, ofBands);
  const known = ofBands.get(brand.typeStyles) ?? new Map<Id, Id>();
  ofBands.set(brand.typeStyles, known);
  const said = (of: Id) =>
    JSON.stringify(Object.keys(brand.typeStyles).map((style) => settledTypeStyle(site, style, of)));
  const first = known.get(band) ?? bands.find(({ id }) => id === band || said(id) === said(band))!.id;
  known.set(band, first);
  return first;
}

/** Bases by what says how the texts of a piece are set, under circumstances that texts come out alike under. */
const bases = new WeakMap<object, Map<string, object>>();
/** The same of pieces that were asked about before. */
const ofPieces = new WeakMap<SettledPiece, { token: object; basis: object }>();

/** The same object as long as all that the boxes of a piece are measured with is the same, whatever they are and whatever the width of the viewport. */
export function basisOf(circumstances: Circumstances, piece: SettledPiece): object {
  const token = asked.get(circumstances) ?? tokenOf(circumstances);
  // What stands in for a font is known once its letters are measured.
  if (!circumstances.inStandIn) asked.set(circumstances, token);
  const { site } = circumstances;
  const last = ofPieces.get(piece);
  if (last?.token === token) return last.basis;
  const { typeStyle, textSize } = piece.values;
  const set = JSON.stringify([firstAlike(site, piece.band), typeStyle, textSize]);
  const all = bases.get(token) ?? new Map<string, object>();
  bases.set(token, all);
  const basis = all.get(set) ?? {};
  all.set(set, basis);
  ofPieces.set(piece, { token, basis });
  return basis;
}
