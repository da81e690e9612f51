'use client';

import { useState } from 'react';
import { useEdit, useSite } from '@/client/open-site-context';
import { newId } from '@/client/new-id';
import { bringing } from '@/core/edit/brought';
import type { Link } from '@/core/properties/link';
import { itemLabel } from '@/core/menus/entries';
import type { Menu, MenuItem } from '@/core/site/menu';
import { linkWords } from '@/core/menus/link-words';
import type { EditorSource } from '@/ui/sheet/editor-source';
import { LinkEditor } from '@/ui/sheet/editors/link-editor';
import { useUpload } from '../uploads/use-upload';

/** The editor of where an item leads, with a file dialog at hand. */
function ItemLinkEditor({
  menu,
  item,
  source,
  label,
  close,
}: {
  menu: Menu;
  item: MenuItem;
  source: EditorSource;
  label: string;
  close(): void;
}) {
  const site = useSite();
  const edit = useEdit();
  const upload = useUpload('files');
  const at = { menu: menu.id, item: item.id };
  return (
    <>
      <LinkEditor
        label={label}
        value={item.link}
        set={(link) => edit([{ edit: 'linkItem', ...at, link }])}
        bring={(brought) => {
          const { value, edits } = bringing(site, brought, newId());
          return edit([...edits, { edit: 'linkItem', ...at, link: value as Link }]);
        }}
        close={close}
        source={source}
        makeLabel={(to) => (to === 'files' ? 'upload a file…' : null)}
        make={() => upload.ask((file) => [{ edit: 'linkItem', ...at, link: { to: 'file', file } }])}
      />
      {upload.input}
    </>
  );
}

/** Where an item leads: chosen from what the site has, or typed. */
export function LinkCell({ menu, item, source }: { menu: Menu; item: MenuItem; source: EditorSource }) {
  const site = useSite();
  const [editing, setEditing] = useState(false);
  const label = `Target of ${itemLabel(site, item)}`;
  if (editing) return <ItemLinkEditor {...{ menu, item, source, label }} close={() => setEditing(false)} />;
  const target = linkWords(site, item.link);
  return (
    <button
      type="button"
      className={`plain figures ${item.link.to === 'nothing' ? 'quiet' : ''}`}
      aria-label={`${label}: ${target}`}
      title={target}
      onClick={() => setEditing(true)}
    >
      {target}
    </button>
  );
}
