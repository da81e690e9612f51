// The inside of a preview frame. The workbench sends the very HTML and CSS that would be handed over; this script puts
// them in place of what stands here, without a reload. Links then lead to the frames of other pages by themselves.
(() => {
  let styles = [];
  const shown = { html: '', css: '' };
  let opened = null;
  let scriptLoaded = false;
  let endShown = false;

  const tell = (message) => window.parent.postMessage(message, '*');
  const file = () => location.pathname.split('/').slice(3).join('/');

  const replacePage = (html) => {
    const page = new DOMParser().parseFromString(html, 'text/html');
    for (const { name, value } of page.documentElement.attributes)
      document.documentElement.setAttribute(name, value);
    document.title = page.title;
    document.head.append(...styles);
    document.body.replaceChildren(...page.body.childNodes);
    const script = page.querySelector('head script[src]');
    if (script && !scriptLoaded) {
      scriptLoaded = true;
      const own = document.createElement('script');
      own.src = script.getAttribute('src');
      document.head.append(own);
    }
  };

  // The stylesheet stands beside the pages' root, but its text is put into this page, which may lie deeper.
  const root = location.pathname.split('/').slice(0, 3).join('/');
  const rooted = (css) => css.replace(/url\("(?=fonts\/|artwork\/)/g, `url("${root}/`);

  // Each top-level rule stands in an element of its own, so that fonts and layers that stay the same are not read again.
  const replaceStyles = (css) => {
    const texts = css.split(/(?<=^}\n)/m);
    if (texts.length !== styles.length) {
      for (const style of styles) style.remove();
      styles = texts.map(() => document.createElement('style'));
      document.head.append(...styles);
    }
    texts.forEach((text, index) => {
      if (styles[index].textContent !== text) styles[index].textContent = text;
    });
  };

  const showDrawer = (id) => {
    for (const dialog of document.querySelectorAll('dialog[open]')) if (dialog.id !== id) dialog.close();
    const dialog = id === null ? null : document.getElementById(id);
    if (!dialog || dialog.open) return;
    // A dialog takes the focus, which would leave the workbench in the middle of typing; an inert one cannot.
    dialog.inert = true;
    dialog.showModal();
    dialog.inert = false;
  };

  window.addEventListener('message', ({ source, data }) => {
    if (source !== window.parent) return;
    const { html, css, drawer, atEnd, round } = data;
    const newPage = html !== shown.html;
    if (newPage) replacePage(html);
    if (css !== shown.css) replaceStyles(rooted(css));
    if (newPage || drawer !== opened) showDrawer(drawer);
    if (atEnd && !endShown) {
      endShown = true;
      scrollTo(0, document.documentElement.scrollHeight);
    }
    Object.assign(shown, { html, css });
    opened = drawer;
    requestAnimationFrame(() =>
      setTimeout(() => tell({ says: 'painted', round, at: performance.timeOrigin + performance.now() })),
    );
  });

  // The drawer may also be opened and closed by its own buttons; the workbench then follows.
  const watchDrawer = () => {
    const dialog = document.querySelector('dialog[open]');
    const id = dialog ? dialog.id : null;
    if (id !== opened) tell({ says: 'drawer', drawer: (opened = id) });
  };
  document.addEventListener('toggle', watchDrawer, true);
  document.addEventListener('close', watchDrawer, true);

  document.addEventListener('click', (event) => {
    const link = event.target.closest('a[href]');
    if (!link || link.origin === new URL(location.href).origin) return;
    event.preventDefault();
    tell({ says: 'leaves', href: link.href });
  });

  // What is searched for is answered where the site is tried, not in a view of one page.
  document.addEventListener('submit', (event) => event.preventDefault());

  tell({ says: 'ready', file: file() });
})();
