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
    held: `not saved: the server cannot store at the moment, ${waiting} waiting`,
    gone: 'not saved: this site was removed',
    stopped: 'not saved: open this page anew',
  }[state];
  return (
    <span
      className={`figures ${state === 'saved' || state === 'saving' ? 'quiet' : styles.unsaved}`}
      role="status"
      data-state={state}
    >
      {text}
    </span>
  );
}
