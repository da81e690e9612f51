'use client';

import { App, Button, Input, Segmented, Select } from 'antd';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { deleteRelease, getPoint, getReleasedFiles, getReleases } from '@/client/api';
import { useOpenSite, useSite } from '@/client/open-site-context';
import { useFetched } from '@/client/use-fetched';
import { pointAddress } from '@/core/comparing/saved-point';
import type { Release } from '@/core/render/release-news';
import { momentText } from '@/ui/moment-text';
import { sizeText } from '@/ui/size-text';
import { Comparison } from '../comparing/comparison';
import type { State } from '../comparing/pictures';
import { Screen } from '../shell/screen';
import { Archive } from './archive';
import { FileDifferences } from './file-differences';
import { FilesView } from './files-view';
import { Making } from './making';
import { PartsView } from './parts-view';
import { PracticeHost } from './practice-host';
import styles from './release.module.css';
import { useListing, useMaking, type Listing } from './use-handover';

/** What is looked at: the site as it stands, or a release by its number. */
type Shown = number | null;

const nameOf = (shown: Shown) => (shown === null ? 'As it stands' : `Release ${shown}`);

/** The files of what is looked at: those of the site as it stands are told while they are rendered, those of a release are there. */
function useFiles(site: string, shown: Shown, live: Listing): Listing {
  const ask = useCallback(
    () =>
      shown === null ? Promise.resolve({ ok: true as const, value: null }) : getReleasedFiles(site, shown),
    [site, shown],
  );
  const { value, problem } = useFetched(ask);
  if (shown === null) return live;
  const files = value?.files ?? [];
  return {
    files,
    count: value ? files.length : null,
    problem,
    busy: !value && !problem,
    stop: () => undefined,
  };
}

/** The document of what is looked at; null while it is read. */
function useDocument(shown: Shown, releases: readonly Release[]): State | null {
  const site = useSite();
  const release = releases.find(({ number }) => number === shown);
  const ask = useCallback(
    () => (release ? getPoint(site.id, release.point) : Promise.resolve({ ok: true as const, value: null })),
    [site.id, release],
  );
  const { value } = useFetched(ask);
  return useMemo(() => {
    if (shown === null) return { name: nameOf(null), site, root: `/frame/${site.id}` };
    if (!value || !release) return null;
    return { name: nameOf(shown), site: value.site, root: `/frame/${pointAddress(site.id, release.point)}` };
  }, [shown, site, value, release]);
}

interface DiffersProps {
  shown: Shown;
  releases: readonly Release[];
  live: Listing;
  files: Listing;
}

/** What differs between what is looked at and another release, or the site as it stands. */
function Differs({ shown, releases, live, files }: DiffersProps) {
  const site = useSite();
  const others: Shown[] = [...releases.map(({ number }) => number), null].filter((each) => each !== shown);
  const before = releases.find(({ number }) => shown === null || number < shown)?.number;
  const [chosen, setChosen] = useState<Shown | undefined>(undefined);
  const other = chosen === undefined || chosen === shown ? (before ?? others[0]) : chosen;
  const otherFiles = useFiles(site.id, other ?? null, live);
  const [own, compared] = [useDocument(shown, releases), useDocument(other ?? null, releases)];
  if (other === undefined) return <p className={styles.empty}>There is no release yet to compare with.</p>;
  // The older one stands before the younger one.
  const turned = other === null || (shown !== null && other > shown);
  const [was, is] = turned ? [own, compared] : [compared, own];
  const [wasFiles, isFiles] = turned ? [files, otherFiles] : [otherFiles, files];
  return (
    <div className={styles.comparing}>
      <div className={styles.chosen}>
        <span>{nameOf(shown)}, compared with</span>
        <Select
          aria-label="Compared with"
          value={String(other)}
          popupMatchSelectWidth={false}
          options={others.map((each) => ({ value: String(each), label: nameOf(each) }))}
          onChange={(value) => setChosen(value === 'null' ? null : Number(value))}
        />
      </div>
      {was && is && <Comparison before={was} after={is} />}
      {wasFiles.busy || isFiles.busy ? (
        <p className="quiet" role="status">
          Reading the files…
        </p>
      ) : (
        <FileDifferences before={wasFiles.files} after={isFiles.files} />
      )}
    </div>
  );
}

/** Makes a release of the site as it is saved, with a note. */
function NewRelease({
  next,
  onMaking,
  onMade,
}: {
  next: number;
  onMaking(making: boolean): void;
  onMade(number: number): void;
}) {
  const { id } = useSite();
  const revision = useOpenSite((open) => open.revision);
  const saved = useOpenSite((open) => open.saveState === 'saved');
  const [note, setNote] = useState('');
  const { progress, problem, start, stop } = useMaking(id, ({ release }) => {
    setNote('');
    onMade(release!);
  });
  const making = progress !== null;
  useEffect(() => onMaking(making), [making, onMaking]);
  return (
    <form
      aria-label="Make a release"
      onSubmit={(event) => {
        event.preventDefault();
        start({ make: 'release', revision, note });
      }}
    >
      <div className={styles.head}>
        <Input
          value={note}
          aria-label="Note of the release"
          placeholder="What it is for"
          maxLength={300}
          onChange={(event) => setNote(event.target.value)}
        />
        <Button type="primary" htmlType="submit" disabled={!saved || making}>
          Make release {next}
        </Button>
      </div>
      {progress && <Making what="Freezing" {...progress} stop={stop} />}
      {problem !== null && <p role="alert">{problem}</p>}
    </form>
  );
}

interface ListProps {
  releases: readonly Release[];
  liveRelease: number | null;
  shown: Shown;
  onShow(shown: Shown): void;
}

/** The site as it stands, and its releases. */
function ReleaseList({ releases, liveRelease, shown, onShow }: ListProps) {
  const revision = useOpenSite((open) => open.revision);
  return (
    <ul className={styles.list} aria-label="Releases">
      <li>
        <button type="button" className="one-of" aria-pressed={shown === null} onClick={() => onShow(null)}>
          <b>As it stands</b>
          <span className="quiet">
            revision <span className="figures">{revision}</span>
          </span>
        </button>
      </li>
      {releases.map(({ number, note, at, files, bytes }) => (
        <li key={number}>
          <button
            type="button"
            className="one-of"
            aria-pressed={shown === number}
            onClick={() => onShow(number)}
          >
            <b>
              Release {number}
              {number === liveRelease && <span className={styles.live}>● live</span>}
            </b>
            {note !== '' && <span>{note}</span>}
            <span className="quiet">
              <span className="figures">{momentText(at)}</span>, {files} files,{' '}
              <span className="figures">{sizeText(bytes)}</span>
            </span>
          </button>
        </li>
      ))}
    </ul>
  );
}

const views = ['Files', 'Parts', 'What differs'] as const;

/** Releases: made, looked at, compared, published at the practice host, and handed over as files, as parts or as an archive. */
export function ReleaseScreen() {
  const site = useSite();
  const { modal, message } = App.useApp();
  const revision = useOpenSite((open) => open.revision);
  const saved = useOpenSite((open) => open.saveState === 'saved');
  const ask = useCallback(() => getReleases(site.id), [site.id]);
  const { value, problem, again } = useFetched(ask);
  const [shown, setShown] = useState<Shown>(null);
  const [view, setView] = useState<(typeof views)[number]>('Files');
  const [making, setMaking] = useState(false);
  // One thing at a time is rendered beside the server.
  const live = useListing(site.id, revision, !making && (shown === null || view === 'What differs'));
  const files = useFiles(site.id, shown, live);
  const releases = useMemo(() => value?.releases ?? [], [value]);
  const document = useDocument(shown, releases);
  const address = useCallback(
    (path: string) =>
      shown === null
        ? `/try/${site.id}/${path}?${revision}`
        : `/api/sites/${site.id}/releases/${shown}/files?path=${encodeURIComponent(path)}`,
    [site.id, shown, revision],
  );
  const remove = () =>
    modal.confirm({
      title: `Remove release ${shown}?`,
      content: 'Its files and its saved point are gone then; the site stays as it is.',
      okText: 'Remove',
      okButtonProps: { danger: true },
      onOk: async () => {
        const answer = await deleteRelease(site.id, shown!);
        if (!answer.ok) return void message.error(answer.reason);
        setShown(null);
        again();
      },
    });

  return (
    <Screen here="release">
      <div className={styles.release}>
        <aside className={styles.side} aria-label="Releases and the practice host">
          <NewRelease
            next={(releases[0]?.number ?? 0) + 1}
            onMaking={setMaking}
            onMade={(number) => {
              setShown(number);
              again();
            }}
          />
          {problem !== null && <p role="alert">{problem}</p>}
          {value && (
            <ReleaseList
              releases={releases}
              liveRelease={value.hosting.release}
              shown={shown}
              onShow={setShown}
            />
          )}
          {value && releases.length === 0 && (
            <p className="quiet">
              A release freezes the rendered files under a number. It never changes, can be published at the
              practice host, and be compared with what comes later.
            </p>
          )}
          {value && releases.length > 0 && (
            <PracticeHost hosting={value.hosting} shown={shown} onChanged={again} />
          )}
        </aside>
        <div className={styles.shown}>
          <div className={styles.bar}>
            <h2>{nameOf(shown)}</h2>
            <Segmented aria-label="What is looked at" value={view} options={[...views]} onChange={setView} />
            <span className={styles.space} />
            {shown !== null && <Button onClick={remove}>Remove</Button>}
            {shown === null && (
              <Button href={`/api/sites/${site.id}/site-file`} disabled={!saved}>
                Download the site file
              </Button>
            )}
            <Archive site={site.id} release={shown} disabled={shown === null && !saved} />
          </div>
          {view === 'Files' && <FilesView key={String(shown)} listing={files} address={address} />}
          {view === 'Parts' && document && (
            <PartsView
              key={String(shown)}
              site={document.site}
              id={site.id}
              release={shown}
              revision={revision}
            />
          )}
          {view === 'What differs' && (
            <Differs key={String(shown)} shown={shown} releases={releases} live={live} files={files} />
          )}
        </div>
      </div>
    </Screen>
  );
}
