'use client';

import { useSyncExternalStore } from 'react';
import { momentText } from './moment-text';
import { sinceText } from './since-text';

const MINUTE = 60_000;

function everyMinute(tell: () => void) {
  const timer = setInterval(tell, MINUTE);
  return () => clearInterval(timer);
}

const thisMinute = () => Math.floor(Date.now() / MINUTE) * MINUTE;

/** How long ago a moment was, in words; on pointing at it, in the zone of whoever reads it. The server, which does not know that zone, says it in universal time. */
export function Since({ at }: { at: string }) {
  const now = useSyncExternalStore(everyMinute, thisMinute, () => null);
  if (now === null) return <time dateTime={at}>{momentText(at)}</time>;
  const moment = Date.parse(at);
  return (
    <time
      dateTime={at}
      title={new Date(moment).toLocaleString('en', { dateStyle: 'long', timeStyle: 'short' })}
    >
      {sinceText(moment, now)}
    </time>
  );
}
