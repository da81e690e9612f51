// The inside of a preview frame. The workbench sends what changed in the very page and stylesheet that would be handed over; this
// script puts it in place of what stands here, without a reload. Links then lead to the frames of other pages by themselves.
(() => {
  const styles = [];
  let shown = { html: '', css: [] };
  let wanted = shown;
  let opened = null;
  const scripts = new Set();
  let endShown = false;

  // A port of its own: what is said through it goes from one process of the browser to the other at once. What is sent to a window is kept
  // waiting where the one that sends it is about to be painted, as after each key.
  const { port1: workbench, port2: port } = new MessageChannel();
  const tell = (message) => workbench.postMessage(message);
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

  // Made anew in this document: a picture of one that is shown nowhere may not begin to load when it is taken over.
  const madeHere = (node) => document.importNode(node, true);

  const said = (node) => JSON.stringify([{ ...node.dataset }, node.getAttribute?.('class')]);
  /** Whether what stands here of one page can become what it is in another. What scripts are told when it comes is told by coming. */
  const becomes = (here, was, is) =>
    was.isEqualNode(is) ||
    (said(was) === said(is) &&
      [here, was].every(
        ({ nodeName, childNodes }) => nodeName === is.nodeName && childNodes.length === is.childNodes.length,
      ));

  /** Makes it that. What is the same in both is left alone, with all that was done to it since. */
  const become = (here, was, is) => {
    if (was.isEqualNode(is)) return;
    if (!becomes(here, was, is)) return here.replaceWith(madeHere(is));
    if (here.nodeType !== Node.ELEMENT_NODE) return (here.data = is.data);
    for (const { name } of was.attributes) if (!is.hasAttribute(name)) here.removeAttribute(name);
    for (const { name, value } of is.attributes)
      if (was.getAttribute(name) !== value) here.setAttribute(name, value);
    const [children, were] = [here, was].map(({ childNodes }) => [...childNodes]);
    for (const [nth, child] of [...is.childNodes].entries()) become(children[nth], were[nth], child);
  };

  /** Puts the parts of a page in place of those of the one before: all of them where one comes, goes or is another, as scripts may have put marks behind them. */
  const becomePage = (were, are) => {
    const here = [...document.body.childNodes];
    const stay =
      were.length === are.length &&
      here.length >= were.length &&
      are.every((part, nth) => becomes(here[nth], were[nth], part));
    if (!stay) return document.body.replaceChildren(...are.map(madeHere));
    for (const [nth, part] of are.entries()) become(here[nth], were[nth], part);
  };

  /** The parts of the page that stands here, as they were sent. */
  let stood = [];
  const replacePage = (html) => {
    const open = openToggles();
    const page = new DOMParser().parseFromString(html, 'text/html');
    // A language that is set anew, even the same one, has all of the page laid out.
    const { documentElement } = document;
    for (const { name, value } of page.documentElement.attributes)
      if (documentElement.getAttribute(name) !== value) documentElement.setAttribute(name, value);
    document.title = page.title;
    const parts = [...page.body.childNodes];
    becomePage(stood, parts);
    stood = parts;
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

  /** The rule or block at the end of a way through blocks: in each the how many-th, and of how many; null where there are others. */
  const ruleAt = (rules, [[index, of], ...further]) => {
    if (rules?.length !== of) return null;
    return further.length === 0 ? rules[index] : ruleAt(rules[index].cssRules, further);
  };

  // What stands outermost is in an element of its own each, so that fonts and layers that stay the same are not read again. A declaration
  // that is changed where it stands lets the browser settle and lay out what it touches only; a new text makes it do so for the whole page,
  // which takes ten times as long. False where a rule is not there: the browser read the stylesheet in another way.
  const takeStyles = ({ count, texts, changed }) => {
    while (styles.length > count) styles.pop().remove();
    while (styles.length < count) {
      styles.push(document.createElement('style'));
      document.head.append(styles.at(-1));
    }
    for (const [index, text] of texts) styles[index].textContent = rooted(text);
    return changed.every(([index, way, { declarations, media }]) => {
      const rule = ruleAt(styles[index].sheet.cssRules[0]?.cssRules, way);
      if (media !== undefined && rule?.media) conditions.set(rule, media);
      if (declarations !== undefined && rule?.style) rule.style.cssText = rooted(declarations);
      return Boolean(media === undefined ? rule?.style : rule?.media);
    });
  };

  // A condition that is changed makes it do so too: one of widths that holds as the one before it waits until there is time.
  const conditions = new Map();
  const ofWidths = (media) => media.startsWith('(width');
  const takeConditions = (all) => {
    for (const [rule, media] of conditions) {
      const { mediaText } = rule.media;
      const same = matchMedia(media).matches === matchMedia(mediaText).matches;
      if (!all && same && ofWidths(media) && ofWidths(mediaText)) continue;
      rule.media.mediaText = media;
      conditions.delete(rule);
    }
  };
  addEventListener('resize', () => takeConditions(true));

  // How the page looks to those who asked for less motion, which a frame cannot be made to ask for.
  const stillness = document.createElement('style');
  stillness.textContent = '*, ::before, ::after { transition-duration: 0s !important; }';

  // Bars that take room beside the page would make it narrower than its view: widths are worked out as without them, and the view has a
  // handle of its own.
  const barless = new CSSStyleSheet();
  barless.replaceSync('* { scrollbar-width: none; }');
  document.adoptedStyleSheets.push(barless);

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

  // What is put anew under a button that is held down would take the click away.
  let pressed = false;
  const press = (down) => {
    const waited = pressed && !down && wanted !== shown;
    pressed = down;
    // After the click, which comes with the letting go.
    if (waited) setTimeout(() => requestAnimationFrame(show));
  };
  addEventListener(
    'pointerdown',
    ({ pointerType, button }) => button === 0 && press(pointerType !== 'touch'),
    true,
  );
  for (const ended of ['pointerup', 'pointercancel']) addEventListener(ended, () => press(false), true);
  addEventListener('pointermove', ({ buttons }) => pressed && buttons === 0 && press(false), true);

  const show = () => {
    if (pressed) return;
    const { html, css, drawer, dropDown, atEnd, still, round } = wanted;
    const before = shown;
    shown = wanted;
    const newPage = html !== before.html;
    // A footer that grows stays in sight as long as nobody has scrolled away from it.
    const stayed = endShown && scrollY + innerHeight >= document.documentElement.scrollHeight - 1;
    if (newPage) replacePage(html);
    // Told anew, the workbench sends all that there is.
    if (!css.every(takeStyles)) tell({ says: 'ready', file: file() });
    takeConditions(false);
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
    painting = true;
    setTimeout(() => {
      painting = false;
      requestIdleCallback(() => takeConditions(true));
      tell({ says: 'painted', round, at: performance.timeOrigin + performance.now() });
      follow();
    });
  };

  const changed = (before, { start, rest, text }) =>
    before.slice(0, start) + text + before.slice(before.length - rest);

  // All views take over what is new in the same picture: one after another, each would wait for the one before.
  workbench.onmessage = ({ data }) => {
    if ('pointing' in data) {
      ({ pointing, target, dimensions } = data);
      tellPlace();
      return;
    }
    if ('measure' in data) {
      // What is empty has a place too.
      const stands = (element) => element.getClientRects().length > 0;
      const found = data.measure.map((selector) => {
        const all = [...document.querySelectorAll(selector)];
        return all.find(seen) ?? all.find(stands);
      });
      tell({ says: 'measured', boxes: found.map((each) => (each ? boxOf(each) : null)) });
      return;
    }
    if ('scrollTo' in data) {
      scrollTo({ top: data.scrollTo, behavior: 'instant' });
      return;
    }
    tell({ says: 'heard', round: data.round });
    const { html, css } = wanted;
    const waits = wanted !== shown;
    wanted = { ...data, html: changed(html, data.html), css: waits ? [...css, data.css] : [data.css] };
    // A frame that has shown nothing yet may wait long for its first picture.
    if (html === '') show();
    else if (!waits) requestAnimationFrame(show);
  };

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

  // What is pointed at. The workbench says how items of menus are found (`pointing`), and what it wants to hear the place of (`target`).
  let pointing = null;
  let target = null;

  const boxOf = (element) => {
    const { left, top, width, height } = element.getBoundingClientRect();
    if (width > 0 || height > 0 || getComputedStyle(element).display !== 'contents')
      return { x: left, y: top, width, height };
    // What has no box of its own stands where what is in it does.
    const inside = [...element.children].map(boxOf).filter((box) => box.width > 0 && box.height > 0);
    const x = Math.min(...inside.map((box) => box.x));
    const y = Math.min(...inside.map((box) => box.y));
    return {
      x,
      y,
      width: Math.max(0, ...inside.map((box) => box.x + box.width - x)),
      height: Math.max(0, ...inside.map((box) => box.y + box.height - y)),
    };
  };

  /** The elements of items in an element, of the level that is right below it. */
  const itemsIn = (holder) =>
    [...holder.querySelectorAll(pointing.items)].filter((item) => {
      const above = item.parentElement.closest(pointing.items);
      return above === null || above === holder || !holder.contains(above);
    });

  const toldOf = (element) => {
    const isItem = element.matches(pointing.items);
    const holder = isItem && element.parentElement.closest(`${pointing.items}, ${pointing.holders}`);
    const nth = holder ? itemsIn(holder).indexOf(element) : null;
    return { tag: element.localName, classes: [...element.classList], nth, box: boxOf(element) };
  };

  /** An element and all that it stands in, outwards, up to the page. */
  const chainOf = (element) => {
    const chain = [];
    for (let at = element; at && at !== document.body; at = at.parentElement) chain.push(toldOf(at));
    return chain;
  };

  const seen = (element) => element !== undefined && boxOf(element).width > 0;
  const itemAt = (piece, { within, way }) => {
    let at = within === null ? piece : piece.querySelector(`:scope > .${within}`);
    for (const nth of way) at = at && itemsIn(at)[nth];
    return at ?? undefined;
  };

  /** The element of the target that is seen on this page. */
  const targetElement = () => {
    if (target === null) return undefined;
    // What a drawer covers is seen no more than what is not there.
    const over = document.querySelector('dialog:modal');
    const found = [...document.querySelectorAll(target.selector)].filter(
      (each) => over?.contains(each) ?? true,
    );
    if (target.items === null) return found.find(seen);
    return found.flatMap((piece) => target.items.map((item) => itemAt(piece, item))).find(seen);
  };

  /** The lines of each text that is seen in an element. */
  const linesOfTexts = function* (element) {
    const texts = document.createTreeWalker(element, NodeFilter.SHOW_TEXT);
    const range = document.createRange();
    while (texts.nextNode()) {
      const text = texts.currentNode;
      if (text.data.trim() === '' || !text.parentElement.checkVisibility({ visibilityProperty: true }))
        continue;
      range.selectNodeContents(text);
      const lines = [...range.getClientRects()].filter(({ width }) => width >= 1);
      if (lines.length > 0) yield lines;
    }
  };

  // How far from what is measured a figure or a name may reach, in CSS px of the page.
  const AROUND = 160;

  /** The boxes of texts and pictures that are drawn in the part of the page that an element is of, as far as they are near it or near lines. */
  const inkAround = (element, lines) => {
    let part = element;
    while (part.localName !== 'dialog' && part.parentElement !== document.body) part = part.parentElement;
    const { left, top, right, bottom } = element.getBoundingClientRect();
    const xs = [left, right, ...lines.flatMap(([x1, , x2]) => [x1, x2])];
    const ys = [top, bottom, ...lines.flatMap(([, y1, , y2]) => [y1, y2])];
    const [fromX, toX] = [Math.min(...xs) - AROUND, Math.max(...xs) + AROUND];
    const [fromY, toY] = [Math.min(...ys) - AROUND, Math.max(...ys) + AROUND];
    const pictures = [...part.querySelectorAll('img, svg')]
      .filter((each) => each.checkVisibility({ visibilityProperty: true }))
      .map((each) => each.getBoundingClientRect());
    return [...pictures, ...[...linesOfTexts(part)].flat()]
      .filter(
        (each) =>
          each.width >= 1 && each.right > fromX && each.left < toX && each.bottom > fromY && each.top < toY,
      )
      .map(({ x, y, width, height }) => ({ x, y, width, height }));
  };

  /** The lines along which stretches of an element are measured, each from the end that stays to the end that moves with its length. */
  const linesOf = {
    'padding-block'({ inside, at, padding }) {
      return [
        [at.x, inside.top, at.x, inside.top + padding.top],
        [at.x, inside.bottom, at.x, inside.bottom - padding.bottom],
      ];
    },
    'padding-inline'({ inside, at, padding }) {
      return [
        [inside.left, at.y, inside.left + padding.left, at.y],
        [inside.right, at.y, inside.right - padding.right, at.y],
      ];
    },
    'padding-start'(of) {
      return [linesOf['padding-inline'](of)[of.rightToLeft ? 1 : 0]];
    },
    height: ({ box }) => [[box.left, box.top, box.left, box.bottom]],
    width({ box, rightToLeft }) {
      // What stands at an edge of the window grows away from it, all else the way that lines run.
      const [left, right] = [box.left <= 1, box.right > innerWidth - 1];
      const toLeft = left === right ? rightToLeft : right;
      const ends = toLeft ? [box.right, box.left] : [box.left, box.right];
      // Of what goes on below the window, where its figure is still seen.
      const y = Math.min(box.bottom, innerHeight - 24);
      return [[ends[0], y, ends[1], y]];
    },
    text({ element, size, rightToLeft }) {
      // Beside the first text that is seen in it.
      const first = linesOfTexts(element).next().value?.[0];
      if (!first) return [];
      const x = rightToLeft ? first.left - 4 : first.right + 4;
      const middle = (first.top + first.bottom) / 2;
      return [[x, middle + size / 2, x, middle - size / 2]];
    },
    gap({ element }) {
      const [one, other] = [...element.children].filter(seen).map((each) => each.getBoundingClientRect());
      if (!other) return [];
      const y = (Math.max(one.top, other.top) + Math.min(one.bottom, other.bottom)) / 2;
      const x = (Math.max(one.left, other.left) + Math.min(one.right, other.right)) / 2;
      if (other.left >= one.right - 0.5) return [[one.right, y, other.left, y]];
      if (other.right <= one.left + 0.5) return [[one.left, y, other.right, y]];
      return [[x, one.bottom, x, other.top]];
    },
  };

  const measured = (element, stretch) => {
    const box = element.getBoundingClientRect();
    const style = getComputedStyle(element);
    const px = (name) => parseFloat(style[name]) || 0;
    const sides = ['top', 'right', 'bottom', 'left'];
    const capital = (side) => side[0].toUpperCase() + side.slice(1);
    const padding = Object.fromEntries(sides.map((side) => [side, px(`padding${capital(side)}`)]));
    const inside = Object.fromEntries(
      sides.map((side) => {
        const line = px(`border${capital(side)}Width`);
        return [side, box[side] + (side === 'top' || side === 'left' ? line : -line)];
      }),
    );
    // What is above and below is measured aside of the middle, which is left to be clicked at.
    const at = { x: box.left + box.width / 5, y: (box.top + box.bottom) / 2 };
    const rightToLeft = style.direction === 'rtl';
    return linesOf[stretch]({ element, box, inside, at, padding, rightToLeft, size: px('fontSize') });
  };

  /** The lines of a length: on the element of the target or in it, else on what it stands in, else on the first that is seen. */
  const linesFor = (drawn, element) => {
    for (const { selector, stretch } of drawn) {
      const all = [...document.querySelectorAll(selector)];
      const on =
        all.find((each) => element.contains(each) && seen(each)) ??
        all.find((each) => each.contains(element) && seen(each)) ??
        all.find(seen);
      if (on) return { stretch, lines: measured(on, stretch) };
    }
    return null;
  };

  /** How far something is from what stands beside it, or from the edges of what it stands in. */
  const distances = (element) => {
    const box = boxOf(element);
    const holder = element.parentElement.closest('.bar, dialog, ul') ?? document.body;
    const around = holder.getBoundingClientRect();
    const others = [];
    for (let at = element; at !== holder; at = at.parentElement)
      others.push(...[...at.parentElement.children].filter((each) => each !== at && seen(each)).map(boxOf));
    const middle = box.y + box.height / 2;
    const level = others.filter(({ y, height }) => y < middle && y + height > middle);
    const left = Math.max(
      around.left,
      ...level.map(({ x, width }) => x + width).filter((x) => x <= box.x + 0.5),
    );
    const right = Math.min(
      around.right,
      ...level.map(({ x }) => x).filter((x) => x >= box.x + box.width - 0.5),
    );
    return [
      [box.x, middle, left, middle],
      [box.x + box.width, middle, right, middle],
    ];
  };

  let placed = '';
  let dimensions = [];
  const tellPlace = () => {
    if (pointing === null) return;
    const element = targetElement();
    const box = element ? boxOf(element) : null;
    const lines = element ? dimensions.map((drawn) => linesFor(drawn, element)) : [];
    const free = element ? distances(element) : [];
    const phase = element?.closest('[data-phase]')?.dataset.phase ?? 'top';
    const made = lines.flatMap((each) => each?.lines ?? []);
    const ink = made.length > 0 ? inkAround(element, made) : [];
    const message = { target, box, lines, free, ink, phase };
    const now = JSON.stringify(message);
    if (now !== placed) tell({ says: 'placed', ...message });
    placed = now;
  };

  // What moves by itself is followed for as long as motions last, and no longer than they may.
  const FOLLOWED = 800;
  let followedUntil = 0;
  let following = false;
  // What is shown anew is painted first: where things stand by then is told in the pictures after it.
  let painting = false;
  const step = () => {
    following = false;
    if (painting) return;
    tellPlace();
    if (under !== null) tellPointed(under);
    if (performance.now() < followedUntil && document.getAnimations().length > 0) nextStep();
  };
  const nextStep = () => {
    if (following || painting) return;
    following = true;
    requestAnimationFrame(step);
  };
  const follow = () => {
    followedUntil = performance.now() + FOLLOWED;
    nextStep();
  };
  for (const moved of ['scroll', 'toggle', 'transitionrun', 'click'])
    document.addEventListener(moved, follow, { capture: true, passive: true });
  // Pictures and fonts that come move what stands beside them.
  document.addEventListener('load', follow, true);
  document.fonts.addEventListener('loadingdone', follow);
  addEventListener('resize', follow);

  let under = null;
  let pointed = '';
  const tellPointed = (element) => {
    if (pointing === null) return;
    under = element;
    const chain = element?.isConnected ? chainOf(element) : null;
    const now = JSON.stringify(chain);
    if (now !== pointed) tell({ says: 'pointed', chain });
    pointed = now;
  };
  document.addEventListener('pointerover', (event) => held?.moves || tellPointed(event.target));
  document.documentElement.addEventListener('pointerleave', () => tellPointed(null));
  document.addEventListener('scroll', () => tellPointed(null), { capture: true, passive: true });
  // The focus stays where one works: a click in a view selects.
  document.addEventListener('mousedown', (event) => pointing && event.preventDefault());

  // Keys that the workbench has a use for, with those that are held with them.
  document.addEventListener('keydown', (event) => {
    if (pointing === null || event.target.matches('input, textarea')) return;
    const combo = `${event.altKey ? `Alt+${event.shiftKey ? 'Shift+' : ''}` : ''}${event.key}`;
    if (!pointing.keys.includes(combo)) return;
    event.preventDefault();
    tell({ says: 'pressed', combo });
  });

  // A thing that is dragged: the workbench says what it is and where it can go.
  const FAR = 5;
  const pointOf = ({ clientX, clientY }) => ({
    x: clientX,
    y: clientY,
    rightToLeft: document.documentElement.dir === 'rtl',
  });
  let held = null;
  let wasDragged = false;
  document.addEventListener('pointerdown', (event) => {
    wasDragged = false;
    const { button, ctrlKey, metaKey, shiftKey, pointerType, screenX, screenY, target: element } = event;
    if (pointing === null || button !== 0 || ctrlKey || metaKey || shiftKey || pointerType === 'touch')
      return;
    held = { element, screenX, screenY, moves: false };
  });
  const letGo = (at) => {
    const moves = held?.moves;
    held = null;
    if (!moves) return;
    wasDragged = true;
    tell({ says: 'dropped', at });
  };
  document.addEventListener('pointermove', (event) => {
    if (held === null) return;
    if (!(event.buttons & 1)) return letGo(null);
    if (!held.moves) {
      if (Math.hypot(event.screenX - held.screenX, event.screenY - held.screenY) < FAR) return;
      held.moves = true;
      document.documentElement.setPointerCapture(event.pointerId);
      tell({ says: 'grasped', chain: chainOf(held.element) });
    }
    tell({ says: 'dragged', at: pointOf(event) });
  });
  document.addEventListener('pointerup', (event) => letGo(pointOf(event)));
  document.addEventListener('pointercancel', () => letGo(null));

  /** What opens something, or is a button that does. */
  const OPENS = 'button, summary, [aria-expanded], span.menu-link';

  addEventListener(
    'click',
    (event) => {
      if (pointing === null) return;
      if (wasDragged) {
        event.preventDefault();
        event.stopImmediatePropagation();
        return;
      }
      const link = event.target.closest('a[href], input, label');
      const follows = event.ctrlKey || event.metaKey;
      if (!follows) tell({ says: 'clicked', chain: chainOf(event.target), more: event.shiftKey });
      if (!link && event.target.closest(OPENS)) return;
      if (follows && link?.href) {
        // The browser would open it in a window of its own.
        event.preventDefault();
        if (link.origin === new URL(location.href).origin) location.href = link.href;
        else tell({ says: 'leaves', href: link.href });
        return;
      }
      event.preventDefault();
      event.stopImmediatePropagation();
      follow();
    },
    true,
  );

  document.addEventListener('dblclick', ({ target: element }) => {
    if (pointing !== null)
      tell({ says: 'doubled', chain: chainOf(element), text: element.textContent.trim() });
  });

  document.addEventListener('click', (event) => {
    const link = event.target.closest('a[href]');
    if (!link || link.origin === new URL(location.href).origin) return;
    event.preventDefault();
    tell({ says: 'leaves', href: link.href });
  });

  // What is searched for is answered where the site is tried, not in a view of one page.
  document.addEventListener('submit', (event) => event.preventDefault());

  window.parent.postMessage({ says: 'ready', file: file() }, '*', [port]);
})();
