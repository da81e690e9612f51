/** The one writer of HTML: every piece of markup is built as nodes and escaped here. */

export type AttributeValue = string | number | boolean | null | undefined;
export type Attributes = Record<string, AttributeValue>;
export type Node = string | Element | null | false;
export interface Element {
  tag: string;
  attributes: Attributes;
  children: Node[];
}

/** Elements without content or end tag (HTML, 13.1.2 "Void elements"), as far as they are used here. */
const voidElements = new Set(['img', 'meta', 'link', 'br', 'hr', 'input', 'base', 'source']);

/** Elements of another language in HTML, which end with a slash where they have no content (HTML, 13.1.2 "Foreign elements"). */
const selfClosing = new Set(['use', 'path', 'circle', 'rect', 'line', 'polyline', 'polygon', 'ellipse']);

/** Elements whose inside is written on one line, since white space there would show. */
const phrasing = new Set([
  'a',
  'button',
  'span',
  'p',
  'h1',
  'h2',
  'h3',
  'h4',
  'h5',
  'h6',
  'title',
  'small',
  'strong',
  'script',
  'summary',
  'symbol',
]);

/** An element node; attributes that are null, undefined or false are left out, true ones stand without a value. */
export function el(tag: string, attributes: Attributes = {}, ...children: Node[]): Element {
  return { tag, attributes, children };
}

/** Text with the characters that mean something in HTML content escaped. */
function escapeText(text: string): string {
  if (!/[&<>]/.test(text)) return text;
  return text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;');
}

/** Text for a double-quoted attribute. */
function escapeAttribute(text: string): string {
  return escapeText(text).replace(/"/g, '&quot;');
}

/** The value of an attribute as a page holds it once it is read, where one that stands without a value is empty (HTML, 13.1.2.3); null for one that is left out. */
export function attributeRead(value: AttributeValue): string | null {
  if (value === null || value === undefined || value === false) return null;
  return value === true ? '' : String(value);
}

function writeAttributes(attributes: Attributes): string {
  let written = '';
  for (const name in attributes) {
    const value = attributeRead(attributes[name]);
    if (attributes[name] === true) written += ` ${name}`;
    else if (value !== null) written += ` ${name}="${escapeAttribute(value)}"`;
  }
  return written;
}

/** Whether anything is written of a node. */
export function isNode(node: Node): node is string | Element {
  return node !== null && node !== false && node !== '';
}

/** Whether an element stands in a place. */
export const isElement = (node: Node): node is Element => isNode(node) && typeof node !== 'string';

/** Whether nothing but text stands in a place. */
function isText(node: Node): boolean {
  return !isNode(node) || typeof node === 'string';
}

/** Whether an element is written on one line: phrasing, text, or an item of a list that holds one of them. */
function onOneLine({ tag, children }: Element): boolean {
  if (phrasing.has(tag) || children.every(isText)) return true;
  const [only, ...more] = children.filter(isNode);
  return tag === 'li' && more.length === 0 && (typeof only === 'string' || phrasing.has(only!.tag));
}

function writeInline(node: string | Element): string {
  if (typeof node === 'string') return escapeText(node);
  const open = `<${node.tag}${writeAttributes(node.attributes)}>`;
  if (voidElements.has(node.tag)) return open;
  if (selfClosing.has(node.tag)) return `${open.slice(0, -1)}/>`;
  let inside = '';
  for (const child of node.children) if (isNode(child)) inside += writeInline(child);
  return `${open}${inside}</${node.tag}>`;
}

/** The text of elements that stand on many pages, as it was written last. */
const keptTexts = new WeakMap<Element, { indent: string; text: string } | null>();

/** An element that will stand on many pages as the same object: what is written of it is kept. */
export function keptNode(element: Element): Element {
  keptTexts.set(element, null);
  return element;
}

/** Whether an element stands on many pages as the same object. */
export const isKept = (element: Element): boolean => keptTexts.has(element);

/** HTML of a node, indented by a tab a level; phrasing content stays on one line. */
export function writeHtml(node: Node): string {
  return htmlPieces(node).join('');
}

/** HTML of a node in pieces, in their order: what stands on many pages is one piece, and the very same string each time. */
export function htmlPieces(node: Node): string[] {
  const out: string[] = [];
  write(node, '', out);
  return out;
}

/** Writes a node to the end of a text in pieces, which is put together once: at every level it would be copied at every level. */
function write(node: Node, indent: string, out: string[]): void {
  if (!isNode(node)) return;
  const kept = typeof node === 'string' ? undefined : keptTexts.get(node);
  if (kept === undefined) writeAnew(node, indent, out);
  else if (kept?.indent === indent) out.push(kept.text);
  else {
    const own: string[] = [];
    writeAnew(node, indent, own);
    const text = own.join('');
    keptTexts.set(node as Element, { indent, text });
    out.push(text);
  }
}

function writeAnew(node: string | Element, indent: string, out: string[]): void {
  if (typeof node === 'string' || onOneLine(node)) {
    out.push(indent, writeInline(node), '\n');
    return;
  }
  out.push(`${indent}<${node.tag}${writeAttributes(node.attributes)}>\n`);
  for (const child of node.children) write(child, `${indent}\t`, out);
  out.push(`${indent}</${node.tag}>\n`);
}
