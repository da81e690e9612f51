'use client';

import { App, Button, Input } from 'antd';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useRef, useState, type FormEvent } from 'react';
import { copySite, createSite, deleteSite, openSiteFile, type Answer, type Refused } from '@/client/api';
import { problemText, type Problem } from '@/core/site/problem';
import { Since } from '@/ui/since';
import { FileField, type FileFieldHandle } from '@/ui/file-field';
import { DrawnHeader } from './drawn-header';
import styles from './sites.module.css';

interface ListedSite {
  id: string;
  name: string;
  updatedAt: string;
  pages: number;
  headers: number;
}

/** The reasons of a refusal, with the places inside the file where there are some. */
function reasonsOf(answer: Refused): string[] {
  const problems = answer.body.problems as Problem[] | undefined;
  return problems ? problems.map(problemText) : [answer.reason];
}

/** Where one begins: the sites that are there, a new one, or one from a file. */
export function SitesScreen({ sites }: { sites: ListedSite[] }) {
  const router = useRouter();
  const { modal } = App.useApp();
  const [name, setName] = useState('');
  const [busy, setBusy] = useState(false);
  const [problems, setProblems] = useState<string[]>([]);
  const file = useRef<FileFieldHandle>(null);

  const enter = async (made: Promise<Answer<{ id: string }>>, screen: string) => {
    setBusy(true);
    const answer = await made;
    setBusy(false);
    if (answer.ok) router.push(`/sites/${answer.value.id}/${screen}`);
    else setProblems(reasonsOf(answer));
  };
  const create = (event: FormEvent) => {
    event.preventDefault();
    if (name.trim() === '') setProblems(['Give the new site a name first.']);
    else void enter(createSite(name), 'begin');
  };
  const duplicate = async (site: ListedSite) => {
    setBusy(true);
    const answer = await copySite(site.id);
    setBusy(false);
    if (answer.ok) router.refresh();
    else setProblems(reasonsOf(answer));
  };
  const remove = (site: ListedSite) =>
    modal.confirm({
      title: `Remove “${site.name}”?`,
      content:
        'Its pages, menus, headers and history are gone then. Download its site file first if you may want it back.',
      okText: 'Remove for good',
      okButtonProps: { danger: true },
      cancelText: 'Keep it',
      onOk: async () => {
        const answer = await deleteSite(site.id);
        if (answer.ok) router.refresh();
        else setProblems(reasonsOf(answer));
      },
    });

  return (
    <main className={styles.page}>
      <header className={styles.head}>
        <h1>Gable Ridge</h1>
        <p className="quiet">
          The parts that stand on every page: headers, menus, drawers and footers, at every width at once.
        </p>
      </header>
      <section aria-label="Begin" className={styles.begin}>
        <form onSubmit={create} className={styles.new}>
          <label htmlFor="new-site">A new site</label>
          <Input
            id="new-site"
            value={name}
            maxLength={60}
            placeholder="its name"
            onChange={(event) => setName(event.target.value)}
          />
          <Button type="primary" htmlType="submit" loading={busy}>
            Make it
          </Button>
        </form>
        <span className="quiet">or</span>
        <Button disabled={busy} onClick={() => file.current?.ask()}>
          Open a site file…
        </Button>
        <FileField
          ref={file}
          label="Site file"
          accept=".json,application/json"
          onFile={(chosen) => void enter(openSiteFile(chosen), 'pages')}
        />
      </section>
      {problems.length > 0 && (
        <ul role="alert" className={styles.problems}>
          {problems.map((problem) => (
            <li key={problem}>{problem}</li>
          ))}
        </ul>
      )}
      <table className="rows" aria-label="Sites">
        <thead>
          <tr>
            <th scope="col">
              <span className="seen-by-readers-only">How it begins</span>
            </th>
            <th scope="col">Site</th>
            <th scope="col">Pages</th>
            <th scope="col">Headers</th>
            <th scope="col">Last changed</th>
            <th scope="col">
              <span className="seen-by-readers-only">Actions</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {sites.map((site) => (
            <tr key={site.id}>
              <td>
                <DrawnHeader site={site.id} />
              </td>
              <th scope="row">
                <Link href={`/sites/${site.id}/headers`} className={styles.name}>
                  {site.name}
                </Link>
              </th>
              <td className="figures">{site.pages}</td>
              <td className="figures">{site.headers}</td>
              <td>
                <Since at={site.updatedAt} />
              </td>
              <td className={styles.actions}>
                <button
                  type="button"
                  className="plain"
                  disabled={busy}
                  onClick={() => void duplicate(site)}
                  aria-label={`Duplicate ${site.name}`}
                >
                  Duplicate
                </button>{' '}
                <a href={`/api/sites/${site.id}/site-file`}>Site file</a>{' '}
                <button
                  type="button"
                  className="plain"
                  onClick={() => remove(site)}
                  aria-label={`Remove ${site.name}`}
                >
                  Remove…
                </button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {sites.length > 0 && (
        <p className={styles.copy}>
          <a href="/api/data" download>
            Copy the data
          </a>{' '}
          <span className="quiet">
            All sites with their history and files as they stand now, in one file. It takes the place of{' '}
            <span className="figures">data/gable.db</span> while the application is stopped.
          </span>
        </p>
      )}
      {sites.length === 0 && (
        <p className={styles.none}>
          No site yet. Make one above; it begins with three bands, an empty header and an empty footer.
        </p>
      )}
    </main>
  );
}
