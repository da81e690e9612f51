import { defaultTreeAdapter, type DefaultTreeAdapterTypes } from 'parse5';

export type Node = DefaultTreeAdapterTypes.ChildNode;
export type Parent = DefaultTreeAdapterTypes.ParentNode;
export type ParsedElement = DefaultTreeAdapterTypes.Element;

const isElement = (node: Node): node is ParsedElement => defaultTreeAdapter.isElementNode(node);
export const isList = (node: Node) => isElement(node) && ['ul', 'ol', 'menu'].includes(node.tagName);
export const elementsOf = (parent: Parent) => parent.childNodes.filter(isElement);

export const attribute = (element: ParsedElement, name: string) =>
  element.attrs.find((each) => each.name === name)?.value;

/** Everything below a node that a test holds for, what stands inside of such a one not looked into. */
export function nearest(parent: Parent, holds: (element: ParsedElement) => boolean): ParsedElement[] {
  return elementsOf(parent).flatMap((element) => (holds(element) ? [element] : nearest(element, holds)));
}

/** The deepest nesting that is looked through; websites have a tenth of it. */
export const MOST_DEEP = 250;

/** Whether elements stand deeper in each other than is looked through; told without going down into them one in another. */
export function tooDeep(document: Parent): boolean {
  let level: Parent[] = [document];
  for (let depth = 0; level.length > 0; depth += 1) {
    if (depth > MOST_DEEP) return true;
    level = level.flatMap(elementsOf);
  }
  return false;
}

/** The text of a node, lists inside of it left out, and what no reader sees. */
export function textOf(node: Node): string {
  if (defaultTreeAdapter.isTextNode(node)) return node.value;
  return isElement(node) && !isList(node) && !['script', 'style', 'template'].includes(node.tagName)
    ? node.childNodes.map(textOf).join('')
    : '';
}

/** A text with single blanks, and none at its ends. */
export const oneLine = (text: string): string => text.replace(/\s+/g, ' ').trim();

/** The line that an element begins in, counted from 1. */
export const lineOf = (element: ParsedElement) => element.sourceCodeLocation?.startLine ?? 1;
