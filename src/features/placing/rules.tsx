'use client';

import { Button } from 'antd';
import { useMemo, useState } from 'react';
import { newId } from '@/client/new-id';
import { useSite } from '@/client/open-site-context';
import { pagesOf, withGiven } from '@/core/site/placing';
import { slots, type PlacingRule, type Slot } from '@/core/site/placing-schema';
import { whereText } from '@/core/site/where-text';
import { TreeTable, type TreeColumn } from '@/ui/tree/tree-table';
import { treeRows } from '@/ui/tree/tree-rows';
import { countText, idleTexts, pagesText } from './placing-words';
import { StandSelect } from './stand-select';
import { usePlace } from './use-place';
import { WhereSelect } from './where-select';
import styles from './placing.module.css';

const slotNames: Record<Slot, string> = { header: 'Header', footer: 'Footer' };

/** The rules in their order, moved by their handles or by keys, and what stands on all other pages. */
export function Rules() {
  const site = useSite();
  const place = usePlace();
  const { rules } = site.placing;
  const [current, setCurrent] = useState<string | null>(null);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const byId = new Map(rules.map((rule, index) => [rule.id, { rule, index }]));
  const rows = treeRows(
    rules.map(({ id }) => id),
    () => [],
  );
  const nameOf = (id: string) => `rule ${(byId.get(id)?.index ?? 0) + 1}`;
  const set = (rule: PlacingRule, index?: number) =>
    place([{ edit: 'setPlacingRule', rule, ...(index === undefined ? {} : { index }) }]);
  const remove = (ids: readonly string[]) => {
    place(ids.map((rule) => ({ edit: 'removePlacingRule', rule })));
    setChosen(new Set());
  };
  const add = () => {
    const [first] = site.pageOrder;
    if (first === undefined) return;
    const rule: PlacingRule = {
      id: newId(),
      where: { by: 'below', page: first },
      gives: { header: site.placing.header },
    };
    // Of the rules the first that fits is taken: a new one comes before all, to be seen at work.
    set(rule, 0);
    setCurrent(rule.id);
  };
  const columns: TreeColumn[] = [
    {
      key: 'where',
      label: 'For',
      cell: ({ id }) => {
        const { rule } = byId.get(id)!;
        return (
          <WhereSelect name={nameOf(id)} where={rule.where} choose={(where) => set({ ...rule, where })} />
        );
      },
    },
    ...slots.map((slot): TreeColumn => ({
      key: slot,
      label: slotNames[slot],
      width: '19%',
      cell: ({ id }) => {
        const { rule } = byId.get(id)!;
        return (
          <StandSelect
            slot={slot}
            label={`${slotNames[slot]}, ${nameOf(id)}`}
            value={rule.gives[slot]}
            unsaid="says nothing"
            choose={(given) => set({ ...rule, gives: withGiven(rule.gives, slot, given) })}
          />
        );
      },
    })),
    {
      key: 'pages',
      label: 'Pages',
      width: '84px',
      cell: ({ id }) => {
        const pages = pagesOf(site, byId.get(id)!.rule.where);
        return (
          <span className={pages.length === 0 ? styles.none : undefined} title={pagesText(pages)}>
            {pages.length === 0 ? 'no page' : countText(pages.length)}
          </span>
        );
      },
    },
    {
      key: 'actions',
      label: <span className="seen-by-readers-only">Actions</span>,
      width: '72px',
      cell: ({ id }) => (
        <button
          type="button"
          className="plain"
          aria-label={`Remove ${nameOf(id)}`}
          onClick={() => remove([id])}
        >
          Remove
        </button>
      ),
    },
  ];
  const idle = useMemo(() => idleTexts(site), [site]);
  const looked = current === null ? undefined : byId.get(current);
  return (
    <section aria-label="Rules" className={styles.rules}>
      <div className={styles.head}>
        <h2>Rules</h2>
        <span className="quiet">
          Of the rules that fit a page, the first decides. A page’s own choice comes before all.
        </span>
        <Button className={styles.add} disabled={site.pageOrder.length === 0} onClick={add}>
          Add a rule
        </Button>
      </div>
      {rules.length > 0 && (
        <div style={{ blockSize: 34 + Math.min(rules.length, 8) * 33 }}>
          <TreeTable
            label="Rules of placing"
            noun="rule"
            rows={rows}
            columns={columns}
            nameOf={nameOf}
            current={current}
            onCurrent={setCurrent}
            chosen={chosen}
            onChosen={setChosen}
            mostLevels={1}
            onMove={(ids, { before }) => {
              const left = rules.filter(({ id }) => !ids.includes(id));
              const at = before === null ? left.length : left.findIndex(({ id }) => id === before);
              place(
                ids.map((id, nth) => ({
                  edit: 'setPlacingRule',
                  rule: byId.get(id)!.rule,
                  index: at + nth,
                })),
              );
            }}
            onRemove={remove}
          />
        </div>
      )}
      {idle.length > 0 && (
        <ul className={styles.idle} aria-label="Rules without effect">
          {idle.map((words) => (
            <li key={words}>{words}</li>
          ))}
        </ul>
      )}
      {looked && (
        <p className="quiet" aria-label="Pages of the rule">
          {whereText(site, looked.rule.where)}: {pagesText(pagesOf(site, looked.rule.where)) || 'no page yet'}
        </p>
      )}
      <div className={styles.others}>
        <b>{rules.length > 0 ? 'All other pages' : 'All pages'}</b>
        {slots.map((slot) => (
          <StandSelect
            key={slot}
            slot={slot}
            label={`${slotNames[slot]} of all other pages`}
            value={site.placing[slot]}
            choose={(id) => place([{ edit: 'placeOnOthers', placing: { [slot]: id ?? null } }])}
          />
        ))}
      </div>
    </section>
  );
}
