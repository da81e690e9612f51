import type { AttributeValue } from '../../markup/html';
import type { Site } from '../../site/site';
import type { Merged, MergedElement, Some, Varying } from '../merged/merge';
import { fileOf, namedFile, type Circumstance } from '../merged/merged-site';
import { conditionOf, expressionOf, quoted } from './cases';

/** What TSX is written in the light of: all circumstances, and the pages by the paths of their files. */
export interface Written {
  circumstances: readonly Circumstance[];
  pages: ReadonlyMap<string, Circumstance>;
}

export const writtenOf = (site: Site, circumstances: readonly Circumstance[]): Written => ({
  circumstances,
  pages: new Map(circumstances.map((each) => [fileOf(site, each), each])),
});

/** The attributes that React calls otherwise than HTML does. */
const reactNames: Readonly<Record<string, string>> = {
  class: 'className',
  for: 'htmlFor',
  hreflang: 'hrefLang',
  srcset: 'srcSet',
  autocomplete: 'autoComplete',
  popovertarget: 'popoverTarget',
  referrerpolicy: 'referrerPolicy',
  'stroke-width': 'strokeWidth',
};

/** The attributes that its types do not know. */
const unknownToTypes = new Set(['command', 'commandfor']);

/** The attributes that are there or not (HTML, 2.4.2 "Boolean attributes"). */
const booleans = new Set(['hidden', 'required']);

/** Whether a link has the application’s own element: it leads to a page, and not to its content as a dialog. */
const isOwnLink = ({ tag, attributes }: MergedElement, { pages }: Written) =>
  tag === 'a' &&
  !attributes['data-dialog'] &&
  (attributes.href ?? []).some(({ value }) => pages.has(namedFile(value)?.split('#')[0] ?? ''));

/** A file of the site as an expression, in one circumstance. */
function namedExpression(
  { pages, circumstances }: Written,
  named: string,
  at: number,
  here: boolean,
): string {
  const [file, section] = named.split('#') as [string, string | undefined];
  const found = pages.get(file);
  if (!found) return `at.file(${quoted(named)})`;
  const { language } = circumstances[at]!;
  const to = here
    ? `at.to(at.page, ${quoted(found.language)})`
    : found.language === language
      ? `at.to(${quoted(found.page.path)})`
      : `at.to(${quoted(found.page.path)}, ${quoted(found.language)})`;
  return section === undefined ? to : `\`\${${to}}#${section}\``;
}

/** Whether something leads to the very page that it stands on, on all of several. */
function leadsHere({ pages, circumstances }: Written, cases: Varying<AttributeValue>): boolean {
  return (
    cases.length > 1 &&
    cases.every(({ value, in: some }) => {
      const target = pages.get(namedFile(value) ?? '')?.page.path;
      return some.every((index) => circumstances[index]!.page.path === target);
    })
  );
}

function valueExpression(name: string, value: AttributeValue): string {
  if (value === null || value === undefined || value === false) return 'undefined';
  if (value === true) return booleans.has(name) ? 'true' : "''";
  return typeof value === 'number' ? String(value) : quoted(value);
}

/** The value of an attribute as an expression. */
function attributeExpression(
  written: Written,
  name: string,
  cases: Varying<AttributeValue>,
  within: Some,
): string {
  const here = leadsHere(written, cases);
  const said = cases.flatMap(({ value, in: some }) => {
    const named = namedFile(value);
    return named === null
      ? [{ value: valueExpression(name, value), in: some }]
      : some.map((at) => ({ value: namedExpression(written, named, at, here), in: [at] }));
  });
  return expressionOf(written.circumstances, said, within);
}

/** An attribute of an element; null where it has none. */
function attributeTsx(name: string, expression: string): string | null {
  if (expression === 'undefined') return null;
  if (unknownToTypes.has(name)) return `{...{ ${name}: ${expression} }}`;
  const react = reactNames[name] ?? name;
  if (expression === 'true') return react;
  const plain = /^'([^'"\\{}&]*)'$/.exec(expression)?.[1];
  return plain === undefined ? `${react}={${expression}}` : `${react}="${plain}"`;
}

function attributesTsx(written: Written, element: MergedElement, within: Some): string[] {
  const entries = Object.entries(element.attributes).map(([name, cases]): [string, string] => [
    name,
    attributeExpression(written, name, cases, within),
  ]);
  const said = Object.fromEntries(entries);
  // What a script changes of these before React takes them over is right.
  const notice = 'data-notice' in said ? ['suppressHydrationWarning'] : [];
  // Where pages begin in another phase, the script tells it anew of another element.
  const phase = said['data-phase']?.includes(' ? ') ? [`key={${said['data-phase']}}`] : [];
  return [
    ...phase,
    ...entries.flatMap(([name, expression]) => attributeTsx(name, expression) ?? []),
    ...notice,
  ];
}

const MOST = 110;
const indented = (lines: readonly string[]) => lines.map((line) => `  ${line}`);

const isPlainText = (text: string) => /^[^\s{}<>&][^{}<>&\n]*$/.test(text) && !/\s$/.test(text);

const textExpression = ({ circumstances }: Written, cases: Varying<string>, within: Some) =>
  expressionOf(
    circumstances,
    cases.map(({ value, in: some }) => ({ value: quoted(value), in: some })),
    within,
  );

function textTsx(written: Written, cases: Varying<string>, within: Some): string {
  const [only] = cases;
  return cases.length === 1 && isPlainText(only!.value)
    ? only!.value
    : `{${textExpression(written, cases, within)}}`;
}

/** What stands in an element that holds data and not text: React would escape it, which no browser undoes. */
function dataTsx(written: Written, [data]: Merged, within: Some): string {
  const said = data && 'text' in data.value ? textExpression(written, data.value.text, within) : "''";
  return `dangerouslySetInnerHTML={{ __html: ${said} }}`;
}

/** An element as lines of TSX. */
function elementTsx(written: Written, element: MergedElement, within: Some): string[] {
  const { tag, children } = element;
  const name = isOwnLink(element, written) ? 'at.Link' : tag;
  const isData = tag === 'script';
  const attributes = [
    ...attributesTsx(written, element, within),
    ...(isData ? [dataTsx(written, children, within)] : []),
  ];
  const content = isData ? [] : nodesTsx(written, children, within);
  const open = [name, ...attributes].join(' ');
  const end = content.length === 0 ? ' />' : '>';
  const short = `<${open}${end}`;
  const [first] = content;
  const oneLine = `${short}${first}</${name}>`;
  if (content.length === 1 && !first!.startsWith('<') && oneLine.length <= MOST) return [oneLine];
  const opening =
    short.length <= MOST || attributes.length === 0
      ? [short]
      : [`<${name}`, ...indented(attributes), end.trim()];
  return content.length === 0 ? opening : [...opening, ...indented(content), `</${name}>`];
}

/** Nodes as lines of TSX that stand in an element; `within` are the circumstances in which that is there. */
export function nodesTsx(written: Written, nodes: Merged, within: Some): string[] {
  return nodes.flatMap(({ value, in: some }) => {
    const lines = 'text' in value ? [textTsx(written, value.text, some)] : elementTsx(written, value, some);
    const condition = conditionOf(written.circumstances, some, within);
    if (condition === null) return lines;
    const isElement = lines[0]!.startsWith('<');
    const expression = isElement ? lines : ['<>', ...indented(lines), '</>'];
    return [`{${condition} && (`, ...indented(expression), ')}'];
  });
}
