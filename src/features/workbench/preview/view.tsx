'use client';

import { MenuOutlined } from '@ant-design/icons';
import { useMemo, type ReactNode, type Ref } from 'react';
import type { Scheme } from '@/core/properties/schemes';
import type { Site } from '@/core/site/site';
import type { FrameHandle } from '@/ui/preview/preview-frame';
import type { RulerView } from '@/ui/ruler/model';
import { PointedFrame, type Pointing } from '../pointing/pointed-frame';
import styles from './preview.module.css';
import type { Rendered } from './use-rendered';
import type { Scroll } from './use-scrolls';

interface ViewProps {
  site: Site;
  language: string;
  pointing: Pointing;
  view: RulerView;
  /** The scheme that it is shown in, where there are several. */
  scheme: Scheme | null;
  scale: number;
  /** The height of the view on the screen, in px. */
  height: number;
  root: string;
  file: string;
  /** What it shows; null as long as nothing is known of texts. */
  page: Rendered | null;
  atEnd: boolean;
  /** The selector of the drop-down that is shown open. */
  dropDown: string | null;
  drawer: { element: string; open: boolean } | null;
  blownUp: boolean;
  still: boolean;
  scroll: Scroll;
  handle: Ref<FrameHandle>;
  /** What is set for all views, in the head of the first. */
  tools: ReactNode;
  onScroll(top: number, most: number): void;
  onScrollTo(top: number): void;
  onBlowUp(): void;
  onDrawer(open: boolean): void;
  onNavigate(file: string): void;
  onLeave(href: string): void;
  onOpened(opened: boolean): void;
  onEscape(): void;
  /** The width of the head, in px of the screen, where it is not that of the view. */
  headWidth: number | undefined;
}

/** One view with its head, and its handle of scrolling beside it. */
export function View({
  site,
  language,
  pointing,
  view,
  scheme,
  scale,
  height,
  root,
  file,
  page,
  atEnd,
  ...more
}: ViewProps) {
  const { dropDown, drawer, blownUp, still, scroll, handle, tools, headWidth, ...on } = more;
  const name = scheme === 'dark' ? `${view.name} view, dark` : `${view.name} view`;
  const openElement = drawer?.open ? drawer.element : null;
  const content = useMemo(
    () => page && { ...page, drawer: openElement, dropDown, atEnd, still },
    [page, openElement, dropDown, atEnd, still],
  );
  return (
    <div className={styles.view}>
      <div
        className={styles.viewHead}
        style={headWidth === undefined ? undefined : { minInlineSize: 0, inlineSize: headWidth }}
      >
        <b>{view.name}</b>
        <span className="figures">
          {view.width}
          <span className={styles.unit}> px</span>
        </span>
        {scheme === null ? (
          <span className={`quiet ${styles.file}`}>{file}</span>
        ) : (
          scheme === 'dark' && <span className="quiet">dark</span>
        )}
        {tools}
        {drawer && (
          <button
            type="button"
            className={`plain ${drawer.open ? styles.pressed : ''}`}
            aria-pressed={drawer.open}
            aria-label={`Drawer open in the ${name}`}
            title={drawer.open ? 'Close the drawer' : 'Open the drawer'}
            onClick={() => on.onDrawer(!drawer.open)}
          >
            <MenuOutlined aria-hidden="true" />
          </button>
        )}
        <button
          type="button"
          className="plain"
          aria-pressed={blownUp}
          onClick={on.onBlowUp}
          aria-label={`${name} at 1:1`}
        >
          {blownUp ? 'all views' : '1:1'}
        </button>
      </div>
      <div className={styles.frame} style={{ inlineSize: view.width * scale, blockSize: height }}>
        <PointedFrame
          site={site}
          language={language}
          pointing={pointing}
          title={name}
          root={root}
          file={file}
          content={content}
          width={view.width}
          height={height / scale}
          scale={scale}
          onNavigate={on.onNavigate}
          onDrawer={(open) => on.onDrawer(open !== null)}
          onLeave={on.onLeave}
          onOpened={on.onOpened}
          onEscape={on.onEscape}
          onScroll={on.onScroll}
          scrollTo={scroll.wanted}
          handle={handle}
        />
      </div>
      {scroll.most > 0 && (
        <input
          type="range"
          className={styles.scroll}
          aria-label={`${name} scrolled by, in px`}
          title={`Scrolled by ${scroll.top} px`}
          style={{ height }}
          min={0}
          max={scroll.most}
          step={10}
          value={scroll.top}
          onChange={(event) => on.onScrollTo(Number(event.target.value))}
        />
      )}
    </div>
  );
}
