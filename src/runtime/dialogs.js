// Opens drawers and dialogs where the browser does not do so by itself, and closes them by all that visitors know: outside, a
// swipe, the way back, a link, a window that has grown.
// Everything listens on the document, so parts of the page may be replaced at any time.
(() => {
  const shown = (element) => element.getClientRects().length > 0;
  const openersOf = ({ id }) => [...document.querySelectorAll(`[command="show-modal"][commandfor="${id}"]`)];
  const flows = (dialog) => getComputedStyle(dialog).position === 'absolute';

  /** What is told before the page is kept from scrolling: whether its bar of scrolling takes room. Less than a px is rounding. */
  const prepare = ({ documentElement: root }) =>
    root.style.setProperty('--gutter-of-bar', innerWidth - root.clientWidth > 1 ? 'stable' : 'auto');
  const open = (dialog) => {
    prepare(document);
    if (!dialog.open) dialog.showModal();
  };
  /** One that unrolls begins where the header ends. */
  const placeUnder = (dialog) => {
    const ends = [...document.querySelectorAll('.header .bar')].map(
      (bar) => bar.getBoundingClientRect().bottom,
    );
    const under = Math.max(0, ...ends) + (flows(dialog) ? scrollY : 0);
    dialog.style.setProperty('--under', `${under}px`);
  };

  document.addEventListener('click', (event) => {
    const { target, clientX, clientY } = event;
    const button = target.closest('button[command]');
    if (button) {
      const dialog = document.getElementById(button.getAttribute('commandfor'));
      const opens = button.getAttribute('command') === 'show-modal';
      prepare(document);
      // Browsers that know `command` (HTML, "The button element") go on by themselves.
      if (!('commandForElement' in HTMLButtonElement.prototype)) {
        if (opens) open(dialog);
        else dialog.close();
      }
    }
    // A click on the backdrop has the dialog itself as its target; `closedby` does the same where it is known.
    if (target.matches('dialog[closedby="any"]')) {
      const { left, right, top, bottom } = target.getBoundingClientRect();
      if (clientX < left || clientX > right || clientY < top || clientY > bottom) target.close();
    }
    // A link that opens its page’s content in a dialog leads to the page where scripts are off.
    const content = target.closest('a[data-dialog]');
    if (content) {
      event.preventDefault();
      open(document.getElementById(content.dataset.dialog));
      return;
    }
    const link = target.closest('dialog a[href]');
    if (!link || event.defaultPrevented || event.ctrlKey || event.metaKey || event.shiftKey) return;
    // The page that a link leads to takes the place of the open drawer on the way back.
    if (history.state?.opened && !link.target && link.origin === location.origin) {
      event.preventDefault();
      location.replace(link.href);
    }
    // A link to a place on this page would leave the drawer standing open over it.
    // Where it leads to another page, the entry of what is open is still there, and is not to be gone back from.
    if (link.hash && !history.state?.opened) link.closest('dialog').close();
  });

  // The way back closes what is open; a view of the workbench has no way of its own.
  const remembers = window.top === window;
  addEventListener('popstate', () => {
    if (remembers) for (const dialog of document.querySelectorAll('dialog[open]')) dialog.close();
  });

  // Where what opened it is no longer seen, since the window has grown, it closes.
  const grown = new ResizeObserver((entries) => {
    for (const { target } of entries)
      if (target.isConnected && !shown(target))
        document.getElementById(target.getAttribute('commandfor'))?.close();
  });
  const sized = new ResizeObserver(([{ target }]) =>
    document.body.style.setProperty('--pushed', `${target.offsetHeight}px`),
  );

  const hasOpened = (dialog) => {
    placeUnder(dialog);
    for (const opener of openersOf(dialog)) if (shown(opener)) grown.observe(opener);
    if (flows(dialog)) sized.observe(dialog);
    if (remembers) history.pushState({ opened: dialog.id }, '');
  };
  const hasClosed = (dialog) => {
    grown.disconnect();
    sized.disconnect();
    if (history.state?.opened === dialog.id) history.back();
    // What opened it has the focus again, or where that is gone, what stands in its place.
    const { activeElement, body } = document;
    if (activeElement !== body && !dialog.contains(activeElement)) return;
    [...document.querySelectorAll('.header :is(a[href], button, input)')].find(shown)?.focus();
  };
  new MutationObserver((changes) => {
    for (const { target } of changes) {
      for (const opener of openersOf(target)) opener.setAttribute('aria-expanded', target.open);
      (target.open ? hasOpened : hasClosed)(target);
    }
  }).observe(document, { subtree: true, attributeFilter: ['open'] });

  // A swipe the way that a drawer went in takes it out, unless something in it is scrolled that way.
  let from = null;
  const scrolls = (element, way) => {
    for (let at = element; !at.matches('dialog'); at = at.parentElement) {
      const { overflowX, overflowY } = getComputedStyle(at);
      const left = at.scrollHeight - at.clientHeight - at.scrollTop;
      if (way === 'start' || way === 'end') {
        if (overflowX === 'auto' && at.scrollWidth > at.clientWidth) return true;
      } else if (overflowY === 'auto' && (way === 'up' ? left : at.scrollTop) > 1) return true;
    }
    return false;
  };
  const passive = { passive: true };
  document.addEventListener(
    'touchstart',
    ({ target, touches }) => {
      const dialog = touches.length === 1 && target.closest('dialog[open]');
      const way = dialog && getComputedStyle(dialog).getPropertyValue('--swipe');
      from = way && !scrolls(target, way) ? { dialog, way, touch: touches[0] } : null;
    },
    passive,
  );
  document.addEventListener(
    'touchend',
    ({ changedTouches: [touch] }) => {
      if (!from) return;
      const end =
        (touch.clientX - from.touch.clientX) * (getComputedStyle(from.dialog).direction === 'rtl' ? -1 : 1);
      const down = touch.clientY - from.touch.clientY;
      const far = { start: -end, end, up: -down, down }[from.way];
      if (far > 48 && far > 2 * Math.min(Math.abs(end), Math.abs(down))) from.dialog.close();
      from = null;
    },
    passive,
  );
})();
