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

/** Elements whose inside is written on one line, since white space there would show. */
const phrasing = new Set([
  'a',
  'button',
  'span',
  'p',
  'h1',
  'h2',
  'h3',
  'title',
  'small',
  'strong',
  'script',
  'summary',
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

function writeAttributes(attributes: Attributes): string {
  let written = '';
  for (const name in attributes) {
    const value = attributes[name];
    if (value === true) written += ` ${name}`;
    else if (value !== null && value !== undefined && value !== false)
      written += ` ${name}="${escapeAttribute(String(value))}"`;
  }
  return written;
}

function isNode(node: Node): node is string | Element {
  return node !== null && node !== false && node !== '';
}

function writeInline(node: string | Element): string {
  if (typeof node === 'string') return escapeText(node);
  const open = `<${node.tag}${writeAttributes(node.attributes)}>`;
  if (voidElements.has(node.tag)) return open;
  return `${open}${node.children.filter(isNode).map(writeInline).join('')}</${node.tag}>`;
}

/** HTML of a node, indented by two spaces a level; phrasing content stays on one line. */
export function writeHtml(node: Node, indent = ''): string {
  if (!isNode(node)) return '';
  const children = typeof node === 'string' ? [] : node.children.filter(isNode);
  if (
    typeof node === 'string' ||
    phrasing.has(node.tag) ||
    children.every((child) => typeof child === 'string')
  ) {
    return `${indent}${writeInline(node)}\n`;
  }
  const inside = children.map((child) => writeHtml(child, `${indent}  `)).join('');
  return `${indent}<${node.tag}${writeAttributes(node.attributes)}>\n${inside}${indent}</${node.tag}>\n`;
}
