'use client';

import { Button, Dropdown } from 'antd';
import { useState } from 'react';
import { newId } from '@/client/new-id';
import { useEdit, useSite } from '@/client/open-site-context';
import { own } from '@/core/ids/id';
import { menuFormats } from '@/core/formats/menus';
import { menuFromPages } from '@/core/menus/from-pages';
import { menuCopy } from '@/core/menus/copy';
import { renderedPages } from '@/core/render/files';
import { slug } from '@/core/render/names';
import { pageFile } from '@/core/render/page/paths';
import { newItem, newMenu } from '@/core/site/defaults';
import type { Menu } from '@/core/site/menu';
import { TextCell } from '@/ui/table/text-cell';
import { Hint } from '../hints/hint';
import { saveText } from '../reading/save-text';
import { Screen } from '../shell/screen';
import { AddItems } from './add-items';
import { ItemDetails } from './item-details';
import { MenuPreview } from './menu-preview';
import { MenuTree } from './menu-tree';
import { ReadMenu } from './read-menu';
import { RemoveMenu } from './remove-menu';
import styles from './menus.module.css';

/** What is asked for in a dialog. */
type Asking = 'pages' | 'read' | 'remove' | null;

/** The name of the menu and what can be done with it as a whole. */
function MenuHead({
  menu,
  onAsk,
  onMade,
}: {
  menu: Menu;
  onAsk(asking: Asking): void;
  onMade(id: string): void;
}) {
  const site = useSite();
  const edit = useEdit();
  const duplicate = () => {
    const copy = menuCopy(menu, `${menu.name} copy`.slice(0, 60), newId);
    if (edit([{ edit: 'addMenu', menu: copy }]) === null) onMade(copy.id);
  };
  const write = menuFormats.map((format) => ({
    key: format.id,
    label: `as ${format.name}`,
    onClick: () =>
      saveText(`${slug(menu.name, 'menu')}.${format.ending}`, format.write(site, menu), format.mediaType),
  }));
  return (
    <div className={styles.head}>
      <h2>
        <TextCell
          label="Name of the menu"
          text={menu.name}
          keep={(name) => edit([{ edit: 'renameMenu', menu: menu.id, name }])}
        />
      </h2>
      <span className={styles.headActions}>
        <Button size="small" onClick={duplicate}>
          Duplicate
        </Button>
        <Dropdown trigger={['click']} menu={{ items: write }}>
          <Button size="small">Write out</Button>
        </Dropdown>
        <Button size="small" onClick={() => onAsk('remove')}>
          Remove…
        </Button>
      </span>
    </div>
  );
}

/** The menu that is looked at: its tree, what is added, its preview, and the item that is looked at. */
function ChosenMenu({
  menu,
  lookedAt,
  onAsk,
  onMade,
}: {
  menu: Menu;
  /** The item that is looked at to begin with; null for the first. */
  lookedAt: string | null;
  onAsk(asking: Asking): void;
  onMade(id: string): void;
}) {
  const site = useSite();
  const edit = useEdit();
  const [lookedFor, setCurrent] = useState(lookedAt);
  const current = lookedFor !== null && own(menu.items, lookedFor) ? lookedFor : (menu.top[0] ?? null);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const [file, setFile] = useState('index.html');
  const held = new Set([...chosen].filter((id) => menu.items[id]));
  const item = current !== null ? menu.items[current] : undefined;
  const looked = held.size > 1 ? [...held].map((id) => menu.items[id]!) : item ? [item] : [];
  const page = renderedPages(site).find((each) => pageFile(each.path) === file);
  const addLink = () => {
    const added = newItem({ id: newId(), label: 'New item', link: { to: 'nothing' } });
    edit([{ edit: 'addItems', menu: menu.id, items: [added], parent: null, before: null }]);
    setCurrent(added.id);
  };
  return (
    <>
      <div className={styles.middle}>
        <MenuHead menu={menu} onAsk={onAsk} onMade={onMade} />
        <div className={styles.tree}>
          <Hint of="menus" />
          <MenuTree
            menu={menu}
            page={page?.id ?? null}
            current={current}
            onCurrent={setCurrent}
            chosen={held}
            onChosen={setChosen}
          />
        </div>
        <div className={styles.add}>
          <Button size="small" onClick={() => onAsk('pages')} disabled={site.pageOrder.length === 0}>
            Add pages…
          </Button>
          <Button size="small" onClick={addLink}>
            Add a link or a label
          </Button>
          {held.size > 0 && (
            <>
              <span className="quiet">
                {held.size === 1 ? 'One item chosen' : `${held.size} items chosen`}
              </span>
              <Button
                size="small"
                danger
                onClick={() => edit([{ edit: 'removeItems', menu: menu.id, items: [...held] }])}
              >
                Remove {held.size === 1 ? 'it' : 'them'}
              </Button>
            </>
          )}
          <span className={`quiet ${styles.rule}`}>
            Added later, an item shows on every band, behind the one that it follows.
          </span>
        </div>
        <MenuPreview menuId={menu.id} file={file} onFile={setFile} />
      </div>
      {looked.length > 0 ? (
        <ItemDetails key={looked.map(({ id }) => id).join(' ')} menu={menu} items={looked} />
      ) : (
        <section className={styles.details} aria-label="Item">
          <p className="quiet">Choose an item to give it an icon, a badge, a title text or a description.</p>
          <p className="quiet">
            <i>Slanted</i> labels are the titles of pages. Click one to give the item a label of its own;
            empty it to take the page’s title again.
          </p>
        </section>
      )}
    </>
  );
}

/** The menus of the site, with the tree of the one that is looked at: to begin with that which is asked for, and its item. */
export function MenusScreen({ menuId, itemId }: { menuId: string | null; itemId: string | null }) {
  const site = useSite();
  const edit = useEdit();
  const [wanted, setWanted] = useState(menuId);
  const [asking, setAsking] = useState<Asking>(null);
  const menus = Object.values(site.menus);
  const menu = own(site.menus, wanted ?? '') ?? menus[0];
  const make = (made: Menu) => {
    if (edit([{ edit: 'addMenu', menu: made }]) === null) setWanted(made.id);
  };
  const name = `Menu ${menus.length + 1}`;
  const ofAllPages = () =>
    make(
      menuFromPages(
        newId(),
        name,
        site.pageOrder.map((id) => site.pages[id]!),
        () => newId(),
      ),
    );
  return (
    <Screen here="menus">
      <div className={styles.menus}>
        <section aria-label="Menus" className={styles.list}>
          <ul>
            {menus.map(({ id, name: menuName, items }) => (
              <li key={id}>
                <button
                  type="button"
                  className="plain"
                  aria-pressed={id === menu?.id}
                  onClick={() => setWanted(id)}
                >
                  {menuName} <span className="figures quiet">{Object.keys(items).length}</span>
                </button>
              </li>
            ))}
          </ul>
          <div className={styles.make}>
            <Button block onClick={() => make(newMenu({ id: newId(), name }))}>
              New menu
            </Button>
            <Button block onClick={ofAllPages} disabled={site.pageOrder.length === 0}>
              New menu of all pages
            </Button>
            <Button block onClick={() => setAsking('read')}>
              Read a menu…
            </Button>
          </div>
        </section>
        {menu ? (
          <ChosenMenu
            key={menu.id}
            menu={menu}
            lookedAt={menu.id === menuId ? itemId : null}
            onAsk={setAsking}
            onMade={setWanted}
          />
        ) : (
          <p className={styles.none}>
            No menu yet.{' '}
            {site.pageOrder.length === 0
              ? 'List the site’s pages first; a menu is made of them in the same step. Or read one from a pasted nav.'
              : 'Make one of the pages that are there, or read one from a pasted nav.'}
          </p>
        )}
      </div>
      {asking === 'pages' && menu && <AddItems menu={menu} onClose={() => setAsking(null)} />}
      {asking === 'remove' && menu && <RemoveMenu menu={menu} onClose={() => setAsking(null)} />}
      {asking === 'read' && (
        <ReadMenu menu={menu ?? null} onMade={setWanted} onClose={() => setAsking(null)} />
      )}
    </Screen>
  );
}
