// Tells a header the phase of scrolling: at the top of the page, scrolled away from it, or returning to it; without listening to scrolling itself.
(() => {
  let watched = null;
  let observers = [];
  const observe = (element, told, options) => {
    const observer = new IntersectionObserver((entries) => told(entries.at(-1)), options);
    observer.observe(element);
    observers.push(observer);
  };

  /** Tells whether the page is scrolled up, by two stretches of the page: a little above the window, and a little below it. */
  const watchDirection = (told) => {
    const zones = [0, 1].map(() => document.body.appendChild(document.createElement('i')));
    const place = () => {
      zones[0].style.blockSize = `${Math.max(0, scrollY - 40)}px`;
      zones[1].style.insetBlock = `${scrollY + innerHeight + 40}px 0`;
    };
    place();
    zones.forEach((zone, below) => {
      zone.className = 'phase-mark';
      observe(zone, ({ isIntersecting }) => {
        if (!isIntersecting) return;
        told(!below);
        place();
      });
    });
  };

  const watchHeader = () => {
    const header = document.querySelector('header[data-phase]');
    if (header === watched) return;
    for (const observer of observers) observer.disconnect();
    observers = [];
    watched = header;
    if (!header) return;
    const { dataset } = header;
    const held = header.querySelector('.held');
    const returns = 'returns' in dataset;
    // On a page that begins with nothing to lie over, the header is never as at the top.
    const always = dataset.phase !== 'top';
    let past = always;
    let up = always;
    const tell = () => {
      const phase = past ? (up && returns ? 'returning' : 'scrolled') : 'top';
      // What the header took at the top is kept free, so that nothing below it moves.
      if (dataset.phase === 'top') held?.style.setProperty('--room', `${held.offsetHeight}px`);
      dataset.phase = phase;
      leaveRoom();
    };
    // What jumps within the page keep free is as high as what covers the page really is, whatever its texts have become.
    const leaveRoom = () => {
      if (dataset.phase === 'top') return;
      const bars = held?.firstElementChild;
      const covers = bars?.offsetHeight ? held : header;
      const covered =
        getComputedStyle(covers).position === 'sticky' &&
        covers.offsetWidth >= document.documentElement.clientWidth;
      const height = covered ? bars?.offsetHeight || header.offsetHeight : 0;
      document.documentElement.style.setProperty('--covered', `${height}px`);
    };
    const resized = new ResizeObserver(leaveRoom);
    resized.observe(held?.firstElementChild ?? header);
    observers.push(resized);
    const mark = document.querySelector('.phase-mark:not(i)');
    if (!always)
      observe(
        mark ?? document.querySelector('main > *'),
        ({ isIntersecting, boundingClientRect }) => {
          past = !isIntersecting && boundingClientRect.top < 0;
          up &&= past;
          tell();
        },
        { rootMargin: `${mark ? 0 : -(held?.firstElementChild.offsetHeight ?? 0)}px 0px 0px` },
      );
    if (returns)
      watchDirection((goesUp) => {
        up = goesUp;
        tell();
      });
  };
  watchHeader();
  new MutationObserver(watchHeader).observe(document.body, { childList: true, subtree: true });
})();
