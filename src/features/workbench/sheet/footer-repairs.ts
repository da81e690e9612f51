import { bandRange } from '@/core/bands/band';
import type { Edit } from '@/core/edit';
import type { FooterStretch } from '@/core/fit/footer-survey';
import { itemLabel } from '@/core/menus/entries';
import { resolveAssembly, settledPieces } from '@/core/resolve/assembly';
import type { Assembly } from '@/core/site/assembly';
import { languageName } from '@/core/site/language';
import { pieceTitle } from '@/core/site/uses';
import type { Site } from '@/core/site/site';

/** What mends a fault of a footer: a few words for it, and the edits. */
export interface FooterRepair {
  label: string;
  edits: Edit[];
}

/** The bands that a stretch of widths lies in, each with the settled values of the piece there. */
function bandsOf(site: Site, footer: Assembly, { piece, from, to }: FooterStretch) {
  return site.bands
    .filter(({ id }) => {
      const range = bandRange(site.bands, id);
      return range.from <= to && (range.to ?? Infinity) >= from;
    })
    .map(({ id, name }) => {
      const settled = settledPieces(resolveAssembly(site, 'footers', footer, id));
      return { cell: id, name, ...settled.find((each) => each.id === piece)! };
    });
}

const names = (bands: readonly { name: string }[]) => bands.map(({ name }) => name).join(' and ');

/** What can be done with one click about a fault, in the bands where it is: fewer lists beside each other, or links below each other; null where nothing of that helps. */
export function footerRepair(site: Site, footer: Assembly, stretch: FooterStretch): FooterRepair | null {
  const bands = bandsOf(site, footer, stretch).filter(({ kind }) => kind === 'links');
  const place = { on: 'piece', in: 'footers', assembly: footer.id, piece: stretch.piece } as const;
  const set = (property: string, valueOf: (values: Record<string, unknown>) => unknown, all: typeof bands) =>
    all.map(({ cell, values }): Edit => ({
      edit: 'setValue',
      place,
      property,
      cell,
      value: valueOf(values),
    }));
  if (stretch.fault === 'alone') {
    const inLines = bands.filter(({ values }) => values.run === 'row');
    return inLines.length === 0
      ? null
      : { label: `Below each other on ${names(inLines)}`, edits: set('run', () => 'column', inLines) };
  }
  const several = bands.filter(({ values }) => (values.columns as number) > 1);
  return several.length === 0
    ? null
    : {
        label: `One list less beside each other on ${names(several)}`,
        edits: set('columns', ({ columns }) => (columns as number) - 1, several),
      };
}

const saidOf: Record<FooterStretch['fault'], (item: string) => string> = {
  narrow: (item) =>
    item === '' ? 'is narrower than its longest word' : `is narrower than a word of ${item}`,
  broken: (item) => `breaks ${item} into two lines`,
  alone: (item) => `leaves ${item} alone on its last line`,
};

/** A fault of a footer in words: of which piece and which items, and between which widths. */
export function footerFaultText(site: Site, footer: Assembly, stretch: FooterStretch): string {
  const { piece, entries, from, to, fault, languages } = stretch;
  const items = Object.values(site.menus).flatMap((menu) => Object.values(menu.items));
  const labels = entries.flatMap((entry) => {
    const item = items.find(({ id }) => id === entry);
    return item ? [`“${itemLabel(site, item, languages[0])}”`] : [];
  });
  const [first = '', ...others] = labels;
  const item = others.length === 0 ? first : `${first} and ${others.length} more`;
  const widths = from === to ? `at ${from} px` : `from ${from} to ${to} px`;
  const some = site.languages.some((language) => !languages.includes(language));
  const spoken = some ? `, in ${languages.map(languageName).join(' and ')}` : '';
  return `“${pieceTitle(site, footer.pieces[piece]!)}” ${saidOf[fault](item)} ${widths}${spoken}.`;
}
