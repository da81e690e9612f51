import { el, writeHtml, type Attributes, type AttributeValue, type Node } from '../../markup/html';
import type { Merged, MergedElement, Some, Varying } from '../merged/merge';
import { namedFile } from '../merged/merged-site';
import { namer, slug } from '../names';

/** A place in HTML, as it is written. */
export const place = (name: string) => `{{${name}}}`;

/** The place of the way from a page to the root of the site. */
export const ROOT = 'root';

/** A text with what stands in its places, nothing where `standsIn` has nothing for one. */
export const fill = (text: string, standsIn: (name: string) => string | undefined): string =>
  text.replace(/\{\{([a-z0-9-]+)\}\}/g, (_, name: string) => standsIn(name) ?? '');

/** Whether a value of the site’s own could be taken for a place: it is put into one then, like what differs. */
const isLikePlace = (value: AttributeValue) => typeof value === 'string' && value.includes('{{');

/** What stands in each place, by the number of the page. */
export type Places = ReadonlyMap<string, ReadonlyMap<number, string>>;

/** The text of nodes in the first of the circumstances in which they are there. */
const firstText = (nodes: Merged): string =>
  nodes.map(({ value }) => ('text' in value ? value.text[0]!.value : firstText(value.children))).join(' ');

/** What places are called by what stands there. */
const shortNames: Readonly<Record<string, string>> = { 'aria-current': 'current', 'aria-expanded': 'open' };

/** Makes HTML in which places are left for what differs from page to page; `rootOf` is the way from a page to the root of the site. */
export function placing(rootOf: (index: number) => string) {
  const unique = namer(new Set([ROOT]));
  const named = new Map<string, string>();
  const places = new Map<string, Map<number, string>>();

  /** The place for something that differs; what is the same on every page has the same one. */
  function placeOf(wanted: string, said: Varying<string>): string {
    const key = JSON.stringify(said);
    const name = named.get(key) ?? unique(wanted);
    named.set(key, name);
    places.set(name, new Map(said.flatMap(({ value, in: some }) => some.map((index) => [index, value]))));
    return place(name);
  }

  /** A value as it is written on one page. */
  const valueOn = (value: AttributeValue, index: number) => {
    const file = namedFile(value);
    return file === null ? value : rootOf(index) + file;
  };

  /** An attribute as it is written on one page. */
  const attributeOn = (name: string, value: AttributeValue, index: number) =>
    writeHtml(el('a', { [name]: valueOn(value, index) }))
      .slice('<a'.length, -'></a>\n'.length)
      .trim();

  function attributesOf({ attributes, children }: MergedElement): Attributes {
    const label = slug(firstText(children), 'here');
    return Object.fromEntries(
      Object.entries(attributes).map(([name, cases]): [string, AttributeValue] => {
        const [only] = cases;
        if (cases.length === 1 && !isLikePlace(only!.value)) {
          const file = namedFile(only!.value);
          return [name, file === null ? only!.value : place(ROOT) + file];
        }
        const said = cases.flatMap(({ value, in: some }) =>
          some.map((index) => ({ value: attributeOn(name, value, index), in: [index] })),
        );
        return [placeOf(`${shortNames[name] ?? name}-${label}`, said), true];
      }),
    );
  }

  /** Nodes with their places; `within` are the pages on which what they stand in is there. */
  function nodesOf(nodes: Merged, within: Some): Node[] {
    return nodes.map(({ value, in: some }) => {
      if ('text' in value) {
        const [only] = value.text;
        const isSame = value.text.length === 1 && !isLikePlace(only!.value);
        const written = value.text.map((each) => ({ ...each, value: writeHtml(each.value).trim() }));
        return isSame ? only!.value : placeOf(slug(only!.value, 'text'), written);
      }
      const element = el(value.tag, attributesOf(value), ...nodesOf(value.children, some));
      if (some.length === within.length) return element;
      const html = writeHtml(element);
      // Its own places are filled in it, page by page.
      const there = some.map((index) => ({
        value: fill(html, (name) => (name === ROOT ? rootOf(index) : places.get(name)?.get(index))),
        in: [index],
      }));
      const elsewhere = within.filter((index) => !some.includes(index));
      return placeOf(value.tag, [...there, { value: '', in: elsewhere }]);
    });
  }

  return { nodesOf, places: places as Places };
}
