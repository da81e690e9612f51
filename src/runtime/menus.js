// Opens and closes what stands below the items of menus and the buttons of choosers: by clicks, and by keys as in the pattern “Disclosure Navigation Menu” (ARIA
// Authoring Practices).
// Everything listens on the document, so parts of the page may be replaced at any time.
(() => {
  const shown = (element) => element.getClientRects().length > 0;
  const says = (element, name) => getComputedStyle(element).getPropertyValue(name);
  const isOpen = (toggle) => toggle.getAttribute('aria-expanded') === 'true';
  const setOpen = (toggle, open) => toggle.setAttribute('aria-expanded', open);
  // Nothing of the pages' own content.
  const TOGGLE = ':is(.menu-toggle, .chooser-toggle, .links-toggle)';
  const PANEL = `${TOGGLE} + ul`;
  const openToggles = () => [...document.querySelectorAll(TOGGLE)].filter(isOpen);
  /** How a list opens that stands in the flow: `one` item at a time, or `several`; nothing where lists drop down. */
  const unfolds = (toggle) => says(toggle, '--unfolds');
  const toggleOf = (item) => item?.querySelector(`:scope > ${TOGGLE}`);

  /** Closes every drop-down except the one that holds `inside`. */
  const closeOthers = (inside) => {
    for (const toggle of openToggles())
      if (!toggle.parentElement.contains(inside) && !unfolds(toggle)) setOpen(toggle, false);
  };

  document.addEventListener('click', ({ target }) => {
    closeOthers(target);
    // A label that leads nowhere opens what stands below it.
    const label = target.closest('span.menu-link');
    const toggle = target.closest(TOGGLE) ?? toggleOf(label?.parentElement);
    if (!toggle || !shown(toggle)) return;
    if (unfolds(toggle) === 'one')
      for (const other of toggle.closest('ul, nav').querySelectorAll(TOGGLE))
        if (other !== toggle) setOpen(other, false);
    // A click on what pointing has opened keeps it open.
    setOpen(toggle, 'pointed' in toggle.dataset || !isOpen(toggle));
    delete toggle.dataset.pointed;
  });

  document.addEventListener('focusin', ({ target }) => closeOthers(target));

  /** What is gone through by arrows, and which arrows go on and back. */
  const walkOf = (target) => {
    const list = target.closest('.menu-list, .chooser');
    if (!list?.querySelector(TOGGLE)) return null;
    const panel = [...list.querySelectorAll(PANEL)].findLast(
      (each) => each.contains(target) && shown(each.previousElementSibling),
    );
    const { flexDirection, direction } = getComputedStyle(list);
    const column = flexDirection === 'column';
    const drops = panel && !unfolds(panel) && !column;
    const controls = [...(drops ? panel : list).querySelectorAll('a[href], button')].filter(
      (each) => shown(each) && (drops || column || !each.closest(PANEL)),
    );
    const beside = direction === 'rtl' ? ['ArrowLeft', 'ArrowRight'] : ['ArrowRight', 'ArrowLeft'];
    return { controls, keys: drops || column ? ['ArrowDown', 'ArrowUp'] : beside };
  };

  document.addEventListener('keydown', (event) => {
    const { key, target, altKey, ctrlKey, metaKey } = event;
    if (key === 'Escape') {
      for (const toggle of openToggles()) {
        if (unfolds(toggle)) continue;
        const held = toggle.parentElement.contains(document.activeElement);
        setOpen(toggle, false);
        if (held) toggle.focus();
      }
    }
    const walk = altKey || ctrlKey || metaKey ? null : walkOf(target);
    if (!walk) return;
    const { controls, keys } = walk;
    const at = controls.indexOf(target);
    const [on, back] = keys;
    const below = target.matches('[aria-expanded="true"]') && on !== 'ArrowDown' && target.nextElementSibling;
    const turned = [...controls.slice(at + 1), ...controls.slice(0, at)];
    const next = {
      [on]: controls[at + 1],
      [back]: controls[at - 1],
      Home: controls[0],
      End: controls.at(-1),
      ...(below ? { ArrowDown: below.querySelector('a[href], button') } : {}),
    }[key];
    const letter = key.trim().length === 1 ? key.toLowerCase() : null;
    const found =
      next ?? (letter && turned.find((each) => each.textContent.trim().toLowerCase().startsWith(letter)));
    if (!found) return;
    event.preventDefault();
    found.focus();
  });
})();
