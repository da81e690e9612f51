import { measuredFamily } from '../brand/fonts';
import { subsetHolds } from '../brand/font-subsets';
import type { Site } from '../site/site';
import type { Advances } from './advances';
import { textRuns } from './font-source';
import { cased, type TextFace } from './text-width';
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

/** Whether a shipped family claims a character in none of its sets: then no browser asks its files for it. */
function heldByNone(family: string, character: string): boolean {
  const shipped = measuredFamily(family);
  return shipped !== undefined && !shipped.subsets.some((subset) => subsetHolds(subset, character));
}

function lackingOf(site: Site, advances: Advances, face: TextFace, text: string, language: string): string {
  const lacking = textRuns(site, face, text, language).flatMap(({ source, text: run }) =>
    [...run].filter(
      (character) =>
        !unseen.test(character) &&
        // What the sets of a shipped family claim is there.
        (source.from === 'upload' ? advances.lacks?.(source, character) : heldByNone(face.family, character)),
    ),
  );
  return [...new Set(lacking)].join('');
}
