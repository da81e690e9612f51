import { ofPair } from '../ids/of-pair';
import { isBlock, type CssNode, type Declarations, type Rules } from './css';

/** A rule as it is written: selectors that say the same are one (CSS Cascading 5, 6: what is written later wins). */
export interface WrittenRule {
  selectors: readonly string[];
  declarations: Declarations;
}

/** A block as it is written. */
export interface WrittenBlock {
  at: string;
  inside: Stylesheet;
}

/** A rule, a block, or a statement such as `@layer reset, page;`. */
export type Written = WrittenRule | WrittenBlock | string;

/** A stylesheet, or what stands in a block of one, in the order in which it is written: none of it is empty. */
export type Stylesheet = readonly Written[];

/** Whether something is written as a block. */
export const isWrittenBlock = (each: Written): each is WrittenBlock =>
  typeof each === 'object' && 'at' in each;

/** Whether two rules declare the same in the same order. */
function sameDeclarations(one: Declarations, other: Declarations): boolean {
  if (one === other) return true;
  const [names, others] = [Object.keys(one), Object.keys(other)];
  return (
    names.length === others.length &&
    names.every((name, index) => name === others[index] && one[name] === other[name])
  );
}

/** Rules in the order in which they are written; those behind each other that say the same are one. */
function writtenRules(rules: Rules): WrittenRule[] {
  const written: { selectors: string[]; declarations: Declarations }[] = [];
  for (const [selector, declarations] of Object.entries(rules)) {
    const last = written.at(-1);
    if (Object.keys(declarations).length === 0) continue;
    if (last && sameDeclarations(last.declarations, declarations)) last.selectors.push(selector);
    else written.push({ selectors: [selector], declarations });
  }
  return written;
}

/** Nodes as they are written; rules and blocks without content are left out. */
export function written(nodes: readonly CssNode[]): Stylesheet {
  return nodes.flatMap((node): readonly Written[] => {
    if (!isBlock(node)) return writtenRules(node);
    const inside = written(node.inside);
    return inside.length === 0 ? [] : [{ at: node.at, inside }];
  });
}

/** What a rule declares, a line each. */
function declarationsText(declarations: Declarations, indent: string): string {
  let text = '';
  for (const name in declarations) text += `${indent}${name}: ${declarations[name]};\n`;
  return text;
}

/** A stylesheet as text, indented by two spaces a level. */
export function stylesheetText(stylesheet: Stylesheet, indent = ''): string {
  return stylesheet
    .map((each) => {
      if (typeof each === 'string') return `${indent}${each}\n`;
      const [head, inside] = isWrittenBlock(each)
        ? [each.at, stylesheetText(each.inside, `${indent}  `)]
        : [each.selectors.join(`,\n${indent}`), declarationsText(each.declarations, `${indent}  `)];
      return `${indent}${head} {\n${inside}${indent}}\n`;
    })
    .join('');
}

/** A rule or a block among those that it is written with, in each block from the outside in: the how many-th it is, and of how many. */
export type RuleWay = readonly (readonly [index: number, of: number])[];

/** What is other of what stands somewhere: what a rule declares, or the condition of a block of the media. */
export type Otherwise = { declarations: string } | { media: string };

/** What is other where it stands. */
type ChangedWays = (readonly [way: RuleWay, is: Otherwise])[];

/** What makes one stylesheet of another, by what stands in it outermost: each of that stands in a style element of its own. */
export interface StylesheetChange {
  /** How many there are. */
  count: number;
  /** Those that are written anew, with their text. */
  texts: (readonly [index: number, text: string])[];
  /** What is other in the rest of them. */
  changed: (readonly [index: number, way: RuleWay, is: Otherwise])[];
}

const MEDIA = '@media ';

/** What is other of a block and in it; null where it was another, or none. */
function changedInBlock(before: Written, after: Written, way: RuleWay): ChangedWays | null {
  if (!isWrittenBlock(before) || !isWrittenBlock(after)) return null;
  const inside = changedIn(before.inside, after.inside, way);
  if (before.at === after.at || inside === null) return inside;
  // As where a rule begins at another width.
  const both = [before, after].every(({ at }) => at.startsWith(MEDIA));
  return both ? [[way, { media: after.at.slice(MEDIA.length) }], ...inside] : null;
}

/** What is other of rules and blocks; null where there are others than before. */
function changedIn(before: Stylesheet, after: Stylesheet, way: RuleWay): ChangedWays | null {
  if (before === after) return [];
  if (before.length !== after.length) return null;
  const changed: ChangedWays = [];
  for (const [index, each] of after.entries()) {
    const old = before[index]!;
    if (old === each) continue;
    if (typeof old === 'string' || typeof each === 'string') return null;
    const here: RuleWay = [...way, [index, after.length]];
    if (isWrittenBlock(each)) {
      const inside = changedInBlock(old, each, here);
      if (inside === null) return null;
      changed.push(...inside);
      continue;
    }
    if (isWrittenBlock(old) || old.selectors.length !== each.selectors.length) return null;
    if (old.selectors.some((selector, nth) => selector !== each.selectors[nth])) return null;
    if (!sameDeclarations(old.declarations, each.declarations))
      changed.push([here, { declarations: declarationsText(each.declarations, '') }]);
  }
  return changed;
}

/**
 * What is told to who holds a stylesheet so that it holds another. A declaration that is changed where it stands lets a browser lay out no more
 * than that touches; what is written anew, all of the page. Several views hold the very same: it is worked out once.
 */
export const stylesheetChange = ofPair(
  (before: Stylesheet, after: Stylesheet): StylesheetChange => {
    const change: StylesheetChange = { count: after.length, texts: [], changed: [] };
    for (const [index, each] of after.entries()) {
      const old = before.length === after.length ? before[index] : undefined;
      if (old === each) continue;
      const inside = old === undefined ? null : changedInBlock(old, each, []);
      // An element holds what stands outermost; what that is other in itself is written anew.
      if (inside?.every(([way]) => way.length > 0))
        change.changed.push(...inside.map(([way, is]) => [index, way, is] as const));
      else if (old === undefined || stylesheetText([old]) !== stylesheetText([each]))
        change.texts.push([index, stylesheetText([each])]);
    }
    return change;
  },
  (before, after) => [before, after],
);
