// Tells the screen that tries a site which page stands in its frame, and in which phase of scrolling its header is.
(() => {
  const tell = () => {
    const phase = document.querySelector('[data-phase]')?.dataset.phase ?? null;
    parent.postMessage({ tells: 'tried', path: decodeURIComponent(location.pathname), phase }, '*');
  };
  new MutationObserver(tell).observe(document.body, {
    subtree: true,
    attributes: true,
    attributeFilter: ['data-phase'],
  });
  tell();
})();
