import type { Element } from '@/core/markup/html';
import type { Stylesheet } from '@/core/markup/stylesheet';
import type { Band } from '@/core/bands/band';
import { pageElement } from '@/core/render/page/page';
import { viewStylesheet } from '@/core/render/stylesheet/stylesheet';
import { newAssembly, newPiece } from '@/core/site/defaults';
import type { Assembly } from '@/core/site/assembly';
import type { Page } from '@/core/site/page';
import type { Site } from '@/core/site/site';
import type { Id } from '@/core/ids/id';

/** The room beside the menu, in CSS px. */
const GUTTER = 12;

/** A breakpoint that no view reaches, in CSS px. */
const BEYOND = 4000;

/** The bands of a site moved so that a narrow view stands in one of them: those wider begin out of reach, those narrower end before it. */
export function bandsSeenAs(bands: readonly Band[], seen: Id): Band[] {
  const at = bands.findIndex((band) => band.id === seen);
  return bands.map((band, index) => ({
    ...band,
    from: index < at ? BEYOND - index : bands.length - 1 - index,
  }));
}

/** A header that holds nothing but a menu, standing open as a column. */
function specimen(site: Site, menu: Id): Assembly {
  const widest = site.bands[0]!.id;
  let count = 0;
  const header = newAssembly('headers', 'Specimen', widest, () => `specimen-${(count += 1)}`);
  const piece = newPiece('specimen', 'menu', {
    menu: { [widest]: menu },
    shownAs: { [widest]: 'column' },
    itemGap: { [widest]: 0 },
    itemPaddingBlock: { [widest]: 3 },
  });
  const bar = header.bars[header.order[0]!]!;
  bar.bays[0]!.pieces.push(piece.id);
  // One bay has all of the view; side by side with others, a long label would make it scroll sideways.
  bar.values = { ...bar.values, division: { [widest]: { by: 'stack' } } };
  return { ...header, pieces: { [piece.id]: piece } };
}

/** A menu as it stands on a page in a band, as HTML and CSS for a narrow view: nothing of the site but this menu. */
export function menuSpecimen(site: Site, menu: Id, page: Page, band: Id): { page: Element; css: Stylesheet } {
  const header = specimen(site, menu);
  const gutter = { [site.bands[0]!.id]: GUTTER };
  const seen: Site = {
    ...site,
    brand: { ...site.brand, values: { ...site.brand.values, gutter } },
    bands: bandsSeenAs(site.bands, band),
    headers: { [header.id]: header },
    footers: {},
  };
  return { page: pageElement(seen, page, { header, footer: null }), css: viewStylesheet(seen) };
}
