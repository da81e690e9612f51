'use client';

import { App, Button, Input, Segmented } from 'antd';
import { useCallback, useMemo, useState, type ReactNode } from 'react';
import { deletePoint, getPoint, getPoints, postPoint } from '@/client/api';
import { useAdvances, useOpenSite, useSite } from '@/client/open-site-context';
import { useFetched } from '@/client/use-fetched';
import { differences } from '@/core/comparing/differences';
import { pointAddress, pointMade, type SavedPoint } from '@/core/comparing/saved-point';
import { placedOnPage } from '@/core/render/page/page';
import { homePage } from '@/core/render/files';
import { PreviewFrame } from '@/ui/preview/preview-frame';
import { momentText } from '@/ui/moment-text';
import { Comparison } from '../comparing/comparison';
import { drawnAssembly, fileOf } from '../comparing/drawn-assembly';
import type { State } from '../comparing/pictures';
import { Hint } from '../hints/hint';
import { Screen } from '../shell/screen';
import { PastEdits } from './past-edits';
import styles from './points.module.css';

/** A picture of a saved point: the beginning of its home page, drawn from its document. */
const PICTURE = { width: 1216, height: 380, scale: 0.23 };
const nothing = () => undefined;

function useSavedPoint(point: SavedPoint): { state: State | null; problem: string | null } {
  const { id } = useSite();
  const ask = useCallback(() => getPoint(id, point.id), [id, point.id]);
  const { value, problem } = useFetched(ask);
  const state = useMemo(
    () =>
      value && {
        name: point.name,
        site: value.site,
        root: `/frame/${pointAddress(id, point.id)}`,
      },
    [value, id, point],
  );
  return { state, problem };
}

/** What a saved point looks like: its home page with what stands on it. */
function Picture({ state }: { state: State }) {
  const advances = useAdvances();
  const drawn = useMemo(() => {
    const { site } = state;
    const { header, footer } = placedOnPage(site, homePage(site));
    const of = header
      ? ({ kind: 'headers', id: header.id } as const)
      : footer && ({ kind: 'footers', id: footer.id } as const);
    const content = of && drawnAssembly(site, of, advances);
    return of && content ? { content, file: fileOf(site, of) } : null;
  }, [state, advances]);
  const { width, height, scale } = PICTURE;
  return (
    <div
      className={styles.picture}
      style={{ inlineSize: width * scale, blockSize: height * scale }}
      inert
      role="img"
      aria-label={`“${state.name}”, drawn`}
    >
      {drawn ? (
        <PreviewFrame
          title={`${state.name}, drawn`}
          root={state.root}
          {...drawn}
          {...PICTURE}
          onNavigate={nothing}
          onDrawer={nothing}
          onLeave={nothing}
        />
      ) : (
        <span className="quiet">Nothing stood on its home page.</span>
      )}
    </div>
  );
}

interface ChosenProps {
  point: SavedPoint;
  onGone(): void;
}

/** A saved point, what has changed since, and the way back to it. */
function Chosen({ point, onGone }: ChosenProps) {
  const site = useSite();
  const { modal, message } = App.useApp();
  const returnTo = useOpenSite((open) => open.returnTo);
  const [busy, setBusy] = useState(false);
  const { state, problem } = useSavedPoint(point);
  const now = useMemo((): State => ({ name: 'Now', site, root: `/frame/${site.id}` }), [site]);
  if (problem !== null) return <p role="alert">{problem}</p>;
  if (!state) return <p className="quiet">Reading “{point.name}”…</p>;
  const goBack = () => {
    const count = differences(state.site, site).length;
    if (count === 0) return void message.info(`The site says what “${point.name}” says already.`);
    modal.confirm({
      title: `Go back to “${point.name}”?`,
      content: `What differs (${count === 1 ? 'one thing' : `${count} things`}) becomes what it was. It is one edit: undo takes it back.`,
      okText: 'Go back',
      onOk: async () => {
        setBusy(true);
        await returnTo(point.id);
        setBusy(false);
      },
    });
  };
  const remove = () =>
    modal.confirm({
      title: `Remove the saved point “${point.name}”?`,
      content: 'The site stays as it is; there is no way back to this moment any more.',
      okText: 'Remove',
      okButtonProps: { danger: true },
      onOk: async () => {
        const answer = await deletePoint(site.id, point.id);
        if (answer.ok) onGone();
        else message.error(answer.reason);
      },
    });
  return (
    <>
      <div className={styles.head}>
        <h2>Since “{point.name}”</h2>
        <span className="quiet">
          <span className="figures">{momentText(point.at)}</span>, {pointMade[point.made]}, revision{' '}
          <span className="figures">{point.revision}</span>
        </span>
        <span className={styles.space} />
        {point.made !== 'release' && (
          <Button disabled={busy} onClick={remove}>
            Remove
          </Button>
        )}
        <Button type="primary" loading={busy} onClick={goBack}>
          Go back to it…
        </Button>
      </div>
      <Comparison before={state} after={now} />
    </>
  );
}

/** One saved point in the list, with its picture. */
function Listed({ point, here, onPick }: { point: SavedPoint; here: boolean; onPick(): void }) {
  const { state } = useSavedPoint(point);
  const { width, height, scale } = PICTURE;
  return (
    <li>
      <button type="button" className={`one-of ${styles.point}`} aria-pressed={here} onClick={onPick}>
        {state ? (
          <Picture state={state} />
        ) : (
          <span className={styles.picture} style={{ inlineSize: width * scale, blockSize: height * scale }} />
        )}
        <b>{point.name}</b>
        <span className="quiet">
          <span className="figures">{momentText(point.at)}</span>, {pointMade[point.made]}
        </span>
      </button>
    </li>
  );
}

/** How many saved points are listed before one asks for more: each is drawn. */
const LISTED = 8;

/** Named moments of the site: made here, looked at, and gone back to. */
function SavedPoints({ choice }: { choice: ReactNode }) {
  const { id } = useSite();
  const { message } = App.useApp();
  const revision = useOpenSite((open) => open.revision);
  const saved = useOpenSite((open) => open.saveState === 'saved');
  const ask = useCallback(() => getPoints(id), [id]);
  const { value, problem, again } = useFetched(ask);
  const [name, setName] = useState('');
  const [chosen, setChosen] = useState<string | null>(null);
  const [most, setMost] = useState(LISTED);
  const points = value?.points ?? [];
  const here = points.find((point) => point.id === chosen) ?? points[0];
  const keep = async () => {
    const answer = await postPoint(id, name.trim() || `Revision ${revision}`);
    if (!answer.ok) return void message.error(answer.reason);
    setName('');
    setChosen(answer.value.point.id);
    again();
  };
  return (
    <>
      <section aria-label="Saved points" className={styles.list}>
        {choice}
        <Hint of="points" />
        <form
          className={styles.form}
          onSubmit={(event) => {
            event.preventDefault();
            void keep();
          }}
        >
          <Input
            value={name}
            aria-label="Name of the saved point"
            placeholder={`Revision ${revision}`}
            maxLength={60}
            onChange={(event) => setName(event.target.value)}
          />
          <Button type="primary" htmlType="submit" disabled={!saved}>
            Save this point
          </Button>
        </form>
        {problem !== null && <p role="alert">{problem}</p>}
        {value && points.length === 0 && (
          <p className="quiet">
            A saved point keeps the whole site as it is now, under a name. Later you see what has changed
            since, and can go back. One is made by itself before each release, import and upgrade.
          </p>
        )}
        <ul>
          {points.slice(0, most).map((point) => (
            <Listed
              key={point.id}
              point={point}
              here={point.id === here?.id}
              onPick={() => setChosen(point.id)}
            />
          ))}
        </ul>
        {points.length > most && (
          <Button onClick={() => setMost(most + LISTED)}>Show {points.length - most} more</Button>
        )}
      </section>
      <section aria-label="What has changed since" className={styles.since}>
        {here ? (
          <Chosen key={here.id} point={here} onGone={again} />
        ) : (
          <p className="quiet">What has changed since a saved point is shown here.</p>
        )}
      </section>
    </>
  );
}

const views = { points: 'Saved points', edits: 'Every edit' } as const;
type View = keyof typeof views;

/** What the site was before: its saved points, and all that was done to it. */
export function PointsScreen() {
  const [view, setView] = useState<View>('points');
  const choice = (
    <Segmented<View>
      block
      className={styles.choice}
      aria-label="What of the past"
      value={view}
      options={(Object.keys(views) as View[]).map((value) => ({ value, label: views[value] }))}
      onChange={setView}
    />
  );
  return (
    <Screen here="points">
      <div className={styles.screen}>
        {view === 'points' ? <SavedPoints choice={choice} /> : <PastEdits choice={choice} />}
      </div>
    </Screen>
  );
}
