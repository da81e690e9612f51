'use client';

import { App } from 'antd';
import { useEdit, useSite } from '@/client/open-site-context';
import type { Edit } from '@/core/edit';
import { countText, leftBare, pagesText } from './placing-words';

/** Edits of placing: where they would leave pages bare, that is said first, with the pages. */
export function usePlace(): (edits: Edit[]) => void {
  const site = useSite();
  const edit = useEdit();
  const { modal, notification } = App.useApp();
  const take = (edits: Edit[]) => {
    const reason = edit(edits);
    if (reason)
      notification.warning({ title: 'Nothing was changed', description: reason, placement: 'bottomLeft' });
  };
  return (edits) => {
    const bare = leftBare(site, edits);
    if (bare.length === 0) return take(edits);
    modal.confirm({
      title: 'Some pages would be bare',
      content: bare
        .map(({ slot, pages }) => `${countText(pages.length)} would show no ${slot}: ${pagesText(pages)}.`)
        .join(' '),
      okText: 'Leave them bare',
      cancelText: 'Keep what stands there',
      autoFocusButton: 'cancel',
      onOk: () => take(edits),
    });
  };
}
