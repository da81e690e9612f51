import { writeHtml, type Node } from '../markup/html';
import type { Page } from '../site/page';
import type { Site } from '../site/site';
import type { Advances } from '../text/advances';
import { pageParts, SCRIPT, STAND_IN_STYLESHEET, STYLESHEET } from './page/page';
import { renderStylesheet } from './stylesheet/stylesheet';
import { placed } from '../site/placing';

/** The languages of the web that parts are written in. */
export type CodeLanguage = 'html' | 'css' | 'javascript';

/** A part of the hand-over by itself, to be put into a page that exists. */
export interface Part {
  id: string;
  name: string;
  /** Where it goes, in words. */
  goes: string;
  language: CodeLanguage;
  text: string;
}

const htmlOf = (nodes: readonly Node[]): string =>
  nodes
    .filter((node) => node)
    .map(writeHtml)
    .join('');

const CURRENT =
  'A page marks itself: aria-current="page" stands on each link that leads to it, aria-current="true" on what it stands below. This is as it is on the page that is chosen above.';

/** Whether a node of the head belongs to what stands in for the page’s own content. */
const isStandIn = (node: Node) =>
  node && typeof node !== 'string' && String(node.attributes.href).endsWith(STAND_IN_STYLESHEET);

/**
 * What of a page is designed here, part by part, as it is on that page: the very code of the hand-over, without what stands in for
 * the page’s content. Parts that are empty are left out.
 */
export function partsOfPage(
  site: Site,
  page: Page,
  { language, advances, script }: { language: string; advances: Advances; script: string },
): Part[] {
  const { head, skip, header, footer, opened, icons } = pageParts(site, page, undefined, language, advances);
  const parts: Part[] = [
    {
      id: 'head',
      name: 'Head',
      goes: 'Into the head of each page, beside its own title and descriptions. The addresses are relative to this page.',
      language: 'html',
      text: htmlOf(head.filter((node) => !isStandIn(node))),
    },
    {
      id: 'header',
      name: 'Header',
      goes: `First in the body, before the page’s content, which bears the id “content”. ${CURRENT}`,
      language: 'html',
      text: header.length > 0 ? htmlOf([skip, ...header]) : '',
    },
    {
      id: 'footer',
      name: 'Footer',
      goes: 'After the page’s content. It marks the page as the header does.',
      language: 'html',
      text: htmlOf(footer),
    },
    {
      id: 'opened',
      name: 'Drawers and signs',
      goes: 'Last in the body: the drawers and dialogs that the header or the footer opens, and the signs that they show.',
      language: 'html',
      text: htmlOf([...opened, icons]),
    },
    {
      id: 'stylesheet',
      name: 'Stylesheet',
      goes: `The file ${STYLESHEET}, the same for all pages. Fonts and artwork stand in folders beside it.`,
      language: 'css',
      text: renderStylesheet(site, advances, placed(site)),
    },
    {
      id: 'script',
      name: 'Script',
      goes: `The file ${SCRIPT}, the same for all pages; everything can be reached without it.`,
      language: 'javascript',
      text: script,
    },
  ];
  return parts.filter(({ text }) => text.trim() !== '');
}
