import { fileHas } from '../brand/font-gaps';
import { measuredFamily } from '../brand/fonts';
import { standInOf } from '../brand/stand-ins';
import type { Id } from '../ids/id';
import type { Site } from '../site/site';
import type { Advances } from './advances';
import { lackedByShipped, textRuns } from './font-source';
import { cased, type TextFace } from './text-extent';
import { holds, lineageOf, workedWith, type HoldsFor, type WorkedWith } from './worked-with';

/** What is known of texts, as long as nothing else is known of the fonts. */
const known = new WeakMap<HoldsFor, { fonts: Site['fonts']; lacking: Map<string, WorkedWith<string>> }>();

/** The characters of a text for which the fonts of its family have no glyph, each once: a browser sets them in what stands in for it. */
export function lackingCharacters(
  site: Site,
  advances: Advances,
  face: TextFace,
  text: string,
  language: string,
): string {
  let kept = known.get(lineageOf(advances));
  if (kept?.fonts !== site.fonts) {
    kept = { fonts: site.fonts, lacking: new Map() };
    known.set(lineageOf(advances), kept);
  }
  const key = [face.family, face.weight, face.slant, face.case, language, text].join('\n');
  const found = kept.lacking.get(key);
  if (found && holds(found.holdsFor, advances)) return found.made;
  const shown = cased(text, face.case, language);
  const worked = workedWith(advances, () => lackingOf(site, advances, face, shown, language));
  kept.lacking.set(key, worked);
  return worked.made;
}

/** What is not drawn: white space, and what only controls how others are. */
const unseen = /[\s\p{C}]/u;

function lackingOf(site: Site, advances: Advances, face: TextFace, text: string, language: string): string {
  const uploaded = textRuns(site, face, text, language).flatMap(({ source, text: run }) =>
    source.from === 'upload' ? [...run].filter((character) => advances.lacks?.(source, character)) : [],
  );
  const lacking = [...lackedByShipped(face.family, text).flatMap((letter) => [...letter]), ...uploaded];
  return [...new Set(lacking)].filter((character) => !unseen.test(character)).join('');
}

/** Those of some characters that a family lacks for which nothing of a known width stands in: neither has its stand-in them, or it was uploaded. */
export function ofUnknownWidth(family: Id, characters: string): string {
  const shipped = measuredFamily(family);
  const standIn = shipped && measuredFamily(standInOf(family).measuredBy)!;
  const isKnown = (character: string) =>
    standIn?.subsets.some((subset) => fileHas(standIn.id, subset, character)) ?? false;
  return [...characters].filter((character) => !isKnown(character)).join('');
}
