import { describe, expect, test } from '@jest/globals';
import type { Edit } from '@/core/edit';
import { applyEdits } from '@/core/edit/apply';
import { writeHtml } from '@/core/markup/html';
import { pieceKindsIn } from '@/core/pieces';
import type { Values } from '@/core/properties/property';
import { circumstancesOf, fileOf } from '@/core/render/merged/merged-site';
import { pageParts } from '@/core/render/page/page';
import { languageFolder, relativeHref } from '@/core/render/page/paths';
import { reactFiles } from '@/core/render/react/react-files';
import { newPiece } from '@/core/site/defaults';
import type { Site } from '@/core/site/site';
import { sample, someOf } from '@/sample.test-data';
import { seededDemo, sitesToHandOver } from '../demo/demo-sites.test-data';
import { outline } from './outline.test-data';
import { renderedWith, strictProblems } from './compiled.test-data';
import { runtimeScripts } from './sources';

const { demo } = await seededDemo();

const textFiles = (site: Site) =>
  reactFiles(site, runtimeScripts(site)).flatMap((file) => ('text' in file ? [file] : []));

/** Pages in all languages as React renders them and as they are handed over: some, in an audit every one. */
function* bothWays(site: Site): Generator<[name: string, react: string[], handedOver: string[]]> {
  const render = renderedWith(textFiles(site));
  for (const circumstance of someOf(circumstancesOf(site), 3)) {
    const { page, language } = circumstance;
    const { skip, header, footer, opened, icons } = pageParts(site, page, undefined, language);
    const own = fileOf(site, circumstance);
    const files = new Map(
      circumstancesOf(site).map((each) => [
        `/${languageFolder(site, each.language)}${each.page.path.slice(1)}`.replace(/(.)\/$/, '$1'),
        fileOf(site, each),
      ]),
    );
    const address = (path: string) => {
      const file = files.get(path) ?? path.slice(1);
      return page.path === '/404' ? `/${file}` : relativeHref(own, file);
    };
    const handedOver = [skip, ...header, ...footer, ...opened, icons].map(writeHtml).join('');
    // React asks for pictures early, with links that are none of the body’s.
    const drawn = render({ page: page.path, language, address }).replace(/^(<link [^>]*>)+/, '');
    yield [own, outline(drawn), outline(handedOver)];
  }
}

const [demoSite, ...others] = sitesToHandOver(demo);
/** What is handed over, and with the first of it a piece of every kind. */
const sites = [['every kind of piece', () => withEveryKind(demoSite![1]())] as const, ...others];

describe('React', () => {
  test.each(someOf(sites, 5))('of %s renders what is handed over, element for element', (_, site) => {
    for (const [file, react, handedOver] of bothWays(site()))
      expect([file, ...react]).toEqual([file, ...handedOver]);
  });

  test('holds texts that could be taken for code', () => {
    for (const [file, react, handedOver] of bothWays(likeCode(demo('orrery-house'))))
      expect([file, ...react]).toEqual([file, ...handedOver]);
  });

  test('compiles under the strictest of TypeScript’s rules', () => {
    // A small site with every kind of piece and texts like code, and in an audit all others.
    const { artwork } = demo('hollin-sound');
    const small = likeCode(withEveryKind(inTwoLanguages({ ...demo('orrery-house'), artwork })));
    const rest = sites.slice(0, sample(0, sites.length));
    const folders = [small, ...rest.map(([, site]) => site())].map(textFiles);
    const pagesOf = (files: (typeof folders)[number]) =>
      files.find(({ path }) => path.endsWith('/at.ts'))!.text;
    const byPages = new Map<string, typeof folders>();
    for (const each of folders) byPages.set(pagesOf(each), [...(byPages.get(pagesOf(each)) ?? []), each]);
    expect(byPages.size).toBe(sample(1, 4));
    expect(strictProblems([...byPages.values()].map(oneFolder))).toEqual([]);
  });
});

/** A site with a piece of every kind more in its first header, all of which show something. */
function withEveryKind(site: Site): Site {
  const [header] = Object.values(site.headers);
  const bar = header!.bars[header!.order[0]!]!;
  const menu = { all: Object.keys(site.menus)[0] };
  const held: Record<string, Values> = {
    menu: { menu: { desktop: menu.all } },
    links: { menu, grouped: { all: 'columns' }, unfolds: { desktop: 'one' } },
    social: { menu },
    pictures: { menu },
    picture: { artwork: { all: Object.keys(site.artwork)[0] } },
    address: { name: { all: 'Ferry House' }, hours: { all: 'Mon-Fri 9-17' }, asData: { all: true } },
    newsletter: { consent: { all: ['I agree.'] } },
    embed: {
      address: { all: 'https://maps.example.com/pier' },
      title: { all: 'The pier' },
      loads: { all: 'seen' },
    },
  };
  const outcome = applyEdits(site, [
    { edit: 'setEmbeds', hosts: ['maps.example.com'] },
    ...pieceKindsIn('headers').map(({ kind }): Edit => ({
      edit: 'addPiece',
      at: { in: 'headers', assembly: header!.id },
      spot: { bar: bar.id, bay: bar.bays[0]!.id, index: 0 },
      piece: newPiece(`x-${kind}`, kind, held[kind]),
    })),
  ]);
  if (!outcome.ok) throw new Error(outcome.reason);
  return outcome.site;
}

/** A site with one language more. */
function inTwoLanguages(site: Site): Site {
  const outcome = applyEdits(site, [{ edit: 'setLanguages', languages: [...site.languages, 'de'] }]);
  if (!outcome.ok) throw new Error(outcome.reason);
  return outcome.site;
}

/** A site with texts that could be taken for code, in all of its languages. */
function likeCode(own: Site): Site {
  const site = structuredClone(own);
  const texts = [
    '{page}',
    '</nav>',
    'on(at, 1)',
    "it's `${x}` \\",
    '*/ say(at)',
    ' a  b ',
    '&amp;',
    '{{root}}',
  ];
  Object.values(site.menus).forEach((menu) =>
    Object.values(menu.items).forEach((item, index) => {
      item.label = texts[index % texts.length]!;
      for (const language of site.languages.slice(1))
        item.labels[language] = texts[(index + 1) % texts.length]!;
    }),
  );
  return site;
}

/** The files of several sites with the same pages in one folder: what differs under one name stands under several. */
function oneFolder(folders: readonly ReturnType<typeof textFiles>[]): ReturnType<typeof textFiles> {
  const found = new Map<string, string>();
  for (const { path, text } of folders.flat()) {
    if ([...found.values()].includes(text)) continue;
    const free = found.has(path) ? path.replace(/(?=\.tsx?$)/, `-${found.size}`) : path;
    found.set(free, text);
  }
  return [...found].map(([path, text]) => ({ path, text }));
}
