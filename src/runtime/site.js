// Opens and closes drop-downs, dialogs that links open, and drawers where the browser does not do so by itself; tells a
// header the phase of scrolling, without listening to scrolling itself.
// Everything listens on the document, so parts of the page may be replaced at any time.
(() => {
  const isOpen = (toggle) => toggle.getAttribute('aria-expanded') === 'true';
  const openToggles = () => [...document.querySelectorAll('.menu-toggle[aria-expanded="true"]')];

  const setOpen = (toggle, open) => toggle.setAttribute('aria-expanded', String(open));

  /** Closes every drop-down except the one that holds `inside`. */
  const closeOthers = (inside) => {
    for (const toggle of openToggles()) {
      if (!toggle.parentElement.contains(inside)) setOpen(toggle, false);
    }
  };

  /** Browsers that know `command` (HTML, "The button element") open and close dialogs without a script. */
  const runCommand = (button) => {
    if ('commandForElement' in HTMLButtonElement.prototype) return;
    const dialog = document.getElementById(button.getAttribute('commandfor'));
    if (button.getAttribute('command') === 'show-modal') dialog.showModal();
    else dialog.close();
  };

  document.addEventListener('click', (event) => {
    const target = event.target;
    closeOthers(target);
    const toggle = target.closest('.menu-toggle');
    if (toggle) setOpen(toggle, !isOpen(toggle));
    const button = target.closest('button[command]');
    if (button) runCommand(button);
    // A click on the backdrop has the dialog itself as its target; `closedby` does the same where it is known.
    if (target.matches('dialog[closedby="any"]')) {
      const { left, right, top, bottom } = target.getBoundingClientRect();
      const outside =
        event.clientX < left || event.clientX > right || event.clientY < top || event.clientY > bottom;
      if (outside) target.close();
    }
    // A link that opens its page’s content in a dialog leads to the page where scripts are off.
    const shown = target.closest('a[data-dialog]');
    if (shown) {
      event.preventDefault();
      document.getElementById(shown.dataset.dialog).showModal();
    }
    // A link to a place on this page would leave the drawer standing open over it.
    const link = target.closest('dialog a[href]');
    if (link && link.hash) link.closest('dialog').close();
  });

  // A search field that has been opened is there to be typed into; `autofocus` would take the focus of every page.
  document.addEventListener(
    'toggle',
    ({ target, newState }) => {
      if (newState !== 'open') return;
      const opener = document.querySelector(`[popovertarget="${target.id}"]`);
      // Where the browser knows no anchors, it opens below the icon, within the window.
      if (opener && !CSS.supports('position-area', 'block-end')) {
        const { left, right, bottom } = opener.getBoundingClientRect();
        const start = getComputedStyle(target).direction === 'rtl' ? left : right - target.offsetWidth;
        const most = document.documentElement.clientWidth - target.offsetWidth;
        target.style.inset = `${bottom}px auto auto ${Math.max(0, Math.min(start, most))}px`;
      }
      target.querySelector('input')?.focus();
    },
    true,
  );

  // Leaves of all pages those that hold the words that were searched for.
  const found = document.querySelector('[data-found]');
  const asked = new URLSearchParams(location.search).get('q')?.trim().toLowerCase();
  if (found && asked) {
    const pages = [...found.nextElementSibling.children];
    for (const page of pages) page.hidden = !page.textContent.toLowerCase().includes(asked);
    found.textContent = found.dataset.found.replace('{}', pages.filter((page) => !page.hidden).length);
  }

  document.addEventListener('focusin', (event) => closeOthers(event.target));

  document.addEventListener('keydown', (event) => {
    if (event.key !== 'Escape') return;
    for (const toggle of openToggles()) {
      const held = toggle.parentElement.contains(document.activeElement);
      setOpen(toggle, false);
      if (held) toggle.focus();
    }
  });

  // A header bears its phase: at the top of the page, scrolled away from it, or returning to it.
  let watched = null;
  let observers = [];
  const observe = (element, told, options) => {
    const observer = new IntersectionObserver((entries) => told(entries.at(-1)), options);
    observer.observe(element);
    observers.push(observer);
  };

  /** Tells whether the page is scrolled up, by two stretches of the page: a little above the window, and a little below it. */
  const watchDirection = (told) => {
    const zones = [0, 1].map(() => document.body.appendChild(document.createElement('i')));
    const place = () => {
      zones[0].style.blockSize = `${Math.max(0, scrollY - 40)}px`;
      zones[1].style.insetBlock = `${scrollY + innerHeight + 40}px 0`;
    };
    place();
    zones.forEach((zone, below) => {
      zone.className = 'phase-mark';
      observe(zone, ({ isIntersecting }) => {
        if (!isIntersecting) return;
        told(!below);
        place();
      });
    });
  };

  const watchHeader = () => {
    const header = document.querySelector('header[data-phase]');
    if (header === watched) return;
    for (const observer of observers) observer.disconnect();
    observers = [];
    watched = header;
    if (!header) return;
    const { dataset } = header;
    const held = header.querySelector('.held');
    const returns = 'returns' in dataset;
    // On a page that begins with nothing to lie over, the header is never as at the top.
    const always = dataset.phase !== 'top';
    let past = always;
    let up = always;
    const tell = () => {
      const phase = past ? (up && returns ? 'returning' : 'scrolled') : 'top';
      // What the header took at the top is kept free, so that nothing below it moves.
      if (dataset.phase === 'top') held?.style.setProperty('--room', `${held.offsetHeight}px`);
      dataset.phase = phase;
      leaveRoom();
    };
    // What jumps within the page keep free is as high as what covers the page really is, whatever its texts have become.
    const leaveRoom = () => {
      if (dataset.phase === 'top') return;
      const bars = held?.firstElementChild;
      const covers = bars?.offsetHeight ? held : header;
      const covered =
        getComputedStyle(covers).position === 'sticky' &&
        covers.offsetWidth >= document.documentElement.clientWidth;
      const height = covered ? bars?.offsetHeight || header.offsetHeight : 0;
      document.documentElement.style.setProperty('--covered', `${height}px`);
    };
    const resized = new ResizeObserver(leaveRoom);
    resized.observe(held?.firstElementChild ?? header);
    observers.push(resized);
    const mark = document.querySelector('.phase-mark:not(i)');
    if (!always)
      observe(
        mark ?? document.querySelector('main > *'),
        ({ isIntersecting, boundingClientRect }) => {
          past = !isIntersecting && boundingClientRect.top < 0;
          up &&= past;
          tell();
        },
        { rootMargin: `${mark ? 0 : -(held?.firstElementChild.offsetHeight ?? 0)}px 0px 0px` },
      );
    if (returns)
      watchDirection((goesUp) => {
        up = goesUp;
        tell();
      });
  };
  watchHeader();
  new MutationObserver(watchHeader).observe(document.body, { childList: true });
})();
