'use client';

import { Input } from 'antd';
import { useEffect, useState } from 'react';
import { budgets } from '@/core/render/budgets';
import type { ListedFile } from '@/core/render/handover-news';
import { Code } from '@/ui/code';
import { sizeText } from '@/ui/size-text';
import { Making } from './making';
import styles from './release.module.css';
import type { Listing } from './use-handover';

/** The most files that stand in the table; of more, those are found by their names. */
const MOST_LISTED = 400;

const languages: Record<string, string> = { html: 'html', css: 'css', js: 'javascript' };

function useFileText(address: string): string {
  const [text, setText] = useState('');
  useEffect(() => {
    const controller = new AbortController();
    const { signal } = controller;
    void fetch(address, { signal })
      .then((response) => response.text())
      .then(setText)
      .catch(
        () => signal.aborted || setText('The server does not answer. Is the application still running?'),
      );
    return () => controller.abort();
  }, [address]);
  return text;
}

/** The files with their sizes; those that are text are opened to be read. */
function FileTable({
  files,
  reading,
  onRead,
}: {
  files: readonly ListedFile[];
  reading: string;
  onRead(path: string): void;
}) {
  return (
    <table className="rows" aria-label="Files of the site">
      <thead>
        <tr>
          <th scope="col">File</th>
          <th scope="col" className={styles.size}>
            Size
          </th>
          <th scope="col" className={styles.size}>
            Compressed
          </th>
        </tr>
      </thead>
      <tbody>
        {files.slice(0, MOST_LISTED).map((file) => (
          <tr key={file.path}>
            <th scope="row">
              {file.readable ? (
                <button
                  type="button"
                  className={`plain figures ${styles.readable}`}
                  aria-pressed={file.path === reading}
                  onClick={() => onRead(file.path)}
                >
                  {file.path}
                </button>
              ) : (
                <span className="figures quiet">{file.path}</span>
              )}
            </th>
            <td className={`figures ${styles.size}`}>{sizeText(file.bytes)}</td>
            <td className={`figures ${styles.size}`}>{sizeText(file.compressed)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** What is said over the table of files. */
function filesHeading({ files, count, busy }: Listing, total: number): string {
  if (busy) return 'Files';
  if (count !== null && files.length < count)
    return `The first ${files.length} of ${count} files, ${sizeText(total)}`;
  return `${files.length} files, ${sizeText(total)}`;
}

/** What stylesheet and script weigh beside what they should come to at the most. */
function Budgets({ files }: { files: readonly ListedFile[] }) {
  const weighed = files.filter(({ path }) => Object.hasOwn(budgets, path));
  return (
    <ul className={styles.budgets} aria-label="Sizes against the budgets">
      {weighed.map(({ path, compressed }) => {
        const over = compressed > budgets[path]!;
        return (
          <li key={path}>
            <span className="figures">{path}</span>{' '}
            <span className={`figures ${over ? styles.over : styles.within}`}>
              {over ? '▲' : '✓'} {sizeText(compressed)}
            </span>{' '}
            <span className="quiet">
              of {sizeText(budgets[path]!)}
              {over ? ', more than it should be' : ''}
            </span>
          </li>
        );
      })}
    </ul>
  );
}

interface FilesViewProps {
  listing: Listing;
  /** The address of the text of a file. */
  address(path: string): string;
}

/** The files of the site or of a release, with the code of one of them. */
export function FilesView({ listing, address }: FilesViewProps) {
  const [reading, setReading] = useState('index.html');
  const [filter, setFilter] = useState('');
  const text = useFileText(address(reading));
  const { files, count, busy, problem } = listing;
  const total = files.reduce((sum, file) => sum + file.bytes, 0);
  const shown = files.filter(({ path }) => path.includes(filter.trim()));
  return (
    <div className={styles.halves}>
      <section aria-label="Files" className={styles.files}>
        {problem && <p role="alert">{problem}</p>}
        <h2>{filesHeading(listing, total)}</h2>
        {busy && files.length < (count ?? 1) && (
          <Making what="Rendering" done={files.length} count={count ?? 0} stop={listing.stop} />
        )}
        <Budgets files={files} />
        {files.length > MOST_LISTED && (
          <Input
            allowClear
            value={filter}
            placeholder="Part of a path"
            aria-label="Find a file"
            onChange={(event) => setFilter(event.target.value)}
          />
        )}
        {files.length > 0 && <FileTable files={shown} reading={reading} onRead={setReading} />}
        {shown.length > MOST_LISTED && (
          <p className="quiet">and {shown.length - MOST_LISTED} more; a part of a path finds them</p>
        )}
      </section>
      <section aria-label="Code" className={styles.code}>
        <Code name={reading} language={languages[reading.split('.').at(-1)!] ?? 'text'} text={text} />
      </section>
    </div>
  );
}
