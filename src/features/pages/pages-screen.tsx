'use client';

import { App, Button } from 'antd';
import { useMemo, useState } from 'react';
import { useEdit, useSite } from '@/client/open-site-context';
import { pageTrail } from '@/core/menus/entries';
import { allReferences } from '@/core/site/integrity';
import { TextCell } from '@/ui/table/text-cell';
import { Screen } from '../shell/screen';
import { AddPages } from './add-pages';
import styles from './pages.module.css';

/** The pages of the site, with the menus that hold them. */
export function PagesScreen() {
  const site = useSite();
  const edit = useEdit();
  const { notification } = App.useApp();
  const [adding, setAdding] = useState(false);
  const menusByPage = useMemo(() => {
    const byPage = new Map<string, Set<string>>();
    for (const { to, id, path } of allReferences(site)) {
      const menu = path.startsWith('menus.') ? site.menus[path.split('.')[1]!] : undefined;
      if (to === 'pages' && menu) byPage.set(id, (byPage.get(id) ?? new Set()).add(menu.name));
    }
    return byPage;
  }, [site]);
  const remove = (id: string, title: string) => {
    const reason = edit([{ edit: 'removePage', page: id }]);
    if (reason)
      notification.warning({
        title: `“${title}” cannot be removed yet`,
        description: `Something still leads to it. ${reason}`,
        placement: 'bottomLeft',
      });
  };

  return (
    <Screen here="pages">
      <div className={styles.page}>
        <div className={styles.head}>
          <h2>{site.pageOrder.length === 0 ? 'No page yet' : `${site.pageOrder.length} pages`}</h2>
          <Button type={site.pageOrder.length === 0 ? 'primary' : 'default'} onClick={() => setAdding(true)}>
            Add pages…
          </Button>
        </div>
        {site.pageOrder.length === 0 ? (
          <p>
            Paste the list of the site’s pages, or open its sitemap. A menu is made of them in the same step.
          </p>
        ) : (
          <table className="rows" aria-label="Pages">
            <thead>
              <tr>
                <th scope="col">Title</th>
                <th scope="col">Path</th>
                <th scope="col">In menus</th>
                <th scope="col">
                  <span className="seen-by-readers-only">Actions</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {site.pageOrder.map((id) => {
                const page = site.pages[id]!;
                return (
                  <tr key={id}>
                    <th scope="row" style={{ paddingInlineStart: 20 * (pageTrail(site, id).length - 1) }}>
                      <TextCell
                        label={`Title of ${page.path}`}
                        text={page.title}
                        keep={(title) => edit([{ edit: 'changePage', page: id, title }])}
                      />
                    </th>
                    <td className="figures">
                      <TextCell
                        label={`Path of ${page.title}`}
                        text={page.path}
                        keep={(path) => edit([{ edit: 'changePage', page: id, path }])}
                      />
                    </td>
                    <td>
                      {[...(menusByPage.get(id) ?? [])].join(', ') || <span className="quiet">none</span>}
                    </td>
                    <td className={styles.actions}>
                      <button
                        type="button"
                        className="plain"
                        aria-label={`Remove ${page.title}`}
                        onClick={() => remove(id, page.title)}
                      >
                        Remove
                      </button>
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        )}
      </div>
      <AddPages open={adding} onClose={() => setAdding(false)} />
    </Screen>
  );
}
