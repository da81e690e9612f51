'use client';

import { Button } from 'antd';
import { useMemo, useState } from 'react';
import { fileDifferences } from '@/core/comparing/file-differences';
import type { ListedFile } from '@/core/render/handover-news';
import { sizeText } from '@/ui/size-text';
import styles from './release.module.css';

/** How many files are listed before one asks for all of them. */
const LISTED = 8;

const signed = (bytes: number) =>
  bytes === 0 ? '±0' : `${bytes > 0 ? '+' : '−'}${sizeText(Math.abs(bytes))}`;

/** The files that came, went, or have other bytes. */
export function FileDifferences({
  before,
  after,
}: {
  before: readonly ListedFile[];
  after: readonly ListedFile[];
}) {
  const [whole, setWhole] = useState(false);
  const found = useMemo(() => fileDifferences(before, after), [before, after]);
  const listed = whole ? found : found.slice(0, LISTED);
  const sum = (files: readonly ListedFile[]) => files.reduce((all, { bytes }) => all + bytes, 0);
  return (
    <section aria-label="Files that differ" className={styles.differing}>
      <h2>
        {found.length === 0 ? 'All files are the same' : `${found.length} of ${after.length} files differ`},{' '}
        <span className="figures">{signed(sum(after) - sum(before))}</span> in all
      </h2>
      {found.length > 0 && (
        <table className="rows" aria-label="Files that differ">
          <thead>
            <tr>
              <th scope="col">File</th>
              <th scope="col" className={styles.size}>
                Was
              </th>
              <th scope="col" className={styles.size}>
                Is
              </th>
              <th scope="col" className={styles.size}>
                Difference
              </th>
            </tr>
          </thead>
          <tbody>
            {listed.map(({ path, was, is }) => (
              <tr key={path}>
                <th scope="row" className="figures">
                  {path}
                </th>
                <td className={`figures ${styles.size}`}>{was ? sizeText(was.bytes) : 'not there'}</td>
                <td className={`figures ${styles.size}`}>{is ? sizeText(is.bytes) : 'gone'}</td>
                <td className={`figures ${styles.size}`}>{signed((is?.bytes ?? 0) - (was?.bytes ?? 0))}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {listed.length < found.length && (
        <Button size="small" className={styles.more} onClick={() => setWhole(true)}>
          Show {found.length - listed.length} more
        </Button>
      )}
    </section>
  );
}
