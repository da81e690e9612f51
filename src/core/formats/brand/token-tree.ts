import { getNodeValue, parseTree, type Node, type ParseError } from 'jsonc-parser';
import { lineAt } from '../reading';

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
  text: string,
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
      line: lineAt(text, node.offset),
      type: own,
      raw: getNodeValue(value),
      extensions: extensions ? (getNodeValue(extensions) as Record<string, unknown>) : {},
    });
    return;
  }
  for (const child of node.children ?? []) {
    const [key, inside] = child.children ?? [];
    if (key && inside?.type === 'object' && !String(key.value).startsWith('$'))
      collect(text, inside, [...path, String(key.value)], own, into);
  }
}

/** The path, with dots, of the token that a value is a reference to; null when it is none. */
export function aliasOf(raw: unknown): string | null {
  return typeof raw === 'string' ? (/^\{([^{}]+)\}$/.exec(raw)?.[1] ?? null) : null;
}

/** A value with every reference in it followed; a reference to nothing, or in a ring, stays as it is written. */
function followed(raw: unknown, entries: ReadonlyMap<string, Entry>, steps = 0): unknown {
  const alias = aliasOf(raw);
  if (alias !== null) {
    const target = entries.get(alias);
    return target && steps < MOST_STEPS ? followed(target.raw, entries, steps + 1) : raw;
  }
  if (Array.isArray(raw)) return raw.map((each) => followed(each, entries, steps));
  if (typeof raw !== 'object' || raw === null) return raw;
  return Object.fromEntries(Object.entries(raw).map(([key, each]) => [key, followed(each, entries, steps)]));
}

function typeOf(entry: Entry, entries: ReadonlyMap<string, Entry>): string | null {
  const alias = aliasOf(entry.raw);
  return entry.type ?? (alias === null ? null : (entries.get(alias)?.type ?? null));
}

/** Reads the tokens of a file in the Design Tokens Community Group’s format (Format Module 2025.10). */
export function readTokenTree(text: string): TreeReading {
  const errors: ParseError[] = [];
  const root = parseTree(text, errors, { disallowComments: true });
  if (!root || errors[0])
    return { ok: false, line: lineAt(text, errors[0]?.offset ?? 0), reason: 'This is not JSON.' };
  if (root.type !== 'object') return { ok: false, line: 1, reason: 'Design tokens are an object of groups.' };
  const entries = new Map<string, Entry>();
  collect(text, root, [], null, entries);
  if (entries.size === 0)
    return { ok: false, line: 1, reason: 'There is no token in it: nothing has a $value.' };
  const tokens = [...entries].map(([key, entry]) => ({
    path: key.split('.'),
    line: entry.line,
    type: typeOf(entry, entries),
    value: followed(entry.raw, entries),
    raw: entry.raw,
    extensions: entry.extensions,
  }));
  return { ok: true, tokens };
}
