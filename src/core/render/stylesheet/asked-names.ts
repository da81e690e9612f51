import { mapped, stayingDeclarations, type CssNode, type Rules } from '../../markup/css';

const isRules = (node: CssNode): node is Rules => !('inside' in node);

/** The custom properties that a text asks for (CSS Variables 1, 3). */
const askedIn = (text: string): string[] =>
  text.includes('var(') ? [...text.matchAll(/var\((--[\w-]+)/g)].map(([, name]) => name!) : [];

/** Looks at all that is declared in nodes, in their order. */
function eachDeclaration(nodes: readonly CssNode[], look: (name: string, value: string) => void): void {
  for (const node of nodes) {
    if (!isRules(node)) eachDeclaration(node.inside, look);
    else for (const selector in node) for (const name in node[selector]!) look(name, node[selector]![name]!);
  }
}

/** The custom properties among `named` and beside them that something asks for, by itself or through what it asks for. */
export function askedNames(nodes: readonly CssNode[], named: ReadonlySet<string>): ReadonlySet<string> {
  const said = new Map<string, string[]>();
  const asked = new Set<string>();
  const ask = (names: readonly string[]): void => {
    for (const name of names) {
      if (asked.has(name)) continue;
      asked.add(name);
      ask(said.get(name) ?? []);
    }
  };
  const openly: string[] = [];
  eachDeclaration(nodes, (name, value) => {
    if (named.has(name)) said.set(name, [...(said.get(name) ?? []), ...askedIn(value)]);
    else openly.push(...askedIn(value));
  });
  ask(openly);
  return asked;
}

/** Nodes without the custom properties among `named` that are not asked for. */
export function withoutUnasked(
  nodes: readonly CssNode[],
  named: ReadonlySet<string>,
  asked: ReadonlySet<string>,
): CssNode[] {
  const stays = (name: string) => !named.has(name) || asked.has(name);
  const trimmed = (of: readonly CssNode[]): CssNode[] =>
    of.map((node) =>
      isRules(node)
        ? mapped(node, (rule) => stayingDeclarations(rule, stays))
        : { ...node, inside: trimmed(node.inside) },
    );
  return trimmed(nodes);
}
