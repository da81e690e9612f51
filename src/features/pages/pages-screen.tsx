'use client';

import { App, Button, Dropdown, Input, Select } from 'antd';
import { useDeferredValue, useMemo, useState } from 'react';
import { newId } from '@/client/new-id';
import { useEdit, useSite } from '@/client/open-site-context';
import { writePageCsv } from '@/core/formats/pages/csv';
import { writeSitemap } from '@/core/formats/pages/sitemap';
import { menuFromPages } from '@/core/menus/from-pages';
import type { Id } from '@/core/ids/id';
import { slug } from '@/core/render/names';
import type { Page } from '@/core/site/page';
import type { Site } from '@/core/site/site';
import { pagesByParent } from '@/core/site/page-tree';
import { usesById, type Use } from '@/core/site/uses';
import { TextCell } from '@/ui/table/text-cell';
import { TreeTable, type TreeColumn } from '@/ui/tree/tree-table';
import { treeRows, type TreeRow } from '@/ui/tree/tree-rows';
import { ScreenLink } from '@/ui/screen-link';
import { Hint } from '../hints/hint';
import { ReadWebsite } from '../reading/read-website';
import { saveText } from '../reading/save-text';
import { Screen } from '../shell/screen';
import { AddPages } from './add-pages';
import { PathCell } from './path-cell';
import { RemovePages } from './remove-pages';
import { StandInCell } from './stand-in-cell';
import styles from './pages.module.css';
import { useSetLanguages } from './use-set-languages';

/** The rows of the page tree; with a filter, pages that it holds for and those above them, by title, path and tag. */
function pageRows(site: Site, filter: string): TreeRow[] {
  const { pages, pageOrder } = site;
  const words = filter.trim().toLowerCase();
  const found = new Set<Id>();
  if (words !== '') {
    const holds = ({ title, path, tags }: Page) =>
      [title, path, ...tags.map((tag) => `#${tag}`)].some((text) => text.toLowerCase().includes(words));
    for (const page of Object.values(pages).filter(holds))
      for (let at: Id | null = page.id; at !== null && !found.has(at); at = pages[at]!.parent) found.add(at);
  }
  const below = pagesByParent(site, words === '' ? pageOrder : pageOrder.filter((id) => found.has(id)));
  return treeRows(below.get(null) ?? [], (id) => below.get(id) ?? []);
}

/** The names of the menus among uses, each once. */
function menuNames(uses: readonly Use[]): string[] {
  return [...new Set(uses.flatMap(({ holder }) => (holder.holds === 'item' ? [holder.menu.name] : [])))];
}

function tagsFrom(text: string): string[] {
  return [...new Set(text.split(',').map((tag) => tag.trim().replace(/^#/, '')))].filter((tag) => tag !== '');
}

/** What can be done with several pages at once. */
function ChosenPages({
  chosen,
  onRemove,
  onNone,
}: {
  chosen: readonly Id[];
  onRemove(): void;
  onNone(): void;
}) {
  const site = useSite();
  const edit = useEdit();
  const { notification } = App.useApp();
  const [tag, setTag] = useState('');
  const say = (reason: string | null) =>
    reason &&
    notification.warning({ title: 'Nothing was changed', description: reason, placement: 'bottomLeft' });
  const tags = [...new Set(chosen.flatMap((id) => site.pages[id]!.tags))];
  const addToMenu = (id: Id) => {
    const pages = site.pageOrder.filter((page) => chosen.includes(page)).map((page) => site.pages[page]!);
    const { items } = menuFromPages('any', 'any', pages, () => newId());
    say(edit([{ edit: 'addItems', menu: id, items: Object.values(items), parent: null, before: null }]));
  };
  return (
    <div className={styles.chosen} role="group" aria-label="Chosen pages">
      <b>{chosen.length === 1 ? 'One page' : `${chosen.length} pages`} chosen</b>
      <Input
        size="small"
        value={tag}
        placeholder="tag"
        aria-label="Tag"
        maxLength={40}
        onChange={(event) => setTag(event.target.value)}
      />
      <Button
        size="small"
        disabled={tag.trim() === ''}
        onClick={() => {
          say(edit([{ edit: 'tagPages', pages: [...chosen], add: tagsFrom(tag), remove: [] }]));
          setTag('');
        }}
      >
        Put the tag on
      </Button>
      {tags.length > 0 && (
        <Select
          size="small"
          aria-label="Take a tag off"
          placeholder="take a tag off"
          value={null}
          popupMatchSelectWidth={false}
          options={tags.map((value) => ({ value, label: value }))}
          onChange={(value: string | null) =>
            value && say(edit([{ edit: 'tagPages', pages: [...chosen], add: [], remove: [value] }]))
          }
        />
      )}
      <Select
        size="small"
        aria-label="Add to a menu"
        placeholder="add to a menu"
        value={null}
        popupMatchSelectWidth={false}
        options={Object.values(site.menus).map(({ id, name }) => ({ value: id, label: name }))}
        onChange={(value: string | null) => value && addToMenu(value)}
      />
      <Button size="small" danger onClick={onRemove}>
        Remove…
      </Button>
      <Button size="small" type="text" onClick={onNone}>
        Choose none
      </Button>
    </div>
  );
}

/** What stands in a sitemap where the site’s address is not known. */
const EXAMPLE_ADDRESS = 'https://www.example.com';

/** The pages of the site as a tree, with what leads to them. */
export function PagesScreen() {
  const site = useSite();
  const edit = useEdit();
  const setLanguages = useSetLanguages();
  const [adding, setAdding] = useState(false);
  const [reading, setReading] = useState(false);
  const [removing, setRemoving] = useState<readonly Id[] | null>(null);
  const [filter, setFilter] = useState('');
  const [current, setCurrent] = useState<Id | null>(null);
  const [chosenIds, setChosen] = useState<ReadonlySet<Id>>(new Set());
  const later = useDeferredValue(filter);
  const rows = useMemo(() => pageRows(site, later), [site, later]);
  const uses = usesById(site, 'pages');
  const chosen = useMemo(
    () => new Set([...chosenIds].filter((id) => site.pages[id])),
    [chosenIds, site.pages],
  );
  const count = site.pageOrder.length;
  const name = slug(site.name, 'site');

  const columns: TreeColumn[] = [
    {
      key: 'title',
      label: 'Title',
      cell({ id }) {
        const page = site.pages[id]!;
        const following = (uses.get(id) ?? []).filter(
          ({ holder }) => holder.holds === 'item' && holder.item.label === null,
        ).length;
        return (
          <TextCell
            label={`Title of ${page.path}`}
            text={page.title}
            hint={() =>
              following === 0
                ? null
                : `${following === 1 ? 'One item of a menu bears' : `${following} items of menus bear`} this title and will follow.`
            }
            keep={(title) => edit([{ edit: 'changePage', page: id, title }])}
          />
        );
      },
    },
    ...site.languages.slice(1).map((language): TreeColumn => ({
      key: language,
      label: `Title, ${language}`,
      width: '16%',
      cell: ({ id }) => (
        <TextCell
          label={`Title of ${site.pages[id]!.path} in ${language}`}
          text={site.pages[id]!.titles[language] ?? ''}
          placeholder={site.pages[id]!.title}
          keep={(title) =>
            edit([{ edit: 'translatePage', page: id, language, title: title === '' ? null : title }])
          }
        />
      ),
    })),
    {
      key: 'path',
      label: 'Path',
      width: '20%',
      cell: ({ id }) => (
        <span className="figures">
          <PathCell page={site.pages[id]!} uses={uses.get(id)?.length ?? 0} />
        </span>
      ),
    },
    {
      key: 'tags',
      label: 'Tags',
      width: '10%',
      cell: ({ id }) => (
        <TextCell
          label={`Tags of ${site.pages[id]!.title}`}
          text={site.pages[id]!.tags.join(', ')}
          placeholder="–"
          keep={(text) => edit([{ edit: 'changePage', page: id, tags: tagsFrom(text) }])}
        />
      ),
    },
    {
      key: 'standIn',
      label: 'Stands in',
      width: '15%',
      cell: ({ id }) => <StandInCell page={site.pages[id]!} />,
    },
    {
      key: 'menus',
      label: 'In menus',
      width: '12%',
      cell: ({ id }) => menuNames(uses.get(id) ?? []).join(', ') || <span className="quiet">none</span>,
    },
    {
      key: 'actions',
      label: <span className="seen-by-readers-only">Actions</span>,
      width: '88px',
      cell: ({ id }) => (
        <button
          type="button"
          className="plain"
          aria-label={`Remove ${site.pages[id]!.title}`}
          onClick={() => setRemoving([id])}
        >
          Remove…
        </button>
      ),
    },
  ];

  return (
    <Screen here="pages">
      <div className={styles.page}>
        <Hint of="pages" />
        <div className={styles.head}>
          <h2>{count === 0 ? 'No page yet' : count === 1 ? 'One page' : `${count} pages`}</h2>
          {count > 0 && (
            <Input
              allowClear
              className={styles.filter}
              value={filter}
              placeholder="Find by title, path or #tag"
              aria-label="Find pages"
              onChange={(event) => setFilter(event.target.value)}
            />
          )}
          <span className={styles.languages}>
            <span className="quiet">Languages</span>
            <span className="figures">
              <TextCell
                label="Languages of the site"
                text={site.languages.join(', ')}
                hint={() => 'Language tags, the one of the site’s texts first, such as en, de.'}
                keep={(text) => setLanguages(tagsFrom(text))}
              />
            </span>
          </span>
          <span className={styles.languages}>
            <span className="quiet">Address</span>
            <span className="figures">
              <TextCell
                label="Address of the site"
                text={site.address ?? ''}
                placeholder="not known yet"
                hint={() =>
                  'Where the site will stand, such as https://www.example.com. Search engines are told of its languages with it.'
                }
                keep={(text) => edit([{ edit: 'setAddress', address: text === '' ? null : text }])}
              />
            </span>
          </span>
          <span className={styles.actions}>
            {count > 0 && (
              <Dropdown
                trigger={['click']}
                menu={{
                  items: [
                    {
                      key: 'csv',
                      label: 'as CSV',
                      onClick: () => saveText(`${name}-pages.csv`, writePageCsv(site), 'text/csv'),
                    },
                    {
                      key: 'sitemap',
                      label: `as a sitemap, for ${site.address ?? EXAMPLE_ADDRESS}`,
                      onClick: () =>
                        saveText(
                          'sitemap.xml',
                          writeSitemap(site, site.address ?? EXAMPLE_ADDRESS),
                          'text/xml',
                        ),
                    },
                  ],
                }}
              >
                <Button>Write out</Button>
              </Dropdown>
            )}
            <Button onClick={() => setReading(true)}>Read a website…</Button>
            <Button type={count === 0 ? 'primary' : 'default'} onClick={() => setAdding(true)}>
              Add pages…
            </Button>
          </span>
        </div>
        {chosen.size > 0 && (
          <ChosenPages
            chosen={[...chosen]}
            onRemove={() => setRemoving([...chosen])}
            onNone={() => setChosen(new Set())}
          />
        )}
        {count === 0 ? (
          <p>
            Paste the list of the site’s pages, or open its sitemap. A menu is made of them in the same step.
            Or <ScreenLink href={`/sites/${site.id}/begin`}>begin with all at once</ScreenLink>: pages,
            colours, logo, header, drawer and footer.
          </p>
        ) : rows.length === 0 ? (
          <p className="quiet">No page has “{later.trim()}” in its title, path or tags.</p>
        ) : (
          <TreeTable
            label="Pages"
            noun="page"
            rows={rows}
            columns={columns}
            nameOf={(id) => site.pages[id]?.title ?? ''}
            current={current}
            onCurrent={setCurrent}
            chosen={chosen}
            onChosen={setChosen}
            onMove={(pages, spot) => edit([{ edit: 'movePages', pages, ...spot }])}
            onRemove={setRemoving}
          />
        )}
      </div>
      {adding && <AddPages onClose={() => setAdding(false)} />}
      {reading && <ReadWebsite onClose={() => setReading(false)} />}
      {removing && (
        <RemovePages
          pages={removing}
          onClose={() => setRemoving(null)}
          onDone={() => {
            setRemoving(null);
            setChosen(new Set());
          }}
        />
      )}
    </Screen>
  );
}
