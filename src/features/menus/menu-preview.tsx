'use client';

import { App } from 'antd';
import { memo, useEffect, useMemo, useState } from 'react';
import { LaterSite, useSite } from '@/client/open-site-context';
import type { Band } from '@/core/bands/band';
import type { Id } from '@/core/ids/id';
import { homePage, renderedPages } from '@/core/render/files';
import { pageFile } from '@/core/render/page/paths';
import type { Menu } from '@/core/site/menu';
import type { Page } from '@/core/site/page';
import type { Site } from '@/core/site/site';
import { PreviewFrame } from '@/ui/preview/preview-frame';
import { useSize } from '@/ui/use-size';
import { menuSpecimen } from './menu-specimen';
import styles from './menus.module.css';

/** The height of the views, in px of the screen, and the scale to which they are drawn. */
const HEIGHT = 208;
const SCALE = 0.8;

/** From how many items on a menu is not drawn with every edit, and the pause in ms after which it is. */
const LARGE = 200;
const PAUSE = 500;

interface ViewProps {
  site: Site;
  menu: Menu;
  page: Page;
  band: Band;
  /** In px of the screen. */
  width: number;
  onFile(file: string): void;
}

/** The menu in one band; each is drawn on its own, so that typing never waits for all of them. */
const View = memo(function View({ site, menu, page, band, width, onFile }: ViewProps) {
  const { notification } = App.useApp();
  const specimen = useMemo(() => menuSpecimen(site, menu.id, page, band.id), [site, menu.id, page, band.id]);
  const content = useMemo(() => ({ ...specimen, drawer: null, atEnd: false }), [specimen]);
  return (
    <div>
      <span>{band.name}</span>
      <div className={styles.frame} style={{ inlineSize: width, blockSize: HEIGHT }}>
        <PreviewFrame
          title={`${menu.name} on ${band.name}`}
          root={`/frame/${site.id}`}
          file={pageFile(page.path)}
          content={content}
          width={width / SCALE}
          height={HEIGHT / SCALE}
          scale={SCALE}
          onNavigate={onFile}
          onDrawer={() => undefined}
          onLeave={(href) =>
            notification.info({
              title: 'A preview stays on the site',
              description: `The link leads to ${href}.`,
              placement: 'bottomLeft',
            })
          }
        />
      </div>
    </div>
  );
});

/** The site as it is drawn in the views: at once for a menu of a usual size, after a pause in the work for a very large one. */
function useDrawnSite(menuId: Id): Site {
  const site = useSite();
  const [drawn, setDrawn] = useState(site);
  const large = Object.keys(site.menus[menuId]?.items ?? {}).length > LARGE;
  useEffect(() => {
    if (!large) return;
    const timer = setTimeout(() => setDrawn(site), PAUSE);
    return () => clearTimeout(timer);
  }, [site, large]);
  return large ? drawn : site;
}

function LaterPreview({ menuId, file, onFile }: MenuPreviewProps) {
  const site = useDrawnSite(menuId);
  const [room, { width }] = useSize<HTMLDivElement>();
  const menu = site.menus[menuId];
  const page = renderedPages(site).find((each) => pageFile(each.path) === file) ?? homePage(site);
  const { length } = site.bands;
  const each = Math.max(160, Math.floor((width - 12 * (length - 1)) / length));
  return (
    <section className={styles.preview} aria-label="Preview">
      <p>
        <b>{page.title}</b> <span className="figures quiet">{page.path}</span>{' '}
        <span className="quiet">
          · click through; <span aria-hidden="true">●</span> in the tree is this page,{' '}
          <span aria-hidden="true">○</span> the way to it
        </span>
      </p>
      <div ref={room} className={styles.views}>
        {width > 0 &&
          menu &&
          site.bands.map((band) => (
            <View key={band.id} {...{ site, menu, page, band, onFile }} width={each} />
          ))}
      </div>
    </section>
  );
}

interface MenuPreviewProps {
  menuId: Id;
  file: string;
  onFile(file: string): void;
}

/** A menu on a page in every band at once, to click through: where one is, is marked by itself. The tree shows an edit before. */
export function MenuPreview(props: MenuPreviewProps) {
  return (
    <LaterSite>
      <LaterPreview {...props} />
    </LaterSite>
  );
}
