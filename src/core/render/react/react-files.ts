import type { Site } from '../../site/site';
import { unmeasured } from '../../text/advances';
import { assetFiles, textFiles, type Scripts, type SiteFile } from '../files';
import { mergedSite } from '../merged/merged-site';
import { namer, slug } from '../names';
import { NOTICES_SCRIPT, SCRIPT, STYLESHEET } from '../page/page';
import { languageFolder, NOT_FOUND_PATH } from '../page/paths';
import { componentFile, siteFile, type Component } from './modules';
import { readmeOf } from './readme';
import { atFile, hookFile, indexFile } from './templates';
import { writtenOf } from './tsx';

/** The folder of what is compiled, and that of what is served beside it. */
const COMPONENTS = 'components';
const PUBLIC = 'public';

/** What the components are imported from. */
export const COMPONENTS_INDEX = `${COMPONENTS}/index.ts`;

/** `main-header-2` as the name of a component: `MainHeader2`. */
const pascal = (name: string) =>
  name.replace(/(^|-)([a-z0-9])/g, (_, __, letter: string) => letter.toUpperCase());

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
  const said = {
    pages: [...new Set(merged.circumstances.map(({ page }) => page.path))],
    folders: site.languages.map(
      (language) => [language, `/${languageFolder(site, language)}`.replace(/\/$/, '')] as const,
    ),
    notFound: NOT_FOUND_PATH,
  };
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
    text('at.ts', atFile(said)),
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
