'use client';

import { Input } from 'antd';
import { useMemo, useState } from 'react';
import { useSite } from '@/client/open-site-context';
import { pieceKind } from '@/core/pieces';
import { languageName } from '@/core/site/language';
import type { Page } from '@/core/site/page';
import { pagesByParent } from '@/core/site/page-tree';
import { standsAt, withGiven } from '@/core/site/placing';
import { slots, type Slot } from '@/core/site/placing-schema';
import type { Site } from '@/core/site/site';
import { treeRows } from '@/ui/tree/tree-rows';
import { whyText } from './placing-words';
import { StandSelect } from './stand-select';
import { usePlace } from './use-place';
import styles from './placing.module.css';

/** The most pages that stand in the table; of more, those are found by their titles and paths. */
const MOST_SHOWN = 200;

/** The names of the drawers that pieces of a header open, at whatever width. */
function drawersOf(site: Site, header: string | null): string[] {
  const pieces = Object.values((header === null ? undefined : site.headers[header])?.pieces ?? {});
  const opened = pieces.flatMap(({ kind, values }) =>
    pieceKind(kind).properties.flatMap(({ name, kind: { references } }) =>
      Object.values(values[name] ?? {}).flatMap((value) =>
        (references?.(value) ?? []).filter(({ to }) => to === 'drawers').map(({ id }) => id),
      ),
    ),
  );
  return [...new Set(opened)].flatMap((id) => site.drawers[id]?.name ?? []);
}

/** What stands in a slot of a page in other languages, where that is something else. */
function otherLanguages(site: Site, slot: Slot, page: Page): string[] {
  const [first, ...others] = site.languages;
  const usual = standsAt(site, slot, page, first).id;
  return others.flatMap((language) => {
    const { id } = standsAt(site, slot, page, language);
    const name = id === null ? `no ${slot}` : (site[`${slot}s`][id]?.name ?? '?');
    return id === usual ? [] : [`${languageName(language)}: ${name}`];
  });
}

/** Every page with what stands on it and why; a page’s own choice is made here. */
export function PageTable() {
  const site = useSite();
  const place = usePlace();
  const [filter, setFilter] = useState('');
  const rows = useMemo(() => {
    const below = pagesByParent(site, site.pageOrder);
    return treeRows(below.get(null) ?? [], (id) => below.get(id) ?? []);
  }, [site]);
  const words = filter.trim().toLowerCase();
  const found = rows.filter(({ id }) => {
    const { title, path } = site.pages[id]!;
    return words === '' || [title, path].some((text) => text.toLowerCase().includes(words));
  });
  if (rows.length === 0)
    return <p>No page yet. What stands on all pages is chosen above; rules come with the pages.</p>;
  return (
    <section aria-label="Pages and what stands on them" className={styles.pages}>
      <div className={styles.head}>
        <h2>Pages</h2>
        <Input
          allowClear
          className={styles.filter}
          value={filter}
          placeholder="Find by title or path"
          aria-label="Find pages"
          onChange={(event) => setFilter(event.target.value)}
        />
      </div>
      <table className="rows" aria-label="What stands on each page">
        <colgroup>
          <col />
          <col style={{ inlineSize: '17%' }} />
          <col style={{ inlineSize: '17%' }} />
          <col style={{ inlineSize: '12%' }} />
          <col style={{ inlineSize: '28%' }} />
        </colgroup>
        <thead>
          <tr>
            <th scope="col">Page</th>
            <th scope="col">Header</th>
            <th scope="col">Footer</th>
            <th scope="col">Drawer</th>
            <th scope="col">Why</th>
          </tr>
        </thead>
        <tbody>
          {found.slice(0, MOST_SHOWN).map(({ id, level }) => {
            const page = site.pages[id]!;
            const stands = slots.map((slot) => ({ slot, ...standsAt(site, slot, page) }));
            const reasons = [...new Set(stands.map(({ why }) => whyText(site, why)))];
            return (
              <tr key={id}>
                <th scope="row" style={{ paddingInlineStart: 8 + 16 * (words === '' ? level - 1 : 0) }}>
                  {page.title} <span className="quiet figures">{page.path}</span>
                </th>
                {stands.map(({ slot, id: standing, why }) => (
                  <td key={slot}>
                    <StandSelect
                      slot={slot}
                      label={`${slot === 'header' ? 'Header' : 'Footer'} of ${page.title}`}
                      value={why.by === 'page' ? standing : undefined}
                      unsaid={standing === null ? `no ${slot}` : (site[`${slot}s`][standing]?.name ?? '?')}
                      choose={(given) =>
                        place([
                          {
                            edit: 'placeOnPage',
                            page: id,
                            stands: withGiven(page.stands ?? {}, slot, given),
                          },
                        ])
                      }
                    />
                    {otherLanguages(site, slot, page).map((text) => (
                      <small key={text} className="quiet">
                        {text}
                      </small>
                    ))}
                  </td>
                ))}
                <td>{drawersOf(site, stands[0]!.id).join(', ') || <span className="quiet">none</span>}</td>
                <td className="quiet">{reasons.join('; ')}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {found.length > MOST_SHOWN && (
        <p className="quiet">and {found.length - MOST_SHOWN} more; a part of a title or path finds them</p>
      )}
      {found.length === 0 && <p className="quiet">No page has “{filter.trim()}” in its title or path.</p>}
    </section>
  );
}
