import { tell } from './telling';

const place = { top: 0, most: 0 };

/** How far the page can be scrolled, in CSS px. */
const most = () => document.documentElement.scrollHeight - innerHeight;

/** Tells how far the page is scrolled, and how far it can be, where that is other than before. */
export function tellScroll(): void {
  const now = { top: Math.round(scrollY), most: most() };
  if (now.top === place.top && now.most === place.most) return;
  Object.assign(place, now);
  tell({ says: 'scrolled', ...now });
}

/** Scrolls the page at once. */
export const scrollDown = (top: number): void => scrollTo({ top, behavior: 'instant' });

let endShown = false;

/** Has the end of the page in sight once it grows, as long as nobody has scrolled away from it: asked before the page is another. */
export function keepEnd(): () => void {
  const stayed = endShown && scrollY >= most() - 1;
  return () => {
    if (endShown && !stayed) return;
    endShown = true;
    scrollTo(0, document.documentElement.scrollHeight);
  };
}

addEventListener('scroll', tellScroll, { passive: true });
