// Opens drop-downs of menus that ask for it under the pointer, after a moment, and keeps them while the pointer is on its way there.
(() => {
  const toggles = () => [...document.querySelectorAll('.menu-toggle[data-pointed]')];
  const setOpen = (toggle, open) => {
    toggle.setAttribute('aria-expanded', open);
    if (open) toggle.dataset.pointed = '';
    else delete toggle.dataset.pointed;
  };

  const point = { x: 0, y: 0 };
  /** How far the pointer is from what a toggle has opened. */
  const distance = (toggle) => {
    const { left, right, top, bottom } = toggle.nextElementSibling.getBoundingClientRect();
    return Math.hypot(
      Math.max(left - point.x, 0, point.x - right),
      Math.max(top - point.y, 0, point.y - bottom),
    );
  };

  let waiting;
  // As long as the pointer comes nearer to what is open, it is on its way there, whatever it crosses.
  const consider = (target) => {
    clearTimeout(waiting);
    const open = toggles().at(-1);
    const before = open && distance(open);
    waiting = setTimeout(
      () => {
        if (open && before > 0 && distance(open) < before - 1) {
          consider(document.elementFromPoint(point.x, point.y) ?? document.body);
          return;
        }
        for (const toggle of toggles()) if (!toggle.parentElement.contains(target)) setOpen(toggle, false);
        const toggle = target.closest('.menu-list li')?.querySelector(':scope > .menu-toggle');
        const says = (name) => getComputedStyle(toggle).getPropertyValue(name);
        // What unfolds in a column would run away below the pointer.
        const asks = toggle && says('--points') && !says('--unfolds');
        if (!asks || toggle.getClientRects().length === 0 || toggle.getAttribute('aria-expanded') === 'true')
          return;
        for (const other of toggle.closest('ul').querySelectorAll(':scope > li > [aria-expanded="true"]'))
          setOpen(other, false);
        setOpen(toggle, true);
      },
      open ? 240 : 120,
    );
  };
  document.addEventListener('pointermove', ({ clientX, clientY }) => {
    point.x = clientX;
    point.y = clientY;
  });
  document.addEventListener('pointerover', ({ target, pointerType }) => {
    if (pointerType === 'mouse') consider(target);
  });
})();
