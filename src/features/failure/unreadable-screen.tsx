'use client';

import { Button } from 'antd';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { recoverSite } from '@/client/api';
import { problemText, type Problem } from '@/core/site/problem';
import styles from './failure.module.css';

/** How many reasons are listed. */
const MOST_LISTED = 8;

interface UnreadableScreenProps {
  id: string;
  name: string;
  problems: readonly Problem[];
}

/** What is shown in place of a site that is stored but cannot be read: why, and the two ways to get at what it holds. */
export function UnreadableScreen({ id, name, problems }: UnreadableScreenProps) {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const [refusal, setRefusal] = useState<string | null>(null);
  const recover = async () => {
    setBusy(true);
    const answer = await recoverSite(id);
    setBusy(false);
    if (answer.ok) router.push(`/sites/${answer.value.id}/headers`);
    else setRefusal(answer.reason);
  };
  return (
    <main className={styles.page}>
      <h1>“{name}” cannot be read</h1>
      <p>
        The site is stored, with all that was done to it, and nothing of it is changed. Your other sites are
        not touched by this.
      </p>
      <ul className={styles.what} aria-label="What is wrong">
        {problems.slice(0, MOST_LISTED).map((problem) => (
          <li key={problemText(problem)}>{problemText(problem)}</li>
        ))}
        {problems.length > MOST_LISTED && <li>and {problems.length - MOST_LISTED} more</li>}
      </ul>
      <div className={styles.ways}>
        <Button type="primary" loading={busy} onClick={() => void recover()}>
          Open its last readable revision
        </Button>
        <Button href={`/api/sites/${id}/site-file`}>Download it as it stands</Button>
        <Link href="/">To the list of sites</Link>
      </div>
      <p className="quiet">
        The last revision that can be read is put beside this site, as a site of its own. What is downloaded
        holds everything, as it stands in the database.
      </p>
      {refusal && (
        <p role="alert" className={styles.refusal}>
          {refusal}
        </p>
      )}
    </main>
  );
}
