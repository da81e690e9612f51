/** What stylesheets are built of, rules and blocks, with what is escaped here; stylesheet.ts writes them. */

export type Declarations = Record<string, string>;
/** Selector to declarations, in the order in which they are to be written. */
export type Rules = Record<string, Declarations>;
export interface Block {
  /** The condition of an at-rule, such as `@media (width < 40em)` or `@layer values`. */
  at: string;
  inside: CssNode[];
}
export type CssNode = Rules | Block;

/**
 * What a declaration says that leaves things as the rules of the piece's own layer have them (CSS Cascading 5, 7.3.5): it is
 * not written where no wider band says otherwise.
 */
export const AS_IT_COMES = 'revert-layer';

/** What a declaration says, unless it is so anyway. */
export const unless = (is: boolean, css: string): string => (is ? AS_IT_COMES : css);

/** A CSS string with quotes (CSS Syntax, 4.3.5). */
export function cssString(text: string): string {
  return `"${text.replace(/["\\]/g, '\\$&').replace(/\n/g, '\\a ')}"`;
}

/** Whether a node is a block, and no rules. */
export function isBlock(node: CssNode): node is Block {
  return typeof node.at === 'string';
}

// Engines take several times as long for lists of pairs as for loops, and these are gone through for every value of a site.

/** Rules under other selectors. */
export function renamedRules(rules: Rules, rename: (selector: string) => string): Rules {
  const made: Rules = {};
  for (const selector in rules) made[rename(selector)] = rules[selector]!;
  return made;
}

/** Rules with something else declared in each, or declarations with another value each. */
export function mapped<T>(
  all: Readonly<Record<string, T>>,
  change: (each: T, name: string) => T,
): Record<string, T> {
  const made: Record<string, T> = {};
  for (const name in all) made[name] = change(all[name]!, name);
  return made;
}

/** Those of some declarations that stay; the very same object where all do. */
export function stayingDeclarations(
  declarations: Declarations,
  stays: (name: string, value: string) => boolean,
): Declarations {
  let all = true;
  const made: Record<string, string> = {};
  for (const name in declarations) {
    const value = declarations[name]!;
    if (stays(name, value)) made[name] = value;
    else all = false;
  }
  return all ? declarations : made;
}

/** Rules of several sources joined in order; a later declaration of the same selector and property wins. */
export function joinRules(...sources: Rules[]): Rules {
  const joined: Rules = {};
  for (const rules of sources) {
    for (const selector in rules) {
      const [before, declarations] = [joined[selector], rules[selector]!];
      joined[selector] = before === undefined ? declarations : { ...before, ...declarations };
    }
  }
  return joined;
}

/** Properties of which others say parts (CSS Box 4, 4; CSS Box Alignment 3, 8), with these parts. */
const partsOf = Object.entries({
  padding: ['padding-block', 'padding-inline', 'padding-inline-start'],
  gap: ['row-gap', 'column-gap'],
});

/**
 * Adds to what changes of a rule what has to be said with it: a part that is taken back is as the whole in its own layer has it, not as
 * the layer before; and where a whole is said anew, so are those of its parts that differ.
 */
function addWholes(changed: Set<string>, declarations: Declarations): void {
  for (const [whole, parts] of partsOf) {
    const said = declarations[whole];
    if (said === undefined) continue;
    const own = parts.filter((part) => declarations[part] !== undefined);
    const back = own.filter((part) => declarations[part] === AS_IT_COMES);
    if (said !== AS_IT_COMES && back.some((part) => changed.has(part))) changed.add(whole);
    if (!changed.has(whole)) continue;
    for (const part of own) changed.add(part);
    for (const part of back) changed.delete(part);
  }
}

/**
 * What `rules` says other than `base`: the rules that have to be written in a narrower band when those of
 * the wider one already hold. Both must name the same selectors and properties for the result to be complete.
 */
export function changedRules(base: Rules, rules: Rules): Rules {
  const changed: Rules = {};
  for (const selector in rules) {
    const [before, declarations] = [base[selector] ?? {}, rules[selector]!];
    if (before === declarations) continue;
    const names = Object.keys(declarations).filter((name) => before[name] !== declarations[name]);
    if (names.length === 0) continue;
    const all = new Set(names);
    addWholes(all, declarations);
    changed[selector] = stayingDeclarations(declarations, (name) => all.has(name));
  }
  return changed;
}

/** Where there is a pointer that can be over something (Media Queries 5, 6.2). */
export const HOVERING = '@media (hover: hover)';

/** Whether a selector asks for the pointer to be over something, and for nothing else instead. */
const hovers = (selector: string) =>
  selector.includes(':hover') && !/:(?:is|where|has|not)\([^()]*:hover/.test(selector);

/** Rules in their order, those that ask for hovering only where there is a pointer that can (Media Queries 5, 6.2): a finger would leave them behind. */
function whereHovered(rules: Rules): CssNode[] {
  return Object.entries(rules).reduce<CssNode[]>((nodes, [selector, declarations]) => {
    const last = nodes.at(-1);
    const block = last !== undefined && isBlock(last);
    if (hovers(selector)) {
      if (block) Object.assign(last.inside[0]!, { [selector]: declarations });
      else nodes.push({ at: HOVERING, inside: [{ [selector]: declarations }] });
    } else if (block || last === undefined) nodes.push({ [selector]: declarations });
    else last[selector] = declarations;
    return nodes;
  }, []);
}

/** Nodes with all rules that ask for hovering in blocks of their own, where they stand. */
export function hoverable(nodes: readonly CssNode[]): CssNode[] {
  return nodes.flatMap((node) =>
    isBlock(node) ? [{ ...node, inside: hoverable(node.inside) }] : whereHovered(node),
  );
}
