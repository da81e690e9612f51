'use client';

import { Checkbox, Input } from 'antd';
import { useCallback, useMemo, useState } from 'react';
import { newId } from '@/client/new-id';
import { useEdit, useSite } from '@/client/open-site-context';
import { pageFormats } from '@/core/formats/pages';
import type { FoundPage } from '@/core/formats/pages/found-page';
import { ReadingDialog } from '../reading/reading-dialog';
import readingStyles from '../reading/reading.module.css';
import { addFoundPages, takenPaths } from './found-pages';

const example = `Home  /
Rooms  /rooms
  The tower room  /rooms/tower
Visit  /visit`;

function depthOf(pages: readonly FoundPage[], index: number): number {
  const { parent } = pages[index]!;
  return parent === null ? 0 : 1 + depthOf(pages, parent);
}

/** A dialog that reads a pasted list, a sitemap or CSV, shows what it understood, and adds it. */
export function AddPages({ onClose }: { onClose(): void }) {
  const site = useSite();
  const edit = useEdit();
  const [menuWanted, setMenuWanted] = useState(Object.keys(site.menus).length === 0);
  const [menuName, setMenuName] = useState('Main');
  const taken = useMemo(() => takenPaths(site), [site]);
  const ask = useCallback(
    (format: string, text: string) => ({ read: 'pages' as const, format, text, taken }),
    [taken],
  );
  return (
    <ReadingDialog
      title="Add pages"
      prompt="One page a line: its title, then its path. Indent a page below another to nest it. A sitemap’s XML and CSV with the columns title, path, parent and tags are read too."
      placeholder={example}
      accept=".xml,.txt,.csv,text/xml,text/plain,text/csv"
      openLabel="Open a sitemap, CSV or text file…"
      formats={pageFormats}
      ask={ask}
      describe={(page, index, all) => ({
        depth: depthOf(all, index),
        label: page.title,
        detail: [page.path, ...page.tags.map((tag) => `#${tag}`)].join(' '),
      })}
      nouns={['page', 'pages']}
      ready={!menuWanted || menuName.trim() !== ''}
      onAdd={(pages) =>
        edit(addFoundPages(pages, menuWanted ? menuName.trim() : null, newId), null, 'Before reading pages')
      }
      onClose={onClose}
    >
      {() => (
        <p className={readingStyles.besides}>
          <Checkbox checked={menuWanted} onChange={(event) => setMenuWanted(event.target.checked)}>
            and make a menu of them, named
          </Checkbox>
          <Input
            value={menuName}
            aria-label="Name of the menu"
            maxLength={60}
            disabled={!menuWanted}
            onChange={(event) => setMenuName(event.target.value)}
          />
        </p>
      )}
    </ReadingDialog>
  );
}
