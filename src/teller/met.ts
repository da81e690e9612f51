import { computeAccessibleName, getRole, isInaccessible } from 'dom-accessibility-api';
import { tabbable } from 'tabbable';

/** What is met one after another: a role, and a name. */
export interface Met {
  role: string;
  name: string;
}

/** The most that is told of. */
const MOST = 600;

/** What is open over the page, and makes the rest of it out of reach. */
const openOver = (): Element => document.querySelector('dialog:modal') ?? document.body;

/** The elements that the Tab key reaches, in its order. */
export const reached = (): HTMLElement[] =>
  tabbable(openOver() as HTMLElement, { displayCheck: 'full' }) as HTMLElement[];

const metOf = (element: Element): Met => ({
  role: getRole(element) ?? element.localName,
  name: computeAccessibleName(element).trim(),
});

/** What the Tab key reaches. */
export const focusMet = (): Met[] => reached().slice(0, MOST).map(metOf);

/** Roles whose name is what they hold: what is inside is not read once more. */
const leaves = new Set([
  'link',
  'button',
  'heading',
  'img',
  'textbox',
  'searchbox',
  'combobox',
  'checkbox',
  'option',
]);

/** Roles that are told although they hold others: landmarks and lists. */
const holders = new Set([
  'banner',
  'navigation',
  'main',
  'contentinfo',
  'search',
  'form',
  'region',
  'complementary',
  'dialog',
  'list',
  'table',
  'group',
]);

/** What a reader meets from the beginning to the end: landmarks, lists, and everything with a name or a text (Accessible Name 1.2). */
export function namesMet(): Met[] {
  const met: Met[] = [];
  const walk = (node: Node): void => {
    if (met.length >= MOST) return;
    if (node.nodeType === Node.TEXT_NODE) {
      const text = node.textContent?.replace(/\s+/g, ' ').trim() ?? '';
      if (text !== '') met.push({ role: 'text', name: text });
      return;
    }
    if (!(node instanceof Element) || isInaccessible(node)) return;
    const role = getRole(node) ?? '';
    if (leaves.has(role)) {
      met.push(metOf(node));
      return;
    }
    if (holders.has(role)) met.push({ role, name: computeAccessibleName(node).trim() });
    node.childNodes.forEach(walk);
  };
  walk(openOver());
  return met;
}
