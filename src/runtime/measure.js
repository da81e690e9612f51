// Collapses a bar where it does not fit as it stands in this browser, whatever its texts have become: the levels of its rules
// begin one after another until everything stands within its bay.
(() => {
  // A little more than the 1/64 px in which browsers count.
  const WITHIN = 0.02;
  const box = (element) => element.getBoundingClientRect();
  const shown = (element) => element.getClientRects().length > 0;
  const inside = (inner, outer) =>
    box(inner).left >= box(outer).left - WITHIN && box(inner).right <= box(outer).right + WITHIN;

  const wraps = (text) => {
    const range = document.createRange();
    range.selectNodeContents(text);
    return new Set([...range.getClientRects()].map(({ bottom }) => Math.round(bottom / 4))).size > 1;
  };
  // Nothing in it is wider than it is, and none of its texts is broken.
  const whole = (piece) =>
    piece.scrollWidth <= Math.ceil(box(piece).width) &&
    ![...(piece.matches('p') ? [piece] : piece.querySelectorAll('p'))].some(wraps);

  const fits = (bays) =>
    [...bays.children]
      .filter(shown)
      .every(
        (bay) =>
          inside(bay, bays) &&
          [...bay.children].filter(shown).every((piece) => inside(piece, bay) && whole(piece)),
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

  // Only the width of a bar counts: what it turns to may make it higher, which would be told again. One in a drawer that is shut has none.
  const widths = new WeakMap();
  const observer = new ResizeObserver((entries) => {
    for (const { target, contentRect } of entries) {
      if (widths.get(target) === contentRect.width) continue;
      widths.set(target, contentRect.width);
      collapse(target);
    }
  });
  const collapseAll = () => {
    for (const bar of document.querySelectorAll('[data-measures]')) {
      observer.observe(bar);
      collapse(bar);
    }
  };
  document.fonts.addEventListener('loadingdone', collapseAll);
  // Texts may be changed by other scripts, and parts of the page replaced.
  new MutationObserver(collapseAll).observe(document.body, {
    characterData: true,
    childList: true,
    subtree: true,
  });
  collapseAll();
})();
