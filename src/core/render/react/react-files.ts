import type { Site } from '../../site/site';
import { unmeasured } from '../../text/advances';
import { assetFiles, textFiles, type Scripts, type SiteFile } from '../files';
import { mergedSite, type MergedPart, type MergedSite } from '../merged/merged-site';
import { namer, slug } from '../names';
import { NOTICES_SCRIPT, SCRIPT, STYLESHEET } from '../page/page';
import { languageFolder, NOT_FOUND_PATH } from '../page/paths';
import { conditionOf, quoted } from './cases';
import { readmeOf } from './readme';
import { nodesTsx, writtenOf, type Written } from './tsx';

/** The folder of what is compiled, and that of what is served beside it. */
const COMPONENTS = 'components';
const PUBLIC = 'public';

/** What the components are imported from. */
export const COMPONENTS_INDEX = `${COMPONENTS}/index.ts`;

/** A component: its name, the file that it stands in, and what it draws. */
interface Component extends MergedPart {
  file: string;
  component: string;
  about: string;
}

const lines = (...text: readonly (string | readonly string[])[]) => `${text.flat().join('\n')}\n`;
const indented = (text: readonly string[], by = '  ') => text.map((line) => `${by}${line}`);
const listed = (values: readonly string[]) => indented(values.map((value) => `${quoted(value)},`));

/** `main-header-2` as the name of a component: `MainHeader2`. */
const pascal = (name: string) =>
  name.replace(/(^|-)([a-z0-9])/g, (_, __, letter: string) => letter.toUpperCase());

/** What every component is told: the page, the language, and how it leads to others. */
function atFile(site: Site, { circumstances }: MergedSite): string {
  const pages = [...new Set(circumstances.map(({ page }) => page.path))];
  const folders = site.languages.map(
    (language) => `${quoted(language)}: ${quoted(`/${languageFolder(site, language)}`.replace(/\/$/, ''))},`,
  );
  return lines(
    "import type { AnchorHTMLAttributes, ElementType } from 'react';",
    '',
    '/** The pages of the site by their paths. */',
    'export const pages = [',
    listed(pages),
    '] as const;',
    'export type PagePath = (typeof pages)[number];',
    '',
    '/** Where the pages of each language stand: the first at the root. */',
    'const folders = {',
    indented(folders),
    '};',
    'export type Language = keyof typeof folders;',
    '',
    '/** What links to pages are given. */',
    'export type LinkProps = AnchorHTMLAttributes<HTMLAnchorElement> & { href: string };',
    '',
    'export interface SiteProps {',
    `  /** The path of the page that is shown, the same in all languages; one that is none of the site’s is as ${NOT_FOUND_PATH} is. */`,
    '  page: PagePath | (string & {});',
    '  /** The language of the page; the first where none is said. */',
    '  language?: Language;',
    '  /** What links to pages of the site are made of: `a`, or the link of a router. */',
    '  link?: ElementType<LinkProps>;',
    '  /** The address of a page or a file of the site by its path from the root; as it comes, that path. */',
    '  address?: (path: string) => string;',
    '}',
    '',
    '/** Where a component is drawn. */',
    'export interface At {',
    '  page: PagePath;',
    '  language: Language;',
    '  Link: ElementType<LinkProps>;',
    '  /** The address of a page, in the same language or in another. */',
    '  to(page: PagePath, language?: Language): string;',
    '  /** The address of a file that is served beside the pages. */',
    '  file(path: string): string;',
    '}',
    '',
    'const isPage = (path: string): path is PagePath => (pages as readonly string[]).includes(path);',
    '',
    '/** What the components of the site are told of the page. */',
    'export function atOf({',
    '  page,',
    `  language = ${quoted(site.languages[0]!)},`,
    "  link = 'a',",
    '  address = (path) => path,',
    '}: SiteProps): At {',
    '  return {',
    `    page: isPage(page) ? page : ${quoted(NOT_FOUND_PATH)},`,
    '    language,',
    '    Link: link,',
    '    to: (path, inLanguage = language) => {',
    "      const below = folders[inLanguage] + (path === '/' ? '' : path);",
    "      return address(below === '' ? '/' : below);",
    '    },',
    '    file: (path) => address(`/${path}`),',
    '  };',
    '}',
    '',
    '/** Whether the page is one of these. */',
    'export const on = ({ page }: At, ...paths: readonly PagePath[]): boolean => paths.includes(page);',
    '',
    '/** What is said in the language of the page. */',
    'export const say = <const T>({ language }: At, said: Record<Language, T>): T => said[language];',
  );
}

/** The helpers of `at.ts` that lines of code use. */
const used = (code: readonly string[]) =>
  ['atOf', 'on', 'say'].filter((name) => code.some((line) => new RegExp(`\\b${name}\\(`).test(line)));

/** Long lists of pages that stand in code more than once get a name, before which they stand. */
function hoisted(code: readonly string[]): { before: string[]; code: string[] } {
  const counts = new Map<string, number>();
  for (const line of code)
    for (const [, list] of line.matchAll(/\bon\(at, ('[^)]{60,}')\)/g))
      counts.set(list!, (counts.get(list!) ?? 0) + 1);
  const names = new Map(
    [...counts].filter(([, count]) => count > 1).map(([list], index) => [list, `somePages${index + 1}`]),
  );
  return {
    before: [...names].flatMap(([list, name]) => [
      '',
      `const ${name}: readonly PagePath[] = [`,
      ...indented(list.split(', ').map((path) => `${path},`)),
      '];',
    ]),
    code: code.map((line) =>
      line.replace(/\bon\(at, ('[^)]{60,}')\)/g, (whole, list: string) =>
        names.has(list) ? `on(at, ...${names.get(list)})` : whole,
      ),
    ),
  };
}

/** A module of components, with what it takes of `at.ts` and other imports. */
function componentModule(code: readonly string[], types: readonly string[], imports: readonly string[] = []) {
  const { before, code: short } = hoisted(code);
  const taken = [
    ...used(short),
    ...[...types, ...(before.length > 0 ? ['PagePath'] : [])].map((name) => `type ${name}`),
  ];
  return lines(`import { ${taken.join(', ')} } from './at';`, imports, before, short);
}

/** A component that gives nodes; where they ask nothing of the page, it takes no props. */
function componentOf(
  about: string,
  name: string,
  { props, first = [] }: { props: string; first?: readonly string[] },
  inside: readonly string[],
): string[] {
  const asks = inside.some((line) => /\bat\b/.test(line));
  return [
    '',
    `/** ${about} */`,
    `export function ${name}(${asks ? props : props.replace(/^[^:]*/, '_')}) {`,
    ...(asks ? first : []),
    '  return (',
    '    <>',
    ...indented(inside, '      '),
    '    </>',
    '  );',
    '}',
  ];
}

const componentFile = (written: Written, { component, about, nodes, in: some }: Component): string =>
  componentModule(
    componentOf(about, component, { props: '{ at }: { at: At }' }, nodesTsx(written, nodes, some)),
    ['At'],
  );

/** The parts of a page, each with what stands where on the page. */
function siteFile(
  written: Written,
  { circumstances, skip, signs }: MergedSite,
  components: Readonly<Record<'headers' | 'footers' | 'opened', readonly Component[]>>,
): string {
  const all = circumstances.map((_, index) => index);
  const uses = (list: readonly Component[]) =>
    list.map(({ component, in: some }) => {
      const condition = conditionOf(circumstances, some, all);
      return condition === null ? `<${component} at={at} />` : `{${condition} && <${component} at={at} />}`;
    });
  const part = (name: string, about: string, inside: readonly string[]) =>
    componentOf(about, name, { props: 'props: SiteProps', first: ['  const at = atOf(props);'] }, inside);
  const code = [
    part(
      'SiteHeader',
      'The link past the header, and the header of the page: first in the body, before an element with the id `content`.',
      [...nodesTsx(written, skip, all), ...uses(components.headers)],
    ),
    part('SiteFooter', 'The footer of the page: after its content.', uses(components.footers)),
    part(
      'SiteDrawers',
      'The drawers and dialogs that the page opens, and the signs that it shows: last in the body.',
      [...uses(components.opened), ...nodesTsx(written, signs, all)],
    ),
  ].flat();
  const imports = Object.values(components)
    .flat()
    .map(({ component, file }) => `import { ${component} } from './${file}';`);
  return componentModule(code, ['SiteProps'], imports);
}

const hookFile = lines(
  "'use client';",
  '',
  "import { useEffect } from 'react';",
  '',
  '/**',
  ' * Does what is done by script: menus by keys, drawers, phases of scrolling. Everything can be reached without it. When the page becomes',
  ' * another, what was open on the one before is closed.',
  ' */',
  'export function useSite(page: string): void {',
  '  useEffect(() => {',
  "    void import('./site.js');",
  '  }, []);',
  '  useEffect(',
  '    () => () => {',
  "      for (const dialog of document.querySelectorAll('dialog[open]')) (dialog as HTMLDialogElement).close();",
  '      // The focus leaves what has dropped down.',
  "      document.body.dispatchEvent(new FocusEvent('focusin', { bubbles: true }));",
  '    },',
  '    [page],',
  '  );',
  '}',
  '',
  '/** The same as an element, for where a component is rendered on a server alone. */',
  'export function SiteScript({ page }: { page: string }) {',
  '  useSite(page);',
  '  return null;',
  '}',
);

const indexFile = lines(
  "export { pages, type Language, type LinkProps, type PagePath, type SiteProps } from './at';",
  "export { SiteDrawers, SiteFooter, SiteHeader } from './site';",
  "export { SiteScript, useSite } from './use-site';",
);

const abouts = {
  headers: 'A header of the site.',
  footers: 'A footer of the site.',
  opened: 'What a page opens: a drawer, or the content of another page as a dialog.',
};

/**
 * What is designed of a site as components of React 19: a component each header, footer and drawer, three that put together what stands on
 * a page, a hook for what the script does, and beside them what is served: the stylesheet, fonts and artwork. `scripts` are those of the hand-over.
 */
export function reactFiles(site: Site, scripts: Scripts, advances = unmeasured): SiteFile[] {
  const merged = mergedSite(site, advances);
  const written = writtenOf(site, merged.circumstances);
  const unique = namer(new Set(['at', 'site', 'use-site', 'index']));
  const uniqueComponent = namer(new Set(['SiteHeader', 'SiteFooter', 'SiteDrawers', 'SiteScript']));
  const named = (part: 'headers' | 'footers' | 'opened') =>
    merged[part].map((each): Component => {
      const file = unique(slug(each.name, part));
      return { ...each, file, component: uniqueComponent(pascal(file)), about: abouts[part] };
    });
  const components = { headers: named('headers'), footers: named('footers'), opened: named('opened') };
  const served = textFiles(site, scripts, advances, [STYLESHEET, NOTICES_SCRIPT]);
  const text = (path: string, content: string) => ({ path: `${COMPONENTS}/${path}`, text: content });
  return [
    {
      path: 'README.md',
      text: readmeOf(
        site,
        served.some(({ path }) => path === NOTICES_SCRIPT),
      ),
    },
    { path: COMPONENTS_INDEX, text: indexFile },
    text('at.ts', atFile(site, merged)),
    text('site.tsx', siteFile(written, merged, components)),
    ...Object.values(components)
      .flat()
      .map((each) => text(`${each.file}.tsx`, componentFile(written, each))),
    text('use-site.ts', hookFile),
    text(SCRIPT, scripts.site),
    text(SCRIPT.replace(/js$/, 'd.ts'), 'export {};\n'),
    ...[...served, ...assetFiles(site, advances)].map((file) => ({
      ...file,
      path: `${PUBLIC}/${file.path}`,
    })),
  ];
}
