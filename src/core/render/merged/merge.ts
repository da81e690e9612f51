import type { AttributeValue, Element, Node } from '../../markup/html';

/** Some of the circumstances that something is rendered in, by their numbers. */
export type Some = readonly number[];

/** What something is in some circumstances. */
export interface Case<T> {
  value: T;
  in: Some;
}

/** What something is in each of the circumstances in which it is there at all; those that most have come first. */
export type Varying<T> = readonly Case<T>[];

/** An element as it is in several circumstances. */
export interface MergedElement {
  tag: string;
  attributes: Readonly<Record<string, Varying<AttributeValue>>>;
  /** What may stand in it, in order, each with the circumstances in which it does. */
  children: Merged;
}

/** Nodes as they are in several circumstances, each with those in which it is there. */
export type Merged = readonly Case<MergedElement | { text: Varying<string> }>[];

type Written = string | Element;

/** Cases of the same value put together; `sameAs` gives what tells values apart. */
export function together<T>(cases: Varying<T>, sameAs: (value: T) => unknown = (value) => value): Case<T>[] {
  const found = new Map<unknown, { value: T; in: number[] }>();
  for (const { value, in: some } of cases) {
    const key = sameAs(value);
    const known = found.get(key);
    if (known) for (const each of some) known.in.push(each);
    else found.set(key, { value, in: [...some] });
  }
  return [...found.values()].sort((one, other) => other.in.length - one.in.length);
}

/** What tells nodes from their neighbours: tag, id and class, and how many of the same there are before. */
function keysOf(nodes: readonly Written[]): string[] {
  const seen = new Map<string, number>();
  return nodes.map((node) => {
    const key =
      typeof node === 'string' ? 'text' : `${node.tag} ${node.attributes.id} ${node.attributes.class}`;
    const count = seen.get(key) ?? 0;
    seen.set(key, count + 1);
    return `${key} ${count}`;
  });
}

/** An order of keys that holds the orders of several lists; null where they contradict each other. */
function commonOrder(lists: readonly (readonly string[])[]): string[] | null {
  const order = new Set<string>();
  // What each key has directly before it, in any of the lists.
  const before = new Map<string, Set<string>>();
  for (const list of lists)
    list.forEach((key, index) => {
      const known = before.get(key) ?? new Set();
      before.set(key, index === 0 ? known : known.add(list[index - 1]!));
    });
  const free = (key: string) => [...before.get(key)!].every((each) => order.has(each));
  for (let left = [...before.keys()]; left.length > 0; left = left.filter((key) => !order.has(key))) {
    const next = left.find(free);
    if (next === undefined) return null;
    order.add(next);
  }
  return [...order];
}

/** Lists of nodes as one, in which each stands once. Lists that contradict each other stand one after another. */
export function merged(lists: Varying<readonly Node[]>): Merged {
  const formed = lists.map(({ value, in: some }) => {
    const nodes = value.filter((node): node is Written => Boolean(node));
    return { value: { nodes, keys: keysOf(nodes) }, in: some };
  });
  const forms = together(formed, ({ keys }) => keys.join('\n'));
  const order = commonOrder(forms.map(({ value }) => value.keys));
  const formOf = new Map(forms.map(({ value }, index) => [value.keys.join('\n'), index]));
  const places = new Map((order ?? []).map((key): [string, Case<Written>[]] => [key, []]));
  for (const { value, in: some } of formed) {
    const before = order ? '' : `${formOf.get(value.keys.join('\n'))} `;
    value.nodes.forEach((node, index) => {
      const key = `${before}${value.keys[index]!}`;
      const cases = places.get(key) ?? [];
      places.set(key, cases);
      cases.push({ value: node, in: some });
    });
  }
  return [...places.values()].map((cases) => ({
    value: mergedNode(together(cases)),
    in: cases.flatMap(({ in: some }) => some),
  }));
}

/** Nodes of the same tag, id and class as one. */
function mergedNode(cases: Varying<Written>): Merged[number]['value'] {
  if (typeof cases[0]!.value === 'string') return { text: cases as Varying<string> };
  const elements = cases as Varying<Element>;
  const isSaid = (value: AttributeValue) => value !== null && value !== undefined && value !== false;
  const names = new Set(
    elements.flatMap(({ value }) =>
      Object.keys(value.attributes).filter((name) => isSaid(value.attributes[name])),
    ),
  );
  const attribute = (name: string) =>
    together(
      elements.map(({ value: { attributes }, in: some }) => ({
        value: isSaid(attributes[name]) ? attributes[name] : null,
        in: some,
      })),
    );
  return {
    tag: elements[0]!.value.tag,
    attributes: Object.fromEntries([...names].map((name) => [name, attribute(name)])),
    children: merged(elements.map(({ value, in: some }) => ({ value: value.children, in: some }))),
  };
}
