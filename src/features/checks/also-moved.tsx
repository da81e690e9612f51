'use client';

import { Popover } from 'antd';
import { QUIET, useFindings } from '@/client/findings';
import { useSite } from '@/client/open-site-context';
import type { Moved } from '@/core/checks/moved';
import { ScreenLink } from '@/ui/screen-link';
import { hrefOf } from '../workbench/why/leads';
import styles from './checks.module.css';

/** The most that a list shows: what comes after it moved less. */
const MOST = 40;

/** What moved, the most first, each with the way to it as the site is now. */
export function MovedList({ moved }: { moved: readonly Moved[] }) {
  const site = useSite();
  return (
    <ul className={styles.movedList} aria-label="What else moved">
      {moved.slice(0, MOST).map(({ words, lead }, index) => (
        <li key={index}>
          <ScreenLink href={hrefOf(site, lead)}>{words}</ScreenLink>
        </li>
      ))}
      {moved.length > MOST && <li className="quiet">and {moved.length - MOST} more that moved less</li>}
    </ul>
  );
}

/** What the last edits changed beside what they were made for, in a line; all of it on asking, each with the way to it. */
export function AlsoMoved() {
  const site = useSite();
  const found = useFindings(site, QUIET);
  const moved = found?.moved ?? null;
  if (moved === null) return null;
  const [most] = moved;
  // That nothing moved is said of what was looked at, and of no later edit.
  if (most === undefined)
    return found?.stale ? null : (
      <span role="status" className={`quiet ${styles.moved}`}>
        nothing else moved
      </span>
    );
  return (
    <Popover
      trigger="click"
      placement="bottomRight"
      content={<MovedList moved={moved} />}
      title="Also moved, with the last edits"
    >
      <button type="button" className={`plain ${styles.moved}`} title={most.words} data-stale={found?.stale}>
        <span className={styles.movedWords}>also: {most.words}</span>
        {moved.length > 1 && <span className="figures"> +{moved.length - 1}</span>}
      </button>
    </Popover>
  );
}
