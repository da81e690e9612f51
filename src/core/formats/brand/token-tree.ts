import { getNodeValue, parseTree, type Node, type ParseError } from 'jsonc-parser';
import { lineIndex } from '../lines';

/** A token of a design tokens file: its path, its type and its value, with references to other tokens followed. */
export interface ReadToken {
  path: string[];
  line: number;
  type: string | null;
  value: unknown;
  /** The value as it is written, with references in it. */
  raw: unknown;
  extensions: Record<string, unknown>;
}

export type TreeReading = { ok: true; tokens: ReadToken[] } | { ok: false; line: number; reason: string };

/** How many values a file may come to when its references are followed: a list of two references to a list of two … doubles with each. */
const MOST_VALUES = 100_000;

/** How deep references may lead, so that a ring of them ends. */
const MOST_STEPS = 20;

interface Entry {
  line: number;
  type: string | null;
  raw: unknown;
  extensions: Record<string, unknown>;
}

function property(node: Node, name: string): Node | undefined {
  return node.children?.find((child) => child.children?.[0]?.value === name)?.children?.[1];
}

/** Every token below a group, by its path; a type is inherited from the groups above (Format Module 2025.10, 6.2). */
function collect(
  lineOf: (offset: number) => number,
  node: Node,
  path: string[],
  type: string | null,
  into: Map<string, Entry>,
): void {
  const own = (property(node, '$type')?.value as string | undefined) ?? type;
  const value = property(node, '$value');
  if (value) {
    const extensions = property(node, '$extensions');
    into.set(path.join('.'), {
      line: lineOf(node.offset),
      type: own,
      raw: getNodeValue(value),
      extensions: extensions ? (getNodeValue(extensions) as Record<string, unknown>) : {},
    });
    return;
  }
  for (const child of node.children ?? []) {
    const [key, inside] = child.children ?? [];
    if (key && inside?.type === 'object' && !String(key.value).startsWith('$'))
      collect(lineOf, inside, [...path, String(key.value)], own, into);
  }
}

/** The path, with dots, of the token that a value is a reference to; null when it is none. */
export function aliasOf(raw: unknown): string | null {
  return typeof raw === 'string' ? (/^\{([^{}]+)\}$/.exec(raw)?.[1] ?? null) : null;
}

/** A value with every reference in it followed; a reference to nothing, or in a ring, stays as it is written. */
function followed(
  raw: unknown,
  entries: ReadonlyMap<string, Entry>,
  left: { values: number },
  steps = 0,
): unknown {
  const alias = aliasOf(raw);
  const inside = (value: unknown, more: number) => followed(value, entries, left, steps + more);
  left.values -= 1;
  if (left.values < 0) return null;
  if (alias !== null) {
    const target = entries.get(alias);
    return target && steps < MOST_STEPS ? inside(target.raw, 1) : raw;
  }
  if (Array.isArray(raw)) return raw.map((each) => inside(each, 0));
  if (typeof raw !== 'object' || raw === null) return raw;
  return Object.fromEntries(Object.entries(raw).map(([key, each]) => [key, inside(each, 0)]));
}

function typeOf(entry: Entry, entries: ReadonlyMap<string, Entry>): string | null {
  const alias = aliasOf(entry.raw);
  return entry.type ?? (alias === null ? null : (entries.get(alias)?.type ?? null));
}

/** Reads the tokens of a file in the Design Tokens Community Group’s format (Format Module 2025.10). */
export function readTokenTree(text: string): TreeReading {
  const errors: ParseError[] = [];
  const lineOf = lineIndex(text);
  const root = parseTree(text, errors, { disallowComments: true });
  if (!root || errors[0])
    return { ok: false, line: lineOf(errors[0]?.offset ?? 0), reason: 'This is not JSON.' };
  if (root.type !== 'object') return { ok: false, line: 1, reason: 'Design tokens are an object of groups.' };
  const entries = new Map<string, Entry>();
  collect(lineOf, root, [], null, entries);
  if (entries.size === 0)
    return { ok: false, line: 1, reason: 'There is no token in it: nothing has a $value.' };
  const left = { values: MOST_VALUES };
  const tokens = [...entries].map(([key, entry]) => ({
    path: key.split('.'),
    line: entry.line,
    type: typeOf(entry, entries),
    value: followed(entry.raw, entries, left),
    raw: entry.raw,
    extensions: entry.extensions,
  }));
  return left.values < 0
    ? {
        ok: false,
        line: 1,
        reason: `Its references come to more than ${MOST_VALUES} values when they are followed.`,
      }
    : { ok: true, tokens };
}
