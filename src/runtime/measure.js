// Collapses a bar where it does not fit as it stands in this browser, whatever its texts have become: the levels of its rules
// begin one after another until everything stands within its bay.
(() => {
  // A little more than the 1/64 px in which browsers count.
  const WITHIN = 0.02;
  const box = (element) => element.getBoundingClientRect();
  const shown = (element) => element.getClientRects().length > 0;
  const inside = (inner, outer) =>
    box(inner).left >= box(outer).left - WITHIN && box(inner).right <= box(outer).right + WITHIN;

  const fits = (bays) =>
    [...bays.children]
      .filter(shown)
      .every(
        (bay) => inside(bay, bays) && [...bay.children].filter(shown).every((piece) => inside(piece, bay)),
      );

  const collapse = (bar) => {
    const bays = bar.querySelector(':scope > .bays');
    const begun = [];
    bar.dataset.short = '';
    for (const level of bar.dataset.measures.split(' ')) {
      if (fits(bays)) break;
      begun.push(level);
      bar.dataset.short = begun.join(' ');
    }
  };

  const collapseAll = () => document.querySelectorAll('[data-measures]').forEach(collapse);
  // Only the width counts: what a bar turns to may make it higher, which would be told again.
  let width = 0;
  new ResizeObserver(([{ contentRect }]) => {
    if (contentRect.width === width) return;
    width = contentRect.width;
    collapseAll();
  }).observe(document.documentElement);
  document.fonts.addEventListener('loadingdone', collapseAll);
  // Texts may be changed by other scripts, and parts of the page replaced.
  new MutationObserver(collapseAll).observe(document.body, {
    characterData: true,
    childList: true,
    subtree: true,
  });
  collapseAll();
})();
