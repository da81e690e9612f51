import { EVERYWHERE } from '../bands/follow';
import type { SettledPiece } from '../pieces/piece';
import type { Property, Values } from '../properties/property';

/** By the tags of languages, by the names of properties. */
type Said = SettledPiece['said'];
const NOTHING: Said = {};
const known = new WeakMap<Values, Said>();

/** What values say otherwise than in the site’s first language, by the tags of languages; the same object for the same values. */
export function saidInLanguages(values: Values, properties: readonly Property[]): Said {
  const kept = known.get(values);
  if (kept) return kept;
  const said: Record<string, Record<string, unknown>> = {};
  for (const { name, by } of properties) {
    if (by !== 'language') continue;
    for (const [cell, value] of Object.entries(values[name] ?? {}))
      if (cell !== EVERYWHERE) said[cell] = { ...said[cell], [name]: value };
  }
  const made = Object.keys(said).length === 0 ? NOTHING : said;
  known.set(values, made);
  return made;
}

const inLanguages = new WeakMap<SettledPiece, Map<string, SettledPiece>>();

/** A piece as it stands on pages of a language: the very same one where nothing is said otherwise there. */
export function inLanguage<P extends SettledPiece>(piece: P, language: string): P {
  const said = Object.hasOwn(piece.said, language) ? piece.said[language]! : null;
  if (said === null) return piece;
  const kept = inLanguages.get(piece) ?? new Map<string, SettledPiece>();
  inLanguages.set(piece, kept);
  const made = kept.get(language) ?? { ...piece, values: { ...piece.values, ...said } };
  kept.set(language, made);
  return made as P;
}
