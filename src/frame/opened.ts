import { tell } from './telling';

/** The drawer that stands open, as the workbench knows it. */
let opened: string | null = null;

/** Opens a drawer, or none, where another one is to be open than the workbench knows; `anew` where the page was replaced. */
export function showDrawer(id: string | null, anew: boolean): void {
  const before = opened;
  opened = id;
  if (id === before && !anew) return;
  for (const dialog of document.querySelectorAll<HTMLDialogElement>('dialog[open]'))
    if (dialog.id !== id) dialog.close();
  const dialog = id === null ? null : document.getElementById(id);
  if (!(dialog instanceof HTMLDialogElement) || dialog.open) return;
  // A dialog takes the focus, which would leave the workbench in the middle of typing; an inert one cannot.
  dialog.inert = true;
  dialog.showModal();
  dialog.inert = false;
}

let dropped: string | null = null;
const toggleOf = (selector: string | null) =>
  selector === null ? null : document.querySelector(selector)?.previousElementSibling;

/** Lets a drop-down stand open, by its selector, or none. */
export function showDropDown(selector: string | null, anew: boolean): void {
  if (selector === dropped && !anew) return;
  if (selector !== dropped) toggleOf(dropped)?.setAttribute('aria-expanded', 'false');
  toggleOf(selector)?.setAttribute('aria-expanded', 'true');
  dropped = selector;
}

// The drawer may also be opened and closed by its own buttons; the workbench then follows.
function watchDrawer(): void {
  const id = document.querySelector('dialog[open]')?.id ?? null;
  if (id !== opened) tell({ says: 'drawer', drawer: (opened = id) });
}

// What is open needs room, which only the workbench can give.
let isOpen = false;
function watchOpened(): void {
  const now = document.querySelector('[aria-expanded="true"], dialog[open], :popover-open') !== null;
  if (now !== isOpen) tell({ says: 'opened', opened: (isOpen = now) });
}

/** Tells what is opened and closed on the page, and that Escape was pressed where nothing was open. */
export function watch(): void {
  for (const type of ['toggle', 'close']) document.addEventListener(type, watchDrawer, true);
  document.addEventListener('toggle', watchOpened, true);
  new MutationObserver(watchOpened).observe(document, {
    subtree: true,
    childList: true,
    attributeFilter: ['aria-expanded', 'open'],
  });
  document.addEventListener('keydown', ({ key }) => key === 'Escape' && !isOpen && tell({ says: 'escape' }));
}
