import type { CssNode, Rules } from '../../markup/css';

const isRules = (node: CssNode): node is Rules => !('inside' in node);

/** The custom properties that a text asks for (CSS Variables 1, 3). */
const askedIn = (text: string): string[] =>
  text.includes('var(') ? [...text.matchAll(/var\((--[\w-]+)/g)].map(([, name]) => name!) : [];

function* declarationsIn(nodes: readonly CssNode[]): Generator<[name: string, value: string]> {
  for (const node of nodes)
    if (isRules(node)) for (const rule of Object.values(node)) yield* Object.entries(rule);
    else yield* declarationsIn(node.inside);
}

/** The names that something asks for, by itself or through names that it asks for. */
function askedNames(nodes: readonly CssNode[], named: ReadonlySet<string>): ReadonlySet<string> {
  const said = new Map<string, string[]>();
  const asked = new Set<string>();
  const ask = (names: readonly string[]): void => {
    for (const name of names) {
      if (asked.has(name)) continue;
      asked.add(name);
      ask(said.get(name) ?? []);
    }
  };
  const all = [...declarationsIn(nodes)];
  for (const [name, value] of all)
    if (named.has(name)) said.set(name, [...(said.get(name) ?? []), ...askedIn(value)]);
  for (const [name, value] of all) if (!named.has(name)) ask(askedIn(value));
  return asked;
}

/** Nodes without the custom properties among `named` for which they do not ask. */
export function withoutUnasked(nodes: readonly CssNode[], named: ReadonlySet<string>): CssNode[] {
  const asked = askedNames(nodes, named);
  const stays = ([name]: [string, string]) => !named.has(name) || asked.has(name);
  const trimmed = (of: readonly CssNode[]): CssNode[] =>
    of.map((node) =>
      isRules(node)
        ? Object.fromEntries(
            Object.entries(node).map(([selector, rule]) => {
              const said = Object.entries(rule);
              return [selector, said.every(stays) ? rule : Object.fromEntries(said.filter(stays))];
            }),
          )
        : { ...node, inside: trimmed(node.inside) },
    );
  return trimmed(nodes);
}
