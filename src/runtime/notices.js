// Dismisses notices, and leaves out those that were dismissed before they are seen: it runs while the page is being read, so that
// nothing moves afterwards.
(() => {
  // A notice that was dismissed stays away until its words change. A browser may refuse to remember it.
  const remembered = (change) => {
    try {
      return change(window.localStorage);
    } catch {
      return null;
    }
  };
  // The classes of a notice are its own on the whole site.
  const keyOf = ({ className }) => `dismissed ${className}`;
  const leaveOut = () => {
    for (const notice of document.querySelectorAll('[data-notice]:not([hidden])'))
      notice.hidden = remembered((storage) => storage.getItem(keyOf(notice))) === notice.dataset.notice;
  };
  const observer = new MutationObserver(leaveOut);
  observer.observe(document, { childList: true, subtree: true });
  document.addEventListener('DOMContentLoaded', () => {
    leaveOut();
    observer.disconnect();
  });

  document.addEventListener('click', ({ target }) => {
    const notice = target.closest('[data-notice] > button')?.parentElement;
    if (!notice) return;
    notice.hidden = true;
    remembered((storage) => storage.setItem(keyOf(notice), notice.dataset.notice));
    // The focus goes on to what follows; what cannot have it leaves it where it is.
    for (const next of document.querySelectorAll('a[href], button, input')) {
      const follows = notice.compareDocumentPosition(next) & Node.DOCUMENT_POSITION_FOLLOWING;
      if (!follows || notice.contains(next)) continue;
      next.focus();
      if (document.activeElement === next) break;
    }
  });
})();
