import type { Weight } from '../../brand/weights';
import { siteFaces } from '../../render/stylesheet/stylesheet';
import type { FontFile, UploadedFont } from '../../site/font';
import { nearestFile } from '../../text/font-source';
import { found, type Check } from '../check';
import type { Found } from '../finding';

/** How many bytes of a font are too many: texts stand in another until it has come. */
const HEAVY = 100 * 1024;

const fileName = ({ weights: [least, most], slant }: FontFile) =>
  `${least === most ? least : `${least}–${most}`}${slant === 'italic' ? ' italic' : ''}`;

const holds = ({ weights: [least, most] }: FontFile, weight: Weight) =>
  Number(least) <= Number(weight) && Number(weight) <= Number(most);

/** What of an uploaded family nothing asks for, what is asked for and not there, and what is too heavy. */
function ofFamily(
  font: UploadedFont,
  faces: readonly { weight: Weight; slant: 'normal' | 'italic' }[],
): Found[] {
  const about = { lead: { to: 'part', of: 'fonts', id: font.id }, at: `Font ${font.name}` } as const;
  if (faces.length === 0)
    return [
      found({
        ...about,
        words: 'No type style that stands anywhere is set in it.',
        repair: { label: 'Remove it', edits: [{ edit: 'removeFont', family: font.id }] },
        apart: 'unused',
      }),
    ];
  const taken = new Set(faces.map((face) => nearestFile(font.files, face)));
  const idle = font.files.filter((file) => !taken.has(file));
  const made = [
    ...new Set(
      faces.map(({ weight }) => weight).filter((weight) => !font.files.some((file) => holds(file, weight))),
    ),
  ];
  return [
    ...idle.map((file) =>
      found({
        ...about,
        words: `Nothing is set in ${fileName(file)}.`,
        apart: `idle ${file.hash.slice(0, 12)}`,
      }),
    ),
    ...made.map((weight) =>
      found({
        ...about,
        words: `Texts are set in ${weight}, of which it has no file: browsers take the nearest, and may thicken it themselves.`,
        apart: `missing ${weight}`,
      }),
    ),
    ...font.files
      .filter((file) => taken.has(file) && (file.bytes > HEAVY || file.format !== 'woff2'))
      .map((file) => {
        const kb = `${Math.round(file.bytes / 1024)} KB`;
        const heavy = file.bytes > HEAVY;
        return found({
          ...about,
          words: `${fileName(file)} has ${kb}${file.format === 'woff2' ? '' : `, and is not packed: as WOFF2 it has about half`}.`,
          measure: kb,
          limit: `${HEAVY / 1024} KB`,
          ...(heavy && { harm: 'heavy' as const }),
          apart: `heavy ${file.hash.slice(0, 12)}`,
        });
      }),
  ];
}

/** Uploaded fonts: files that nothing asks for, weights that browsers make up, and what is heavy. Of shipped families only what is in use is handed over. */
export const fonts: Check = {
  id: 'fonts',
  label: 'Fonts that are loaded',
  from: 'CSS Fonts 4, 5.2 Matching font styles; WOFF 2.0',
  harm: 'untidy',
  find({ site, advances }) {
    const all = Object.values(site.fonts);
    if (all.length === 0) return [];
    const faces = siteFaces(site, advances);
    return all.flatMap((font) =>
      ofFamily(
        font,
        faces.filter(({ family }) => family === font.id),
      ),
    );
  },
};
