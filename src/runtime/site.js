// Opens and closes drop-downs, dialogs that links open, and drawers where the browser does not do so by itself.
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

  document.addEventListener('focusin', (event) => closeOthers(event.target));

  document.addEventListener('keydown', (event) => {
    if (event.key !== 'Escape') return;
    for (const toggle of openToggles()) {
      const held = toggle.parentElement.contains(document.activeElement);
      setOpen(toggle, false);
      if (held) toggle.focus();
    }
  });
})();
