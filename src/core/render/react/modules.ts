import { conditionOf } from './cases';
import { nodesTsx, type Written } from './tsx';
import type { MergedPart, MergedSite } from '../merged/merged-site';

/** A component: its name, the file that it stands in, and what it draws. */
export interface Component extends MergedPart {
  file: string;
  component: string;
  about: string;
}

const lines = (...text: readonly (string | readonly string[])[]) => `${text.flat().join('\n')}\n`;
const indented = (text: readonly string[], by = '  ') => text.map((line) => `${by}${line}`);

/** A line of TSX parted behind its last expression: what follows may be a text, in which there are no braces. */
function behindExpressions(line: string): [code: string, text: string] {
  const end = line.lastIndexOf('{') > line.lastIndexOf('}') ? line.length : line.lastIndexOf('}') + 1;
  return [line.slice(0, end), line.slice(end)];
}

/** The expressions of a line of TSX, without what stands in quotes: texts are not to be taken for code. */
const expressionsIn = (line: string) =>
  behindExpressions(line)[0]
    .replace(/'(?:[^'\\]|\\.)*'/g, "''")
    .replace(/^[^{]*/, '');

/** How a component comes to know where it stands, from its props. */
const atOfProps = '  const at = atOf(props);';

/** The helpers of `at.ts` that lines of code use. */
const used = (code: readonly string[]) => [
  ...(code.includes(atOfProps) ? ['atOf'] : []),
  ...['on', 'say'].filter((name) =>
    code.some((line) => new RegExp(`\\b${name}\\(`).test(expressionsIn(line))),
  ),
];

const longLists = /\bon\(at, ('[^)]{60,}')\)/g;

/** Long lists of pages that stand in code more than once get a name, before which they stand. */
function hoisted(code: readonly string[]): { before: string[]; code: string[] } {
  const counts = new Map<string, number>();
  for (const line of code)
    for (const [, list] of behindExpressions(line)[0].matchAll(longLists))
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
    code: code.map((line) => {
      const [expressions, text] = behindExpressions(line);
      const short = expressions.replace(longLists, (whole, list: string) =>
        names.has(list) ? `on(at, ...${names.get(list)})` : whole,
      );
      return short + text;
    }),
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
  const asks = inside.some((line) =>
    /\bat\.(to|file|page|language)\b|\(at[,)]|\{at\}/.test(expressionsIn(line)),
  );
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

/** The module of one component. */
export const componentFile = (written: Written, { component, about, nodes, in: some }: Component): string =>
  componentModule(
    componentOf(about, component, { props: '{ at }: { at: At }' }, nodesTsx(written, nodes, some)),
    ['At'],
  );

/** The module of what stands where on a page: its header, its footer, and what they open. */
export function siteFile(
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
    componentOf(about, name, { props: 'props: SiteProps', first: [atOfProps] }, inside);
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
