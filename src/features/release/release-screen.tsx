'use client';

import { Button, Input, Progress } from 'antd';
import { useEffect, useState } from 'react';
import { useOpenSite, useSite } from '@/client/open-site-context';
import type { ListedFile } from '@/core/render/handover-news';
import { sizeText } from '@/ui/size-text';
import { Screen } from '../shell/screen';
import styles from './release.module.css';
import { useArchive, useListing, type Archive, type Listing } from './use-handover';

/** The most files that stand in the table; of more, those are found by their names. */
const MOST_LISTED = 400;

function useFileText(site: string, path: string, revision: number): string {
  const [text, setText] = useState('');
  useEffect(() => {
    void fetch(`/try/${site}/${path}`)
      .then((response) => response.text())
      .then(setText)
      .catch(() => setText('The server does not answer. Is the application still running?'));
  }, [site, path, revision]);
  return text;
}

/** What is being made, how far it is, and a way to stop it. */
function Making({ what, done, count, stop }: { what: string; done: number; count: number; stop(): void }) {
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

function ArchiveButton({ archive, saved }: { archive: Archive; saved: boolean }) {
  const { progress, make, stop } = archive;
  if (progress) return <Making what="Making the zip" {...progress} stop={stop} />;
  return (
    <Button type="primary" disabled={!saved} onClick={make}>
      Download the zip
    </Button>
  );
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

/** The hand-over: the files with their sizes, their code to read, and the downloads. */
export function ReleaseScreen() {
  const site = useSite();
  const revision = useOpenSite((open) => open.revision);
  const saved = useOpenSite((open) => open.saveState === 'saved');
  const listing = useListing(site.id, revision);
  const archive = useArchive(site.id);
  const [reading, setReading] = useState('index.html');
  const [filter, setFilter] = useState('');
  const text = useFileText(site.id, reading, revision);
  const { files, count, busy } = listing;
  const total = files.reduce((sum, file) => sum + file.bytes, 0);
  const shown = files.filter(({ path }) => path.includes(filter.trim()));

  return (
    <Screen here="release">
      <div className={styles.release}>
        <section aria-label="Files" className={styles.files}>
          <div className={styles.head}>
            <ArchiveButton archive={archive} saved={saved} />
            <Button href={`/api/sites/${site.id}/site-file`} disabled={!saved}>
              Download the site file
            </Button>
          </div>
          <p className="quiet">
            The zip opens from a folder or any static server. The site file (*.gable.json) holds the whole
            site, to be opened again here.
          </p>
          {[archive.problem, listing.problem].map(
            (problem) =>
              problem && (
                <p key={problem} role="alert">
                  {problem}
                </p>
              ),
          )}
          <h2>{filesHeading(listing, total)}</h2>
          {busy && files.length < (count ?? 1) && (
            <Making what="Rendering" done={files.length} count={count ?? 0} stop={listing.stop} />
          )}
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
          <div className={styles.codeHead}>
            <h2 className="figures">{reading}</h2>
            <Button size="small" onClick={() => void navigator.clipboard.writeText(text)}>
              Copy
            </Button>
          </div>
          <pre className="figures" role="region" tabIndex={0} aria-label={`Code of ${reading}`}>
            {text}
          </pre>
        </section>
      </div>
    </Screen>
  );
}
