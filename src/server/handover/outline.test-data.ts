import { defaultTreeAdapter, parseFragment, type DefaultTreeAdapterTypes } from 'parse5';

const leading = new Set(['href', 'src', 'srcset', 'action']);

/**
 * HTML as its elements one below another, with their attributes in order, and addresses as they are from the page; white space between
 * elements left out.
 */
export function outline(html: string, page = 'index.html'): string[] {
  const of = (nodes: readonly DefaultTreeAdapterTypes.ChildNode[], depth: string): string[] =>
    nodes.flatMap((node) => {
      if (defaultTreeAdapter.isTextNode(node))
        return node.value.trim() === '' ? [] : [depth + node.value.trim()];
      if (!defaultTreeAdapter.isElementNode(node)) return [];
      const attributes = node.attrs
        .map(
          ({ name, value }) =>
            `${name}=${leading.has(name) ? new URL(value, `http://outline.example/${page}`).href : value}`,
        )
        .sort();
      return [`${depth}${node.tagName} ${attributes.join(' ')}`, ...of(node.childNodes, `${depth}  `)];
    });
  return of(parseFragment(html).childNodes, '');
}
