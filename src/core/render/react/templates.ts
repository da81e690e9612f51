import { quoted } from './cases';

const listed = (values: readonly string[]) => values.map((value) => `  ${quoted(value)},`).join('\n');

/** What `at.ts` says of a site: the paths of its pages, the folder of each language, and which page answers where there is none. */
interface SaidOfSite {
  pages: readonly string[];
  folders: readonly (readonly [language: string, folder: string])[];
  notFound: string;
}

/** The module of what every component is told: the page, the language, and how it leads to others. */
export const atFile = ({ pages, folders, notFound }: SaidOfSite): string => `\
import type { AnchorHTMLAttributes, ElementType } from 'react';

/** The pages of the site by their paths. */
export const pages = [
${listed(pages)}
] as const;
export type PagePath = (typeof pages)[number];

/** Where the pages of each language stand: the first at the root. */
const folders = {
${folders.map(([language, folder]) => `  ${quoted(language)}: ${quoted(folder)},`).join('\n')}
};
export type Language = keyof typeof folders;

/** What links to pages are given. */
export type LinkProps = AnchorHTMLAttributes<HTMLAnchorElement> & { href: string };

export interface SiteProps {
  /** The path of the page that is shown, the same in all languages; one that is none of the site’s is as ${notFound} is. */
  page: PagePath | (string & {});
  /** The language of the page; the first where none is said. */
  language?: Language;
  /** What links to pages of the site are made of: \`a\`, or the link of a router. */
  link?: ElementType<LinkProps>;
  /** The address of a page or a file of the site by its path from the root; as it comes, that path. */
  address?: (path: string) => string;
}

/** Where a component is drawn. */
export interface At {
  page: PagePath;
  language: Language;
  Link: ElementType<LinkProps>;
  /** The address of a page, in the same language or in another. */
  to(page: PagePath, language?: Language): string;
  /** The address of a file that is served beside the pages. */
  file(path: string): string;
}

const isPage = (path: string): path is PagePath => (pages as readonly string[]).includes(path);

/** What the components of the site are told of the page. */
export function atOf({
  page,
  language = ${quoted(folders[0]![0])},
  link = 'a',
  address = (path) => path,
}: SiteProps): At {
  return {
    page: isPage(page) ? page : ${quoted(notFound)},
    language,
    Link: link,
    to: (path, inLanguage = language) => {
      const below = folders[inLanguage] + (path === '/' ? '' : path);
      return address(below === '' ? '/' : below);
    },
    file: (path) => address('/' + path),
  };
}

/** Whether the page is one of these. */
export const on = ({ page }: At, ...paths: readonly PagePath[]): boolean => paths.includes(page);

/** What is said in the language of the page. */
export const say = <const T>({ language }: At, said: Record<Language, T>): T => said[language];
`;

/** The module of what is done by script, the same for every site. */
export const hookFile = `\
'use client';

import { useEffect } from 'react';

/**
 * Does what is done by script: menus by keys, drawers, phases of scrolling. Everything can be reached without it. When the page becomes
 * another, what was open on the one before is closed.
 */
export function useSite(page: string): void {
  useEffect(() => {
    void import('./site.js');
  }, []);
  useEffect(
    () => () => {
      for (const dialog of document.querySelectorAll<HTMLDialogElement>('dialog[open]')) dialog.close();
      // The focus leaves what has dropped down.
      document.body.dispatchEvent(new FocusEvent('focusin', { bubbles: true }));
    },
    [page],
  );
}

/** The same as an element, for where a component is rendered on a server alone. */
export function SiteScript({ page }: { page: string }) {
  useSite(page);
  return null;
}
`;

export const indexFile = `\
export { pages, type Language, type LinkProps, type PagePath, type SiteProps } from './at';
export { SiteDrawers, SiteFooter, SiteHeader } from './site';
export { SiteScript, useSite } from './use-site';
`;
