'use client';

import { App, Button, InputNumber } from 'antd';
import { useState } from 'react';
import { putHosting } from '@/client/api';
import { useSite } from '@/client/open-site-context';
import type { Hosting } from '@/core/render/release-news';
import { momentText } from '@/ui/moment-text';
import styles from './release.module.css';

interface PracticeHostProps {
  hosting: Hosting;
  /** The release that is looked at; null for the site as it stands. */
  shown: number | null;
  onChanged(): void;
}

/** What stands in for real hosting: which release of the site is live, where, and what was live before. */
export function PracticeHost({ hosting, shown, onChanged }: PracticeHostProps) {
  const { id } = useSite();
  const { modal } = App.useApp();
  const [port, setPort] = useState<number | null>(null);
  const [busy, setBusy] = useState(false);
  const [refusal, setRefusal] = useState<string | null>(null);
  const { release, history } = hosting;
  const put = async (wanted: number | null) => {
    setBusy(true);
    const answer = await putHosting(id, wanted, wanted === null ? null : port);
    setBusy(false);
    setRefusal(answer.ok ? null : answer.reason);
    if (answer.ok) setPort(null);
    onChanged();
  };
  const takeDown = () =>
    modal.confirm({
      title: 'Take the site down?',
      content:
        'Nobody is answered at its address any more. Its releases stay, and each can be published again.',
      okText: 'Take down',
      onOk: () => put(null),
    });
  const address = `http://127.0.0.1:${hosting.port}/`;
  const before = release !== null && shown !== null && shown < release;
  const moves = port !== null && port !== hosting.port;
  return (
    <section aria-label="Practice host" className={styles.host}>
      <h2>Practice host</h2>
      {release === null ? (
        <p className="quiet">
          Nothing is live. Choose a release above and publish it: it is then served on this machine as real
          hosting would serve it.
        </p>
      ) : (
        <p>
          Release <span className="figures">{release}</span> is live at{' '}
          <a href={address} target="_blank" rel="noreferrer" className="figures">
            {address}
          </a>
        </p>
      )}
      {release !== null && shown === null && (
        <p className="quiet">Choose another release above to publish it.</p>
      )}
      {hosting.problem !== null && <p role="alert">{hosting.problem}</p>}
      {refusal !== null && <p role="alert">{refusal}</p>}
      <p className={styles.ported}>
        <label htmlFor="practice-port">Port</label>
        <InputNumber
          id="practice-port"
          className={styles.port}
          min={1024}
          max={65535}
          precision={0}
          controls={false}
          placeholder="any"
          value={port ?? hosting.port}
          onChange={setPort}
        />
      </p>
      <div className={styles.head}>
        <Button
          type="primary"
          loading={busy}
          disabled={shown === null || (shown === release && !moves && hosting.problem === null)}
          onClick={() => void put(shown)}
        >
          {shown === null ? 'Publish' : `${before ? 'Roll back to' : 'Publish'} release ${shown}`}
        </Button>
        {release !== null && <Button onClick={takeDown}>Take down</Button>}
      </div>
      {history.length > 0 && (
        <ol className={styles.history} aria-label="What was live">
          {history.map(({ id: entry, release: was, at }) => (
            <li key={entry}>
              <span className="figures quiet">{momentText(at)}</span>{' '}
              {was === null ? 'taken down' : `release ${was}`}
            </li>
          ))}
        </ol>
      )}
    </section>
  );
}
