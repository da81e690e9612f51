// Tells the screen that tries a site what is met in its frame, and does there what the screen asks for.
import { drawOrder, undrawOrder } from './drawn-order';
import { focusMet, namesMet } from './met';

/** What a screen asks of a page (features/try/try-frame.ts). */
interface Asked {
  asks: 'tried';
  /** What is told beside where one is. */
  lists: 'focus' | 'names' | null;
  /** Whether somebody is signed in, and how much is in the basket; null where the page says that itself. */
  signedIn: boolean;
  inBasket: number | null;
  /** How far down the page is scrolled, from 0 to 1; left out where it stays. */
  scrolled?: number;
}

let lists: Asked['lists'] = null;

const most = () => document.documentElement.scrollHeight - innerHeight;

const changes = new MutationObserver(() => tellSoon());

function tell(): void {
  if (lists === 'focus') drawOrder();
  else undrawOrder();
  // What was drawn is no change of the page.
  changes.takeRecords();
  const phase = document.querySelector<HTMLElement>('[data-phase]')?.dataset.phase ?? null;
  parent.postMessage(
    {
      tells: 'tried',
      path: decodeURIComponent(location.pathname),
      phase,
      scrolled: most() > 0 ? scrollY / most() : 0,
      met: lists === null ? null : lists === 'focus' ? focusMet() : namesMet(),
    },
    '*',
  );
}

/** Told once for many changes. */
let waiting = 0;
function tellSoon(): void {
  clearTimeout(waiting);
  waiting = window.setTimeout(tell, 60);
}

addEventListener('message', ({ data, source }: MessageEvent<Asked>) => {
  if (source !== parent || data?.asks !== 'tried') return;
  lists = data.lists;
  const root = document.documentElement;
  if (data.signedIn) root.dataset.account = 'in';
  else delete root.dataset.account;
  if (data.inBasket !== null)
    for (const count of document.querySelectorAll('[data-basket-count]'))
      count.textContent = data.inBasket === 0 ? '' : String(data.inBasket);
  if (data.scrolled !== undefined) scrollTo({ top: data.scrolled * most(), behavior: 'instant' });
  tellSoon();
});

changes.observe(document.documentElement, {
  subtree: true,
  childList: true,
  attributes: true,
  attributeFilter: ['data-phase', 'aria-expanded', 'open', 'hidden', 'class'],
});
addEventListener('resize', tellSoon);
addEventListener('scroll', tellSoon, { passive: true });
tell();
