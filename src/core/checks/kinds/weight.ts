import { deflateSync } from 'fflate';
import { homePage } from '../../render/files';
import { placedOnPage, renderPage, STYLESHEET } from '../../render/page/page';
import { pageFile } from '../../render/page/paths';
import { renderStylesheet } from '../../render/stylesheet/stylesheet';
import { placed } from '../../site/placing';
import { found, type Check } from '../check';

/** What comes with the first answer of a host, in bytes: ten segments of a connection (RFC 6928, 2). */
const FIRST_ANSWER = 10 * 1460;

const KB = 1024;
const packed = (text: string) => deflateSync(new TextEncoder().encode(text), { level: 6 }).length;

/** The home page and the stylesheet, packed as hosts send them at the least (RFC 1951): with more than the first answer brings, nothing is seen before the second. */
export const weight: Check = {
  id: 'weight',
  label: 'Size of page and stylesheet',
  from: 'RFC 6928, 2: the initial window of a connection',
  harm: 'heavy',
  find({ site, advances }) {
    const home = homePage(site);
    const language = site.languages[0]!;
    const files: [string, string][] = [
      [pageFile(home.path), renderPage(site, home, placedOnPage(site, home), language, advances)],
      [STYLESHEET, renderStylesheet(site, advances, placed(site))],
    ];
    return files.flatMap(([file, text]) => {
      const bytes = packed(text);
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
