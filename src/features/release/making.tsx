'use client';

import { Button, Progress } from 'antd';
import styles from './release.module.css';

interface MakingProps {
  what: string;
  done: number;
  count: number;
  stop(): void;
}

/** What is being made, how far it is, and a way to stop it. */
export function Making({ what, done, count, stop }: MakingProps) {
  return (
    <div className={styles.making} role="status">
      <span>
        {what}: <span className="figures">{count === 0 ? '…' : `${done} of ${count}`}</span>
      </span>
      <Progress
        aria-label={what}
        percent={count === 0 ? 0 : (100 * done) / count}
        showInfo={false}
        size="small"
      />
      <Button size="small" onClick={stop}>
        Stop
      </Button>
    </div>
  );
}
