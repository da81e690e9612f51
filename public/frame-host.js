// The inside of a preview frame. The workbench sends what changed in the very HTML and CSS that would be handed over; this
// script puts it in place of what stands here, without a reload. Links then lead to the frames of other pages by themselves.
(() => {
  let styles = [];
  let shown = { html: '', css: '' };
  let wanted = shown;
  let opened = null;
  const scripts = new Set();
  let endShown = false;

  const tell = (message) => window.parent.postMessage(message, '*');
  const file = () => location.pathname.split('/').slice(3).join('/');

  // What stands open stays so where it is still there: a page is also put in place anew when something was worked out.
  const toggles = () => [...document.querySelectorAll('[aria-expanded][aria-controls]')];
  const openToggles = () =>
    toggles()
      .filter((toggle) => toggle.getAttribute('aria-expanded') === 'true')
      .map((toggle) => toggle.getAttribute('aria-controls'));
  const reopen = (ids) => {
    for (const toggle of toggles())
      if (ids.includes(toggle.getAttribute('aria-controls'))) toggle.setAttribute('aria-expanded', 'true');
  };

  const replacePage = (html) => {
    const open = openToggles();
    const page = new DOMParser().parseFromString(html, 'text/html');
    for (const { name, value } of page.documentElement.attributes)
      document.documentElement.setAttribute(name, value);
    document.title = page.title;
    document.head.append(...styles.map(({ style }) => style));
    // Made anew in this document: a picture of one that is shown nowhere may not begin to load when it is taken over.
    document.body.replaceChildren(
      ...[...page.body.childNodes].map((node) => document.importNode(node, true)),
    );
    reopen(open);
    for (const script of page.querySelectorAll('head script[src]')) {
      const src = script.getAttribute('src');
      if (scripts.has(src)) continue;
      scripts.add(src);
      const own = document.createElement('script');
      own.src = src;
      document.head.append(own);
    }
  };

  // The stylesheet stands beside the pages' root, but its text is put into this page, which may lie deeper.
  const root = location.pathname.split('/').slice(0, 3).join('/');
  const rooted = (css) => css.replace(/url\("(?=fonts\/|artwork\/)/g, `url("${root}/`);

  /** The text of rules, each without what ends it; the writer of the stylesheet indents whatever stands in a rule. */
  const rulesIn = (text, indent) => text.split(`\n${indent}}\n`);

  // A declaration that is changed where it stands lets the browser settle and lay out what it touches only; a new
  // text of a style element makes it do so for the whole page, which takes ten times as long.
  const takeRule = (rule, before, after, indent) => {
    const inside = after.indexOf('{\n') + 2;
    if (before.slice(0, inside) !== after.slice(0, inside)) return false;
    if (rule instanceof CSSStyleRule) rule.style.cssText = after.slice(inside);
    return (
      rule instanceof CSSStyleRule ||
      (rule instanceof CSSGroupingRule &&
        takeRules(rule.cssRules, `${before.slice(inside)}\n`, `${after.slice(inside)}\n`, `${indent}  `))
    );
  };

  /** Changes rules to what they are in a new text; false where that cannot be, since there are others or more of them. */
  const takeRules = (rules, before, after, indent) => {
    const olds = rulesIn(before, indent);
    const news = rulesIn(after, indent);
    if (olds.length !== news.length || rules.length !== news.length - 1) return false;
    return news.every(
      (text, index) => text === olds[index] || takeRule(rules[index], olds[index], text, indent),
    );
  };

  // Each top-level rule stands in an element of its own, so that fonts and layers that stay the same are not read again.
  const replaceStyles = (css) => {
    const texts = rulesIn(css, '').map((text) => (text === '' ? '' : rooted(`${text}\n}\n`)));
    if (texts.length !== styles.length) {
      for (const { style } of styles) style.remove();
      styles = texts.map(() => ({ style: document.createElement('style'), text: '' }));
      document.head.append(...styles.map(({ style }) => style));
    }
    texts.forEach((text, index) => {
      const held = styles[index];
      if (held.text === text) return;
      if (!takeRules(held.style.sheet.cssRules, held.text, text, '')) held.style.textContent = text;
      held.text = text;
    });
  };

  // How the page looks to those who asked for less motion, which a frame cannot be made to ask for.
  const stillness = document.createElement('style');
  stillness.textContent = '*, ::before, ::after { transition-duration: 0s !important; }';

  const place = { top: 0, most: 0 };
  const tellScroll = () => {
    const top = Math.round(scrollY);
    const most = document.documentElement.scrollHeight - innerHeight;
    if (top === place.top && most === place.most) return;
    Object.assign(place, { top, most });
    tell({ says: 'scrolled', ...place });
  };
  addEventListener('scroll', tellScroll, { passive: true });

  const showDrawer = (id) => {
    for (const dialog of document.querySelectorAll('dialog[open]')) if (dialog.id !== id) dialog.close();
    const dialog = id === null ? null : document.getElementById(id);
    if (!dialog || dialog.open) return;
    // A dialog takes the focus, which would leave the workbench in the middle of typing; an inert one cannot.
    dialog.inert = true;
    dialog.showModal();
    dialog.inert = false;
  };

  let dropped = null;
  const showDropDown = (selector, anew) => {
    const toggleOf = (at) => (at === null ? null : document.querySelector(at)?.previousElementSibling);
    if (selector === dropped && !anew) return;
    if (selector !== dropped) toggleOf(dropped)?.setAttribute('aria-expanded', 'false');
    toggleOf(selector)?.setAttribute('aria-expanded', 'true');
    dropped = selector;
  };

  const show = () => {
    const { html, css, drawer, dropDown, atEnd, still, round } = wanted;
    const before = shown;
    shown = wanted;
    const newPage = html !== before.html;
    // A footer that grows stays in sight as long as nobody has scrolled away from it.
    const stayed = endShown && scrollY + innerHeight >= document.documentElement.scrollHeight - 1;
    if (newPage) replacePage(html);
    if (css !== before.css) replaceStyles(css);
    if (still) document.head.append(stillness);
    else stillness.remove();
    if (newPage || drawer !== opened) showDrawer(drawer);
    showDropDown(dropDown, newPage);
    if (atEnd && (!endShown || stayed)) {
      endShown = true;
      scrollTo(0, document.documentElement.scrollHeight);
    }
    opened = drawer;
    tellScroll();
    setTimeout(() => tell({ says: 'painted', round, at: performance.timeOrigin + performance.now() }));
  };

  const changed = (before, { start, rest, text }) =>
    before.slice(0, start) + text + before.slice(before.length - rest);

  // All views take over what is new in the same picture: one after another, each would wait for the one before.
  window.addEventListener('message', ({ source, data }) => {
    if (source !== window.parent) return;
    if ('scrollTo' in data) {
      scrollTo({ top: data.scrollTo, behavior: 'instant' });
      return;
    }
    const { html, css } = wanted;
    const waits = wanted !== shown;
    wanted = { ...data, html: changed(html, data.html), css: changed(css, data.css) };
    // A frame that has shown nothing yet may wait long for its first picture.
    if (html === '') show();
    else if (!waits) requestAnimationFrame(show);
  });

  // The drawer may also be opened and closed by its own buttons; the workbench then follows.
  const watchDrawer = () => {
    const dialog = document.querySelector('dialog[open]');
    const id = dialog ? dialog.id : null;
    if (id !== opened) tell({ says: 'drawer', drawer: (opened = id) });
  };
  document.addEventListener('toggle', watchDrawer, true);
  document.addEventListener('close', watchDrawer, true);

  // What is open needs room, which only the workbench can give.
  let isOpen = false;
  const watchOpened = () => {
    const now = document.querySelector('[aria-expanded="true"], dialog[open], :popover-open') !== null;
    if (now !== isOpen) tell({ says: 'opened', opened: (isOpen = now) });
  };
  new MutationObserver(watchOpened).observe(document, {
    subtree: true,
    childList: true,
    attributeFilter: ['aria-expanded', 'open'],
  });
  document.addEventListener('toggle', watchOpened, true);
  document.addEventListener('keydown', ({ key }) => key === 'Escape' && !isOpen && tell({ says: 'escape' }));

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
