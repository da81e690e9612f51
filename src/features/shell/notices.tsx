'use client';

import { App } from 'antd';
import { useEffect } from 'react';
import { useOpenSite } from '@/client/open-site-context';

/** How long a notice stays, in seconds: long enough to read two sentences. */
const STAY = 9;

/** Shows the sentences that the open site has for the designer. */
export function Notices() {
  const { notification } = App.useApp();
  const notice = useOpenSite((open) => open.notice);
  useEffect(() => {
    if (notice)
      notification.warning({
        title: notice.text,
        key: String(notice.number),
        duration: STAY,
        placement: 'bottomLeft',
      });
  }, [notice, notification]);
  return null;
}
