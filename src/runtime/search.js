// Opens search fields where they are to be typed into, and answers what was searched for.
(() => {
  // `autofocus` would take the focus of every page.
  document.addEventListener(
    'toggle',
    ({ target, newState }) => {
      const opener = newState === 'open' && document.querySelector(`[popovertarget="${target.id}"]`);
      if (!opener) return;
      // Where the browser knows no anchors, it opens below the bar of its icon.
      if (!CSS.supports('inset', 'anchor(end)')) {
        const { bottom } = opener.closest('.bar').getBoundingClientRect();
        target.style.insetBlockStart = `${bottom}px`;
      }
      target.querySelector('input').focus();
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
})();
