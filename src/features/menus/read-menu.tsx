'use client';

import { Checkbox, Input, Radio } from 'antd';
import { useCallback, useState } from 'react';
import { newId } from '@/client/new-id';
import { useEdit, useSite } from '@/client/open-site-context';
import type { Edit } from '@/core/edit';
import { menuFormats } from '@/core/formats/menus';
import { matchItems, unknownPaths, type FoundItem } from '@/core/formats/menus/found-item';
import { pagesByPath } from '@/core/menus/link-text';
import { newMenu, newPage } from '@/core/site/defaults';
import { pathKey, type Page } from '@/core/site/page';
import type { Menu } from '@/core/site/menu';
import type { Site } from '@/core/site/site';
import { ReadingDialog } from '../reading/reading-dialog';
import readingStyles from '../reading/reading.module.css';

const example = `Rooms  /rooms
  The tower room  /rooms/tower
Write to us  mailto:crew@example.com
Elsewhere  https://www.example.com`;

function depthOf(items: readonly FoundItem[], index: number): number {
  const { parent } = items[index]!;
  return parent === null ? 0 : 1 + depthOf(items, parent);
}

/** A target that was read, in words. */
function targetWords({ target }: FoundItem): string {
  if (target.named === 'page') return `${target.path}${target.section === null ? '' : `#${target.section}`}`;
  if (target.named !== 'link') return `${target.named}: ${target.name}`;
  const { link } = target;
  if (link.to === 'address') return link.address;
  if (link.to === 'email') return link.email;
  if (link.to === 'telephone') return link.telephone;
  return link.to === 'language' ? `language: ${link.language}` : 'nowhere';
}

/** A page for each path that a menu leads to and the site does not have, placed below the page that its path lies below. */
function newPages(site: Site, found: readonly FoundItem[]): Page[] {
  const idByPath = new Map(Object.values(site.pages).map(({ id, path }) => [pathKey(path), id]));
  const unknown = [...unknownPaths(site, found)].map(([path, title]) => ({ id: newId(), path, title }));
  for (const { id, path } of unknown) idByPath.set(pathKey(path), id);
  return unknown.map(({ id, path, title }) => {
    const above = path.split('/').slice(0, -1).join('/');
    return newPage({ id, title, path, parent: (above !== '' && idByPath.get(pathKey(above))) || null });
  });
}

/** A dialog that reads a menu in any of the open forms, and adds it as a new menu or to the one that is looked at. */
export function ReadMenu({
  menu,
  onMade,
  onClose,
}: {
  menu: Menu | null;
  onMade(id: string): void;
  onClose(): void;
}) {
  const site = useSite();
  const edit = useEdit();
  const [into, setInto] = useState<'new' | 'this'>('new');
  const [name, setName] = useState(`Menu ${Object.keys(site.menus).length + 1}`);
  const [pagesWanted, setPagesWanted] = useState(true);
  const ask = useCallback((format: string, text: string) => ({ read: 'menu' as const, format, text }), []);
  const add = (found: readonly FoundItem[]): string | null => {
    const pages = pagesWanted ? newPages(site, found) : [];
    const known = pagesByPath(site);
    const added = new Map(pages.map(({ id, path }) => [pathKey(path), id]));
    const { items, top } = matchItems(site, found, newId, (key) => known(key) ?? added.get(key));
    const edits: Edit[] = pages.length > 0 ? [{ edit: 'addPages', pages }] : [];
    if (into === 'this' && menu) {
      edits.push({ edit: 'addItems', menu: menu.id, items, parent: null, before: null });
      return edit(edits, null, 'Before reading a menu');
    }
    const made = newMenu({
      id: newId(),
      name: name.trim(),
      top,
      items: Object.fromEntries(items.map((item) => [item.id, item])),
    });
    const reason = edit([...edits, { edit: 'addMenu', menu: made }], null, 'Before reading a menu');
    if (reason === null) onMade(made.id);
    return reason;
  };
  return (
    <ReadingDialog
      title="Read a menu"
      prompt="One item a line: its label, then where it leads. Indent an item below another to nest it. The HTML of a list or nav, a Markdown list, OPML and CSV are read too."
      placeholder={example}
      accept=".opml,.xml,.html,.htm,.csv,.md,.txt"
      openLabel="Open a file…"
      formats={menuFormats}
      ask={ask}
      losses={(found) =>
        (pagesWanted ? matchItems(site, found, newId, () => 'any') : matchItems(site, found, newId)).problems
      }
      describe={(item, index, all) => ({
        depth: depthOf(all, index),
        label: item.label,
        detail: targetWords(item),
      })}
      nouns={['item', 'items']}
      ready={into === 'this' || name.trim() !== ''}
      onAdd={add}
      onClose={onClose}
    >
      {(found) => {
        const unknown = unknownPaths(site, found).size;
        return (
          <>
            {unknown > 0 && (
              <Checkbox checked={pagesWanted} onChange={(event) => setPagesWanted(event.target.checked)}>
                also add {unknown === 1 ? 'the page' : `the ${unknown} pages`} that the site does not have yet
              </Checkbox>
            )}
            <p className={readingStyles.besides}>
              {menu ? (
                <Radio.Group value={into} onChange={(event) => setInto(event.target.value)}>
                  <Radio value="this">at the end of “{menu.name}”</Radio>
                  <Radio value="new">as a new menu, named</Radio>
                </Radio.Group>
              ) : (
                'as a menu, named'
              )}
              <Input
                value={name}
                aria-label="Name of the menu"
                maxLength={60}
                disabled={into === 'this'}
                onChange={(event) => setName(event.target.value)}
              />
            </p>
          </>
        );
      }}
    </ReadingDialog>
  );
}
