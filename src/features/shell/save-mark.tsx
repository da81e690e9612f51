'use client';

import { useOpenSite } from '@/client/open-site-context';
import styles from './shell.module.css';

/** Says truly whether everything shown is on disk. */
export function SaveMark() {
  const state = useOpenSite((open) => open.saveState);
  const revision = useOpenSite((open) => open.revision);
  const waiting = useOpenSite((open) => open.waiting.length);
  const text = {
    saved: `saved · rev ${revision}`,
    saving: `saving… · rev ${revision}`,
    offline: `not saved: no answer from the server, ${waiting} waiting`,
  }[state];
  return (
    <span
      className={`figures ${state === 'offline' ? styles.unsaved : 'quiet'}`}
      role="status"
      data-state={state}
    >
      {text}
    </span>
  );
}
