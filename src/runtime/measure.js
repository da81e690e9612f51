// Collapses a bar where it does not fit as it stands in this browser, whatever its texts have become: the levels of its rules
// begin one after another until everything stands within its bay.
(() => {
  // A little more than the 1/64 px in which browsers count.
  const WITHIN = 0.02;
  const box = (element) => element.getBoundingClientRect();
  const inside = ({ left, right }, around) => left >= around.left - WITHIN && right <= around.right + WITHIN;
  // What is lifted out of the flow takes no room, and what is open over the page none in its bar.
  const inFlow = (element) =>
    element.getClientRects().length > 0 &&
    !['absolute', 'fixed'].includes(getComputedStyle(element).position) &&
    !element.closest('[popover]')?.matches(':popover-open');
  const within = (element) =>
    [...element.children].flatMap((child) =>
      getComputedStyle(child).display === 'contents' ? within(child) : inFlow(child) ? [child] : [],
    );

  // The texts that stand in an element itself, and where their lines do.
  const textsOf = (element) =>
    [...element.childNodes].filter((node) => node.nodeType === 3 && node.data.trim() !== '');
  const linesOf = (text) => {
    const range = document.createRange();
    range.selectNodeContents(text);
    return [...range.getClientRects()];
  };
  // Everything that is seen in an element; of what scrolls or is cut, no more than that.
  const boxesIn = (element) => {
    const { overflowX, writingMode } = getComputedStyle(element);
    if (overflowX === 'auto' || overflowX === 'hidden') return [box(element)];
    // Across its lines a text may be larger than these: that is no room that it takes.
    const lines = writingMode === 'horizontal-tb' ? textsOf(element).flatMap(linesOf) : [];
    return [box(element), ...lines, ...within(element).flatMap(boxesIn)];
  };
  const allInside = (element) => boxesIn(element).every((each) => inside(each, box(element)));

  // Whether something in a piece goes on in another line where there is no room beside.
  const canWrap = (element) => {
    const { flexWrap, whiteSpace } = getComputedStyle(element);
    return (
      (flexWrap === 'wrap' && element.children.length > 1) ||
      (whiteSpace !== 'nowrap' && textsOf(element).length > 0) ||
      within(element).some(canWrap)
    );
  };
  // How wide a piece would be, were it as wide as what is in it asks for.
  const widthAs = (piece, size) => {
    const kept = piece.getAttribute('style');
    piece.style.cssText += `;inline-size:${size};max-inline-size:none;min-inline-size:0;flex:none`;
    const { width } = box(piece);
    if (kept === null) piece.removeAttribute('style');
    else piece.setAttribute('style', kept);
    return width;
  };
  const hasRoom = (piece) => {
    const { left, right, width } = box(piece);
    const { marginLeft, marginRight, paddingLeft, paddingRight } = getComputedStyle(piece);
    const gaps = { left: left - parseFloat(marginLeft), right: right + parseFloat(marginRight) };
    const padded = parseFloat(paddingLeft) + parseFloat(paddingRight) > 0;
    return (
      inside(gaps, box(piece.parentElement)) &&
      allInside(piece) &&
      // What is in it may reach into its padding before it sticks out of it.
      (!padded || width >= widthAs(piece, 'min-content') - WITHIN) &&
      (!canWrap(piece) || width >= widthAs(piece, 'max-content') - WITHIN)
    );
  };

  // What is on its way to another size is measured as it will be.
  const arrive = (bar) => {
    for (const motion of bar.getAnimations({ subtree: true }))
      if (motion instanceof CSSTransition) motion.finish();
  };
  const fits = (bar) => {
    const bays = bar.querySelector(':scope > .bays');
    arrive(bar);
    return (
      bays === null ||
      (inside(box(bays), { left: 0, right: document.documentElement.clientWidth }) &&
        allInside(bays) &&
        within(bays).every((bay) => allInside(bay) && within(bay).every(hasRoom)))
    );
  };
  // They have to fit in every phase of scrolling: what begins by one of them would move the page as it is scrolled.
  const allFit = (bars) => {
    const header = bars[0].closest('[data-phase]');
    if (!header) return bars.every(fits);
    const { phase } = header.dataset;
    const fitting = ['top', 'scrolled', 'returning'].every((each) => {
      header.dataset.phase = each;
      return bars.every(fits);
    });
    header.dataset.phase = phase;
    return fitting;
  };

  // Of bars in one row, what one gives way the others have.
  const inRowWith = (bar) => {
    const header = bar.closest('header');
    const { display, flexDirection } = getComputedStyle(header ?? bar);
    return header && display === 'flex' && flexDirection === 'row'
      ? [...header.querySelectorAll('.bar')]
      : [bar];
  };

  const collapse = (one) => {
    const bars = inRowWith(one);
    const measured = bars.filter(({ dataset }) => dataset.measures);
    for (const { dataset } of measured) dataset.short = '';
    for (const { dataset } of measured)
      for (const level of dataset.measures.split(' ')) {
        if (allFit(bars)) break;
        dataset.short = `${dataset.short} ${level}`.trim();
      }
    bars.forEach(arrive);
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
