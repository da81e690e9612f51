'use client';

import { Modal, Radio, Select } from 'antd';
import { useMemo, useState } from 'react';
import { useEdit, useSite } from '@/client/open-site-context';
import type { Edit } from '@/core/edit';
import { withBelow } from '@/core/edit/pages';
import type { Id } from '@/core/ids/id';
import { usesOf } from '@/core/site/uses';
import styles from './pages.module.css';

type Links = NonNullable<Extract<Edit, { edit: 'removePages' }>['links']>;

/** Says what points to pages that are to be removed, asks what becomes of that and of the pages below, and removes them. */
export function RemovePages({
  pages,
  onDone,
  onClose,
}: {
  pages: readonly Id[];
  onDone(): void;
  onClose(): void;
}) {
  const site = useSite();
  const edit = useEdit();
  const [below, setBelow] = useState<'up' | 'too'>('up');
  const [wish, setWish] = useState<Links['do']>('remove');
  const [lead, setLead] = useState<Id | null>(null);
  const [refusal, setRefusal] = useState<string | null>(null);
  const all = useMemo(() => withBelow(site, pages), [site, pages]);
  const gone = useMemo(() => new Set(below === 'too' ? all : pages), [below, all, pages]);
  const uses = useMemo(() => usesOf(site, 'pages', gone), [site, gone]);
  const belowCount = all.length - pages.length;
  const title =
    pages.length === 1 ? `Remove “${site.pages[pages[0]!]?.title ?? ''}”?` : `Remove ${pages.length} pages?`;
  const links: Links = wish === 'lead' ? { do: 'lead', page: lead ?? '' } : { do: wish };
  const remove = () => {
    const reason = edit([{ edit: 'removePages', pages: [...pages], below, links }]);
    setRefusal(reason);
    if (reason === null) onDone();
  };

  return (
    <Modal
      title={title}
      open
      onCancel={onClose}
      onOk={remove}
      okText={gone.size === 1 ? 'Remove it' : `Remove ${gone.size} pages`}
      okButtonProps={{ danger: true, disabled: wish === 'lead' && uses.length > 0 && lead === null }}
      cancelText="Keep"
    >
      {belowCount > 0 && (
        <fieldset className={styles.ask}>
          <legend>{belowCount === 1 ? 'One page lies below.' : `${belowCount} pages lie below.`}</legend>
          <Radio.Group value={below} onChange={(event) => setBelow(event.target.value)}>
            <Radio value="up">{belowCount === 1 ? 'moves' : 'move'} up a level</Radio>
            <Radio value="too">{belowCount === 1 ? 'is' : 'are'} removed as well</Radio>
          </Radio.Group>
        </fieldset>
      )}
      {uses.length === 0 ? (
        <p className="quiet">No link leads here.</p>
      ) : (
        <fieldset className={styles.ask}>
          <legend>{uses.length === 1 ? 'One link leads here:' : `${uses.length} links lead here:`}</legend>
          <ul className={styles.uses} tabIndex={0} aria-label="Links that lead here">
            {uses.map((use) => (
              <li key={use.path}>{use.words()}</li>
            ))}
          </ul>
          <Radio.Group vertical value={wish} onChange={(event) => setWish(event.target.value)}>
            <Radio value="remove">items of menus go too; what stands below them takes their place</Radio>
            <Radio value="nowhere">stay, and lead nowhere</Radio>
            <Radio value="lead">lead to another page</Radio>
          </Radio.Group>
          {wish === 'lead' && (
            <Select
              aria-label="Page that the links lead to"
              className={styles.lead}
              showSearch={{ optionFilterProp: 'label' }}
              value={lead}
              placeholder="choose a page"
              onChange={setLead}
              options={site.pageOrder
                .filter((id) => !gone.has(id))
                .map((id) => ({ value: id, label: `${site.pages[id]!.title}  ${site.pages[id]!.path}` }))}
            />
          )}
        </fieldset>
      )}
      {refusal && <p role="alert">{refusal}</p>}
    </Modal>
  );
}
