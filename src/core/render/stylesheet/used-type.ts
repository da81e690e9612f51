import { fileHas } from '../../brand/font-gaps';
import {
  measuredFamily,
  shippedFamily,
  shippedFiles,
  type FontFace,
  type ShippedFamily,
  type ShippedFile,
} from '../../brand/fonts';
import { standInFace, standInOf } from '../../brand/stand-ins';
import { typeStyleProperties } from '../../brand/type-style';
import type { Weight } from '../../brand/weights';
import { pieceKind } from '../../pieces';
import type { SettledPiece } from '../../pieces/piece';
import { assemblyKinds } from '../../properties/assembly-kind';
import type { Property } from '../../properties/property';
import type { Id } from '../../ids/id';
import type { Band } from '../../bands/band';
import { keptByText } from '../../ids/kept-by-text';
import { keptWhileSame } from '../../ids/kept-while-same';
import { ofPair } from '../../ids/of-pair';
import { settledPieces, type SettledAssembly } from '../../resolve/assembly';
import { inLanguage } from '../../resolve/in-language';
import { settledValues, type StatedValues } from '../../resolve/settled-values';
import type { TypeStyle } from '../../site/brand';
import type { FontFile } from '../../site/font';
import type { Site } from '../../site/site';
import { languageName } from '../../site/language';
import { pageWords } from '../../site/page-words';
import { lackedByShipped, lettersOf } from '../../text/font-source';
import { cased } from '../../text/text-extent';
import { settledTypeStyle } from '../../text/text-width';

const typeStylesOf = (kind: string): Property[] =>
  pieceKind(kind).properties.filter(
    ({ kind: { editor } }) => editor.as === 'reference' && editor.to === 'typeStyles',
  );

/** The type styles that a piece takes: those that it names, and those of what it draws beside its own. */
function stylesOf({ kind, values }: SettledPiece): Id[] {
  const drawn = pieceKind(kind).draws?.(values) ?? [];
  return [
    ...typeStylesOf(kind).map(({ name }) => values[name] as Id),
    ...drawn.flatMap(typeStylesOf).map(({ initial }) => initial as Id),
  ];
}

/** The type styles that pages and pieces take in some band: those of running text, and every one that a piece takes. */
export function usedTypeStyles(site: Site, settled: readonly SettledAssembly[]): TypeStyle[] {
  const named = settled.flatMap(settledPieces).flatMap(stylesOf);
  const used = new Set(['type-body', 'type-heading', ...named]);
  return Object.values(site.brand.typeStyles).filter(({ id }) => used.has(id));
}

/** A face that is asked for of a family. */
export interface UsedFace extends FontFace {
  family: Id;
}

function facesOf(site: Site, styles: readonly TypeStyle[]): UsedFace[] {
  const chain = site.bands.map((band) => band.id);
  return styles.flatMap(({ values }) =>
    chain.map((band) => {
      const { family, weight, slant } = settledValues(values, typeStyleProperties, chain, band);
      return { family: family as Id, weight: weight as Weight, slant: slant as FontFace['slant'] };
    }),
  );
}

/** The weights in which a piece sets texts beside that of its own style: those of its states, of headings in it, and of what it says itself. */
function moreWeights(site: Site, piece: SettledPiece): unknown[] {
  const { kind, values, band } = piece;
  const { properties, weights, headings } = pieceKind(kind);
  const stated = properties
    .filter(({ by, setsWeight }) => by === 'state' && setsWeight === true)
    .flatMap(({ name }) => Object.values(values[name] as StatedValues));
  // A text may stand in one of the languages only.
  const said = site.languages.flatMap((language) => weights?.(inLanguage(piece, language).values) ?? []);
  const headed = (headings?.(values) ?? []).map((style) => settledTypeStyle(site, style, band).weight);
  return [...stated, ...headed, ...said].filter((weight) => weight !== null);
}

function pieceFaces(site: Site, piece: SettledPiece): UsedFace[] {
  const [own] = typeStylesOf(piece.kind);
  if (!own) return [];
  const { family, slant } = settledTypeStyle(site, piece.values[own.name] as Id, piece.band);
  return moreWeights(site, piece).map((weight) => ({ family, slant, weight: String(weight) as Weight }));
}

/** The faces that the pieces of a settled assembly ask for in the languages of the site. */
const facesIn = ofPair(
  (site: Site, assembly: SettledAssembly) =>
    settledPieces(assembly).flatMap((piece) => pieceFaces(site, piece)),
  ({ languages }, assembly) => [languages, assembly],
);

/** Letters that were found before as the same object. */
const sameLetters = keptByText((text): ReadonlySet<string> => new Set(text.split('\n')));

const letters = new WeakMap<object, ReadonlySet<string>>();

/** The letters of everything that is written in a part of the document, with their marks; parts that did not change are not read again. */
function lettersIn(part: object): ReadonlySet<string> {
  const known = letters.get(part);
  if (known) return known;
  const found = [...new Set(lettersOf(JSON.stringify(part)))];
  const kept = sameLetters(found.sort().join('\n'));
  letters.set(part, kept);
  return kept;
}

/** The parts of a site in which something is written that pages show, and what these say by themselves in its languages. */
const writtenParts = (site: Site): object[] => [
  site.pages,
  ...[site.menus, ...assemblyKinds.map((kind) => site[kind])].flatMap(Object.values),
  ...site.languages.map((language) => pageWords(site, language)),
];

/** A letter of a language as it is written and in the cases in which type styles may show it (CSS Text 3, 2.1), by both as one text. */
const inCases = keptByText((asked) => {
  const [language, letter] = asked.split('\n') as [string, string];
  return lettersOf(
    [letter, cased(letter, 'uppercase', language), cased(letter, 'lowercase', language)].join(''),
  );
});

const shown = keptWhileSame<readonly Band[], ReadonlySet<string>>();

/** The letters that are shown of those that are written: the very same set as long as no letter comes or goes. */
function shownLetters(site: Site): ReadonlySet<string> {
  const { name, languages } = site;
  const written = [...new Set(writtenParts(site).map(lettersIn))];
  return shown(site.bands, [name, languages, ...written], () => {
    const names = languages.flatMap((language) => [...languageName(language)]);
    const all = [...new Set([...lettersOf(name), ...names, ...written.flatMap((each) => [...each])])];
    return new Set(
      languages.flatMap((language) => all.flatMap((letter) => inCases(`${language}\n${letter}`))),
    );
  });
}

/** An uploaded file with the family that it is of. */
export interface UsedUpload {
  family: Id;
  file: FontFile;
}

/** A file of what stands in for a family, for characters that the family lacks: so that they are as wide for visitors who have not installed it. */
export interface UsedStandIn {
  family: Id;
  file: ShippedFile;
  characters: readonly string[];
}

/** Those for a family and the letters that are shown on a site. */
function standInsFor(
  { id }: ShippedFamily,
  faces: readonly UsedFace[],
  shown: ReadonlySet<string>,
): UsedStandIn[] {
  // A letter and its marks are set by one font: it is asked for both.
  const lacked = new Set(
    [...shown].flatMap((letter) => lackedByShipped(id, letter)).flatMap((letter) => [...letter]),
  );
  const installed = measuredFamily(standInOf(id).measuredBy)!;
  return shippedFiles(installed, faces.map(standInFace), lacked)
    .map((file) => ({
      family: id,
      file,
      characters: [...lacked].filter((character) => fileHas(file.family, file.subset, character)),
    }))
    .filter(({ characters: held }) => held.length > 0);
}

/** The faces that type styles ask for, and pieces of settled assemblies beside their own. */
export function usedFaces(
  site: Site,
  styles: readonly TypeStyle[],
  settled: readonly SettledAssembly[],
): UsedFace[] {
  return [...facesOf(site, styles), ...settled.flatMap((assembly) => facesIn(site, assembly))];
}

/** The font files that a site needs. */
export interface UsedFonts {
  shipped: readonly ShippedFile[];
  uploaded: readonly UsedUpload[];
  standIns: readonly UsedStandIn[];
}

/**
 * The font files that these type styles, and the pieces of settled assemblies, need: of shipped families only the faces and character sets
 * in use, of uploaded ones all; and what has the characters that shipped families lack.
 */
export function usedFonts(
  site: Site,
  styles: readonly TypeStyle[],
  settled: readonly SettledAssembly[],
): UsedFonts {
  const shown = shownLetters(site);
  const madeOf = [site.fonts, site.bands, site.languages, site.brand.typeStyles, ...styles, ...settled];
  return fonts(shown, madeOf, () => fontsFor(site, usedFaces(site, styles, settled), shown));
}

const fonts = keptWhileSame<ReadonlySet<string>, UsedFonts>(4);

/** Those for faces and the letters that are shown. */
function fontsFor(site: Site, faces: readonly UsedFace[], shown: ReadonlySet<string>): UsedFonts {
  const families = [...new Set(faces.map(({ family }) => family))];
  const characters = new Set([...shown].flatMap((letter) => [...letter]));
  const ofShipped = <T>(files: (family: ShippedFamily, of: readonly UsedFace[]) => T[]): T[] =>
    families.flatMap((id) => {
      const family = shippedFamily(id);
      return family
        ? files(
            family,
            faces.filter((face) => face.family === id),
          )
        : [];
    });
  const shipped = ofShipped((family, of) => shippedFiles(family, of, characters));
  const standIns = ofShipped((family, of) => standInsFor(family, of, shown));
  const uploaded = families.flatMap((id) =>
    (site.fonts[id]?.files ?? []).map((file) => ({ family: id, file })),
  );
  return { shipped, uploaded, standIns };
}
