'use client';

import { QUIET, useFindings } from '@/client/findings';
import { useSite } from '@/client/open-site-context';
import styles from './shell.module.css';

/** How many findings above untidy there are, beside the name of their screen: nothing while there is none. */
export function ChecksMark() {
  const site = useSite();
  const found = useFindings(site, QUIET);
  const accepted = site.accepted ?? {};
  const count = (found?.all ?? []).filter(({ harm, key }) => harm !== 'untidy' && !(key in accepted)).length;
  if (count === 0) return null;
  return (
    <span className={`figures ${styles.mark}`} title={`${count} findings that harm visitors`}>
      {count}
      <span className="seen-by-readers-only"> findings</span>
    </span>
  );
}
