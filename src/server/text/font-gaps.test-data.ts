import * as hb from 'harfbuzzjs';
import { measuredFamilies, type FontFace, type ShippedFamily, type ShippedFile } from '@/core/brand/fonts';
import type { Weight } from '@/core/brand/weights';
import { asRanges, fontSubsets, type FontSubset } from '@/core/brand/font-subsets';
import { asSfnt } from '../bytes/sfnt';
import { shippedFontBytes } from '../handover/sources';

/** What no text has: code points that are not assigned, controls, and what separates paragraphs. */
const never = /[\p{Cn}\p{Cc}\p{Cs}\p{Zl}\p{Zp}]/u;

/** The code points that a character set claims. */
function claimed(subset: FontSubset): number[] {
  return fontSubsets[subset].split(', ').flatMap((range) => {
    const [first, last = first] = range
      .slice(2)
      .split('-')
      .map((hex) => Number.parseInt(hex, 16));
    return Array.from({ length: last! - first! + 1 }, (_, index) => first! + index);
  });
}

/** Which of the characters that its set claims a font file has no glyph for. */
async function lackedBy(file: ShippedFile): Promise<number[]> {
  const font = new hb.Font(new hb.Face(new hb.Blob(await asSfnt(shippedFontBytes(file)))));
  const lacks = (code: number) => {
    const buffer = new hb.Buffer();
    buffer.addText(String.fromCodePoint(code));
    buffer.guessSegmentProperties();
    hb.shape(font, buffer);
    return buffer.getGlyphInfos().some(({ codepoint }) => codepoint === 0);
  };
  return claimed(file.subset).filter((code) => !never.test(String.fromCodePoint(code)) && lacks(code));
}

/** What a family lacks of the characters that one of its sets claims, in its lightest weight, its heaviest or its italic, as CSS writes it. */
async function gapsOf({ id, weights, italic }: ShippedFamily, subset: FontSubset): Promise<string> {
  const [lightest, heaviest] = weights.map((weight) => String(weight) as Weight) as [Weight, Weight];
  const faces: FontFace[] = [
    { weight: lightest, slant: 'normal' },
    { weight: heaviest, slant: 'normal' },
    { weight: '400', slant: italic ? 'italic' : 'normal' },
  ];
  const lacking = await Promise.all(faces.map((face) => lackedBy({ family: id, subset, ...face })));
  return asRanges([...new Set(lacking.flat())].toSorted((a, b) => a - b));
}

/** What the files of each measured family lack, by family and character set; of those that lack nothing, none. */
export async function gapsOfFiles(): Promise<Record<string, Record<string, string>>> {
  const ofFamily = async (family: ShippedFamily) => {
    const gaps = await Promise.all(
      family.subsets.map(async (subset) => [subset, await gapsOf(family, subset)] as const),
    );
    return Object.fromEntries(gaps.filter(([, lacking]) => lacking !== ''));
  };
  const all = measuredFamilies.map(async (family) => [family.id, await ofFamily(family)] as const);
  return Object.fromEntries(await Promise.all(all));
}
