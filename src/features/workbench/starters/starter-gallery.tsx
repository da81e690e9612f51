'use client';

import { Modal } from 'antd';
import { memo, useEffect, useMemo, useState } from 'react';
import { useAdvances, useSite } from '@/client/open-site-context';
import { homePage } from '@/core/render/files';
import { pageFile } from '@/core/render/page/paths';
import { renderPage } from '@/core/render/page/page';
import { viewStylesheet } from '@/core/render/stylesheet/stylesheet';
import type { Site } from '@/core/site/site';
import { starters } from '@/core/starters';
import { startHeader, type Starter } from '@/core/starters/starter';
import type { Advances } from '@/core/text/advances';
import { PreviewFrame } from '@/ui/preview/preview-frame';
import styles from './starters.module.css';

/** A specimen shows this much of a page, in CSS px, to this scale. */
const WIDTH = 1200;
const HEIGHT = 300;
const SCALE = 0.28;

/** A view for each starter would keep the page waiting; they are put in one after another, this many ms apart. */
const PAUSE = 60;

const nothing = () => undefined;

/** A page with nothing but a starter on it, as HTML and CSS. */
function starterPage(site: Site, starter: Starter, advances: Advances): { html: string; css: string } {
  let count = 0;
  const { header, menus } = startHeader(site, starter, starter.name, () => `starter-${(count += 1)}`);
  const added = Object.fromEntries(menus.map((menu) => [menu.id, menu]));
  const seen: Site = {
    ...site,
    menus: { ...site.menus, ...added },
    headers: { [header.id]: header },
    footers: {},
  };
  return {
    html: renderPage(seen, homePage(site), { header, footer: null }, site.languages[0], advances),
    css: viewStylesheet(seen),
  };
}

/** A starter drawn with the site's own brand and menus. */
const Specimen = memo(function Specimen({ site, starter }: { site: Site; starter: Starter }) {
  const advances = useAdvances();
  const content = useMemo(
    () => ({ ...starterPage(site, starter, advances), drawer: null, atEnd: false }),
    [site, starter, advances],
  );
  return (
    <PreviewFrame
      title={`${starter.name}, drawn`}
      root={`/frame/${site.id}`}
      file={pageFile(homePage(site).path)}
      content={content}
      width={WIDTH}
      height={HEIGHT}
      scale={SCALE}
      onNavigate={nothing}
      onDrawer={nothing}
      onLeave={nothing}
    />
  );
});

/** How many of the specimens are drawn by now. */
function useDrawnOneByOne(all: number): number {
  const [drawn, setDrawn] = useState(1);
  useEffect(() => {
    if (drawn >= all) return;
    const timer = setTimeout(() => setDrawn(drawn + 1), PAUSE);
    return () => clearTimeout(timer);
  }, [drawn, all]);
  return drawn;
}

interface StarterGalleryProps {
  /** Null for a header with nothing in it. */
  onPick(starter: Starter | null): void;
  onClose(): void;
}

/** Ready-made headers to begin with, drawn live with the site's brand and menus. */
export function StarterGallery({ onPick, onClose }: StarterGalleryProps) {
  const site = useSite();
  const drawn = useDrawnOneByOne(starters.length);
  return (
    <Modal
      open
      width={1136}
      title="Begin a header"
      footer={null}
      onCancel={onClose}
      styles={{ body: { maxHeight: '72vh', overflowY: 'auto' } }}
    >
      <p className="quiet">
        Each is drawn with this site’s brand and menus, and can be changed to the last value afterwards.
      </p>
      <ul className={styles.gallery}>
        <li>
          <button type="button" className={styles.starter} onClick={() => onPick(null)}>
            <span className={styles.bare}>one empty bar</span>
            <b>Empty</b>
            <span className="quiet">A bar with three empty bays, to put pieces in.</span>
          </button>
        </li>
        {starters.map((starter, index) => (
          <li key={starter.id}>
            <button type="button" className={styles.starter} onClick={() => onPick(starter)}>
              <span
                className={styles.drawing}
                style={{ inlineSize: WIDTH * SCALE, blockSize: HEIGHT * SCALE }}
                aria-hidden="true"
                inert
              >
                {index < drawn && <Specimen site={site} starter={starter} />}
              </span>
              <b>{starter.name}</b>
              <span className="quiet">{starter.about}</span>
            </button>
          </li>
        ))}
      </ul>
    </Modal>
  );
}
