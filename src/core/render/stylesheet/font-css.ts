import { shippedFamily, shippedFileName, unicodeRange, type ShippedFile } from '../../brand/fonts';
import { asRanges } from '../../brand/font-subsets';
import { standInFaces, standInOf, standInWeight } from '../../brand/stand-ins';
import { plainNumber } from '../../lengths/length';
import { cssString, type Declarations, type Rules } from '../../markup/css';
import type { Id } from '../../ids/id';
import { fontFormats } from '../../site/font';
import type { Site } from '../../site/site';
import type { Advances } from '../../text/advances';
import { standInSize } from '../../text/stand-in';
import { fontFileName } from '../page/paths';
import { familyNames } from './css-names';
import type { UsedFonts, UsedStandIn, UsedUpload } from './used-type';

/** Where a shipped file lies, from the stylesheet. */
const shippedUrl = (file: ShippedFile) =>
  `url(${cssString(`fonts/${shippedFileName(file)}`)}) format("woff2")`;

function shippedFace(file: ShippedFile): Rules {
  return {
    '@font-face': {
      'font-family': cssString(shippedFamily(file.family)!.name),
      'font-weight': file.weight,
      ...(file.slant === 'italic' ? { 'font-style': 'italic' } : {}),
      'font-display': 'swap',
      src: shippedUrl(file),
      'unicode-range': unicodeRange(file),
    },
  };
}

function uploadedFace(site: Site, { family, file }: UsedUpload): Rules {
  const [least, most] = file.weights;
  const path = `fonts/${fontFileName(site.fonts[family]!, file)}`;
  return {
    '@font-face': {
      'font-family': cssString(site.fonts[family]!.name),
      'font-weight': least === most ? least : `${least} ${most}`,
      ...(file.slant === 'italic' ? { 'font-style': 'italic' } : {}),
      'font-display': 'swap',
      src: `url(${cssString(path)}) format(${cssString(fontFormats[file.format])})`,
    },
  };
}

/**
 * What stands in for a family until its fonts have come: installed fonts, at the size at which they are as wide. For the characters that
 * the family lacks they come with the site where they are not installed.
 */
function standInRules(
  site: Site,
  advances: Advances,
  family: Id,
  { used, standIns }: { used: (weight: '400' | '700') => boolean; standIns: readonly UsedStandIn[] },
): Rules[] {
  return standInFaces
    .filter(({ weight }) => used(weight))
    .flatMap(({ fonts, weight, weights }) => {
      const size = standInSize(site, advances, family, weight);
      const installed = standInOf(family)[fonts].map((name) => `local(${cssString(name)})`);
      const face = (sources: readonly string[], more: Declarations): Rules => ({
        '@font-face': {
          'font-family': cssString(familyNames(site, family).standIn),
          'font-weight': weights,
          src: sources.join(', '),
          ...(size === null ? {} : { 'size-adjust': `${plainNumber(100 * size)}%` }),
          ...more,
        },
      });
      const sent = standIns.filter((each) => each.family === family && each.file.weight === weight);
      return [
        face(installed, {}),
        ...sent.map(({ file, characters }) =>
          face([...installed, shippedUrl(file)], {
            'font-display': 'swap',
            'unicode-range': asRanges(
              characters.map((character) => character.codePointAt(0)!).toSorted((a, b) => a - b),
            ),
          }),
        ),
      ];
    });
}

/** The fonts of the site, and what stands in for them until they have come. */
export function fontNodes(site: Site, advances: Advances, { shipped, uploaded, standIns }: UsedFonts) {
  const used = [
    ...shipped.map(({ family, weight }) => ({ family: family as Id, weights: [standInWeight(weight)] })),
    ...uploaded.map(({ family, file }) => ({ family, weights: file.weights.map(standInWeight) })),
  ];
  const families = [...new Set(used.map(({ family }) => family))];
  return [
    ...shipped.map(shippedFace),
    ...uploaded.map((upload) => uploadedFace(site, upload)),
    ...families.flatMap((family) =>
      standInRules(site, advances, family, {
        used: (weight) => used.some((each) => each.family === family && each.weights.includes(weight)),
        standIns,
      }),
    ),
  ];
}
