import type { ElementOtherwise, ElementWay, PageChange } from '../core/markup/page-change';

/** HTML as nodes of this document: a picture of one that is shown nowhere may not begin to load when it is taken over. */
function read(html: string): DocumentFragment {
  const template = document.createElement('template');
  template.innerHTML = html;
  return document.importNode(template.content, true);
}

/** Sets what is other of the attributes of an element: a language that is set anew, even the same one, has all of the page laid out. */
function takeAttributes(element: Element, attributes: PageChange['attributes']): void {
  for (const [name, value] of Object.entries(attributes))
    if (value === null) element.removeAttribute(name);
    else if (element.getAttribute(name) !== value) element.setAttribute(name, value);
}

/** The element at the end of a way; null where there are others, as scripts of the site may have put some there. Behind the parts of the page they put marks. */
function elementAt(way: ElementWay): Element | null {
  let at: Element = document.body;
  for (const [index, of] of way) {
    const { length } = at.children;
    const inside = length === of || (at === document.body && length > of) ? at.children[index] : undefined;
    if (!inside) return null;
    at = inside;
  }
  return at;
}

function takeElement(element: Element, is: ElementOtherwise): void {
  if ('html' in is) element.replaceWith(read(is.html));
  else if ('text' in is) element.textContent = is.text;
  else takeAttributes(element, is.attributes);
}

const scripts = new Set<string>();

/** Has a script run, once. */
function takeScript(src: string): void {
  if (scripts.has(src)) return;
  scripts.add(src);
  const script = document.createElement('script');
  script.src = src;
  document.head.append(script);
}

// What stands open stays so where it is still there: a page is also put in place anew when something was worked out.
const toggles = () => [...document.querySelectorAll('[aria-expanded][aria-controls]')];
const controls = (toggle: Element) => toggle.getAttribute('aria-controls');
const openNow = () =>
  toggles()
    .filter((toggle) => toggle.getAttribute('aria-expanded') === 'true')
    .map(controls);
function reopen(ids: readonly (string | null)[]): void {
  for (const toggle of toggles())
    if (ids.includes(controls(toggle))) toggle.setAttribute('aria-expanded', 'true');
}

/** Whether anything is other of what is seen of a page. */
export const isOther = ({ body, changed }: PageChange): boolean => body !== null || changed.length > 0;

/** Puts what is other of a page in place of what stands here, without a reload; what is the same is left alone with all that was done to it. False where it is not here. */
export function takePage(change: PageChange): boolean {
  takeAttributes(document.documentElement, change.attributes);
  document.title = change.title;
  if (isOther(change)) {
    const open = openNow();
    if (change.body !== null) document.body.replaceChildren(read(change.body));
    // All are looked for first: what comes anew is not gone through.
    const found = change.changed.map(([way, is]) => [elementAt(way), is] as const);
    for (const [element, is] of found) {
      if (element === null) return false;
      takeElement(element, is);
    }
    reopen(open);
  }
  change.scripts.forEach(takeScript);
  return true;
}
