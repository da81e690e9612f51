import { wasDragged } from './dragged';
import { follow } from './following';
import { chainOf, pointers } from './pointing';
import { tell } from './telling';

/** What opens something, or is a button that does. */
const OPENS = 'button, summary, [aria-expanded], span.menu-link';

const leads = (link: HTMLAnchorElement) =>
  link.origin === new URL(location.href).origin ? 'here' : 'elsewhere';

/** A click in a view selects; with Ctrl it follows a link. What opens something does so in any case. */
function click(event: MouseEvent): void {
  if (pointers() === null) return;
  const stop = () => {
    event.preventDefault();
    event.stopImmediatePropagation();
  };
  if (wasDragged()) return stop();
  const target = event.target as Element;
  const link = target.closest('a[href], input, label');
  const follows = event.ctrlKey || event.metaKey;
  if (!follows) tell({ says: 'clicked', chain: chainOf(target), more: event.shiftKey });
  if (!link && target.closest(OPENS)) return;
  if (follows && link instanceof HTMLAnchorElement) {
    // The browser would open it in a window of its own.
    event.preventDefault();
    if (leads(link) === 'here') location.href = link.href;
    else tell({ says: 'leaves', href: link.href });
    return;
  }
  stop();
  follow();
}

/** Tells of clicks, and of the keys that the workbench has a use for. */
export function watchClicks(): void {
  addEventListener('click', click, true);
  document.addEventListener('dblclick', ({ target }) => {
    const element = target as Element;
    if (pointers() !== null)
      tell({ says: 'doubled', chain: chainOf(element), text: element.textContent.trim() });
  });
  document.addEventListener('click', (event) => {
    const link = (event.target as Element).closest<HTMLAnchorElement>('a[href]');
    if (!link || leads(link) === 'here') return;
    event.preventDefault();
    tell({ says: 'leaves', href: link.href });
  });
  // The focus stays where one works: a click in a view selects.
  document.addEventListener('mousedown', (event) => pointers() && event.preventDefault());
  document.addEventListener('keydown', (event) => {
    const by = pointers();
    if (by === null || (event.target as Element).matches('input, textarea')) return;
    const combo = `${event.altKey ? `Alt+${event.shiftKey ? 'Shift+' : ''}` : ''}${event.key}`;
    if (!by.keys.includes(combo)) return;
    event.preventDefault();
    tell({ says: 'pressed', combo });
  });
  // What is searched for is answered where the site is tried, not in a view of one page.
  document.addEventListener('submit', (event) => event.preventDefault());
}
