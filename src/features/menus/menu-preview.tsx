'use client';

import { App } from 'antd';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useSite } from '@/client/open-site-context';
import { homePage, renderedPages } from '@/core/render/files';
import { pageFile } from '@/core/render/paths';
import type { Menu } from '@/core/site/menu';
import { PreviewFrame } from '@/ui/preview/preview-frame';
import { menuSpecimens } from './menu-specimen';
import styles from './menus.module.css';

/** The height of the views, in px of the screen, and the scale to which they are drawn. */
const HEIGHT = 208;
const SCALE = 0.8;

/** The width of an element in px, kept up to date. */
function useWidth() {
  const element = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(0);
  useEffect(() => {
    const observer = new ResizeObserver(([entry]) => setWidth(entry!.contentRect.width));
    if (element.current) observer.observe(element.current);
    return () => observer.disconnect();
  }, []);
  return [element, width] as const;
}

/** A menu on a page in every band at once, to click through: where one is, is marked by itself. */
export function MenuPreview({
  menu,
  file,
  onFile,
}: {
  menu: Menu;
  file: string;
  onFile(file: string): void;
}) {
  const site = useSite();
  const { notification } = App.useApp();
  const [room, width] = useWidth();
  const page = renderedPages(site).find((each) => pageFile(each.path) === file) ?? homePage(site);
  const views = useMemo(() => menuSpecimens(site, menu.id, page), [site, menu.id, page]);
  const each = Math.max(160, Math.floor((width - 12 * (views.length - 1)) / views.length));
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
          views.map(({ band, html, css }) => (
            <div key={band.id}>
              <span>{band.name}</span>
              <div className={styles.frame} style={{ inlineSize: each, blockSize: HEIGHT }}>
                <PreviewFrame
                  title={`${menu.name} on ${band.name}`}
                  root={`/frame/${site.id}`}
                  file={pageFile(page.path)}
                  content={{ html, css, drawer: null, atEnd: false }}
                  width={each / SCALE}
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
          ))}
      </div>
    </section>
  );
}
