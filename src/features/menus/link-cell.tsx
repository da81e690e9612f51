'use client';

import { useState } from 'react';
import { useEdit, useSite } from '@/client/open-site-context';
import { itemLabel } from '@/core/menus/entries';
import type { Menu, MenuItem } from '@/core/site/menu';
import type { Site } from '@/core/site/site';
import { LinkEditor } from '@/ui/sheet/editors/picked-editor';
import { referenceOptions } from '@/ui/sheet/reference-options';

/** What an item leads to, in words. */
function targetText(site: Site, { link }: MenuItem): string {
  if (link.to === 'page') return site.pages[link.page]?.path ?? '';
  return link.to === 'address' ? link.address : 'nowhere';
}

/** Where an item leads: a page that is chosen, or an address that is typed. */
export function LinkCell({ menu, item }: { menu: Menu; item: MenuItem }) {
  const site = useSite();
  const edit = useEdit();
  const [editing, setEditing] = useState(false);
  const label = `Target of ${itemLabel(site, item)}`;
  if (!editing) {
    const target = targetText(site, item);
    return (
      <button
        type="button"
        className="plain figures"
        aria-label={`${label}: ${target}`}
        onClick={() => setEditing(true)}
      >
        {target}
      </button>
    );
  }
  return (
    <LinkEditor
      label={label}
      value={item.link}
      set={(link) => edit([{ edit: 'linkItem', menu: menu.id, item: item.id, link }])}
      close={() => setEditing(false)}
      options={(to) => referenceOptions(site, to)}
    />
  );
}
