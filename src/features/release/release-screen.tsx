'use client';

import { Button } from 'antd';
import { useEffect, useState } from 'react';
import { getFiles, type HandoverFile } from '@/client/api';
import { useOpenSite, useSite } from '@/client/open-site-context';
import { sizeText } from '@/ui/size-text';
import { Screen } from '../shell/screen';
import styles from './release.module.css';

/** The files of the site as they stand at this revision; null while they are on their way. */
function useFiles(site: string, revision: number) {
  const [files, setFiles] = useState<HandoverFile[] | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  useEffect(() => {
    void getFiles(site).then((answer) => {
      if (answer.ok) setFiles(answer.value.files);
      setProblem(answer.ok ? null : answer.reason);
    });
  }, [site, revision]);
  return { files, problem };
}

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

/** The hand-over: the files with their sizes, their code to read, and the downloads. */
export function ReleaseScreen() {
  const site = useSite();
  const revision = useOpenSite((open) => open.revision);
  const saved = useOpenSite((open) => open.saveState === 'saved');
  const { files, problem } = useFiles(site.id, revision);
  const [reading, setReading] = useState('index.html');
  const text = useFileText(site.id, reading, revision);
  const total = (files ?? []).reduce((sum, file) => sum + file.bytes, 0);

  return (
    <Screen here="release">
      <div className={styles.release}>
        <section aria-label="Files" className={styles.files}>
          <div className={styles.head}>
            <Button type="primary" href={`/api/sites/${site.id}/zip`} disabled={!saved}>
              Download the zip
            </Button>
            <Button href={`/api/sites/${site.id}/site-file`} disabled={!saved}>
              Download the site file
            </Button>
          </div>
          <p className="quiet">
            The zip opens from a folder or any static server. The site file (*.gable.json) holds the whole
            site, to be opened again here.
          </p>
          {problem && <p role="alert">{problem}</p>}
          <h2>{files === null ? 'Files' : `${files.length} files, ${sizeText(total)}`}</h2>
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
              {(files ?? []).map((file) => (
                <tr key={file.path}>
                  <th scope="row">
                    {file.readable ? (
                      <button
                        type="button"
                        className={`plain figures ${styles.readable}`}
                        aria-pressed={file.path === reading}
                        onClick={() => setReading(file.path)}
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
