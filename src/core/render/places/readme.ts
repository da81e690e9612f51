import type { Site } from '../../site/site';
import { place, ROOT } from './placed-nodes';

/** What stands in the folder of parts, for those who put them into pages of their own. */
export function readmeOfParts({ name }: Site): string {
  return [
    `# ${name}: head, header, footer and drawers as parts`,
    '',
    '- `parts/LANGUAGE/` holds the parts, each once: `head` goes into the head of a page; `skip` and a header come first in its body, before an element with the id `content`; a footer, the drawers and `signs` come after it.',
    '- A dialog that shows the content of a page holds what stands in for that, until you put your own there.',
    '- `page.html` is the home page put together of its parts: it shows how they go together.',
    '- `site.css`, `site.js`, `fonts/`, `artwork/` and `files/` are the same for all pages. Everything can be reached without the script.',
    '- `places.json` says of every page which parts it is put together of, and what stands in their places.',
    '',
    '## Places',
    '',
    `A place is a name in double braces. \`${place(ROOT)}\` is the way from the page to the root of the site, such as \`../\`; where pages are served from the root, it is \`/\`. Every other place is named by what stands there; one of which \`places.json\` says nothing on a page is empty there.`,
    '',
    'The current page is marked without a script, by these rules:',
    '',
    '1. `current-…` is `aria-current="page"` on the page that the link leads to,',
    '2. `aria-current="true"` on the pages that stand below it,',
    '3. and nothing on all others.',
    '',
    'For a page that is added later, the places are those of the page that it stands beside, but for rule 1.',
    '',
  ].join('\n');
}
