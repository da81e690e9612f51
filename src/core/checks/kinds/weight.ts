import { deflateSync } from 'fflate';
import { homePage } from '../../render/files';
import { placedOnPage, renderPage, STYLESHEET } from '../../render/page/page';
import { pageFile } from '../../render/page/paths';
import { stylesheetText, type Stylesheet, type Written } from '../../markup/stylesheet';
import { siteStylesheet } from '../../render/stylesheet/stylesheet';
import { placed } from '../../site/placing';
import { found, type Check } from '../check';

/** What comes with the first answer of a host, in bytes: ten segments of a connection (RFC 6928, 2). */
const FIRST_ANSWER = 10 * 1460;

const KB = 1024;
const packed = (text: string) => deflateSync(new TextEncoder().encode(text), { level: 6 }).length;

/** Packs a text, unless it is the one that was packed last. */
function packedOnce() {
  let last: { text: string; bytes: number } | null = null;
  return (text: string): number => {
    if (last?.text !== text) last = { text, bytes: packed(text) };
    return last.bytes;
  };
}
const sizeOfPage = packedOnce();
const sizeOfStylesheet = packedOnce();

const sizesOfLayers = new WeakMap<object, number>();

function sizeOfLayer(layer: Written): number {
  if (typeof layer === 'string') return packed(layer);
  const size = sizesOfLayers.get(layer) ?? packed(stylesheetText([layer]));
  sizesOfLayers.set(layer, size);
  return size;
}

/** Packed layer by layer a stylesheet may be sent too (RFC 1951, 2: blocks follow each other): only where that is too much it is packed as one. */
function sizeOfAll(stylesheet: Stylesheet): number {
  const byLayer = stylesheet.map(sizeOfLayer).reduce((sum, size) => sum + size, 0);
  return byLayer <= FIRST_ANSWER ? byLayer : sizeOfStylesheet(stylesheetText(stylesheet));
}

/** The home page and the stylesheet, packed as hosts send them at the least (RFC 1951): with more than the first answer brings, nothing is seen before the second. */
export const weight: Check = {
  id: 'weight',
  label: 'Size of page and stylesheet',
  from: 'RFC 6928, 2: the initial window of a connection',
  harm: 'heavy',
  find({ site, advances }) {
    const home = homePage(site);
    const language = site.languages[0]!;
    const page = renderPage(site, home, placedOnPage(site, home), language, advances);
    const files: [string, number][] = [
      [pageFile(home.path), sizeOfPage(page)],
      [STYLESHEET, sizeOfAll(siteStylesheet(site, advances, placed(site)))],
    ];
    return files.flatMap(([file, bytes]) => {
      if (bytes <= FIRST_ANSWER) return [];
      const size = `${(bytes / KB).toFixed(1)} KB`;
      return [
        found({
          lead: { to: 'part', of: 'pages', id: home.id },
          at: `File ${file}`,
          words: `It has ${size} packed: a browser waits for a second answer before anything is seen.`,
          measure: size,
          limit: `${(FIRST_ANSWER / KB).toFixed(1)} KB`,
          apart: file,
        }),
      ];
    });
  },
};
