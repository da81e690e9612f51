'use client';

import { useTurn } from '@/ui/in-turn';
import { useSeen } from '@/ui/use-seen';
import styles from './sites.module.css';

/** The widths at which a header is drawn, in CSS px of its page, and how wide each is on the screen. */
const drawings = [
  { width: 1216, seen: 288 },
  { width: 375, seen: 89 },
];

/** How much of a page is drawn, in px of the screen. */
const HEIGHT = 76;

/** The page at one of the widths, once it is its turn: whoever makes a site is not to wait until all others were rendered. */
function Drawing({ site, near, width, seen }: { site: string; near: boolean } & (typeof drawings)[number]) {
  const drawn = useTurn(near);
  return (
    <div className={styles.drawing} style={{ inlineSize: seen, blockSize: HEIGHT }}>
      {drawn && (
        <iframe
          src={`/try/${site}/index.html`}
          title=""
          sandbox=""
          scrolling="no"
          tabIndex={-1}
          onLoad={drawn}
          style={{
            inlineSize: width,
            blockSize: (HEIGHT * width) / seen,
            scale: String(seen / width),
          }}
        />
      )}
    </div>
  );
}

/** The beginning of a site’s home page at two widths, to know it by; its own code does not run. */
export function DrawnHeader({ site }: { site: string }) {
  const [place, near] = useSeen<HTMLDivElement>();
  return (
    <div ref={place} className={styles.drawings} aria-hidden="true" inert>
      {drawings.map((each) => (
        <Drawing key={each.width} site={site} near={near} {...each} />
      ))}
    </div>
  );
}
