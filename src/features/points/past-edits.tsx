'use client';

import { Button, Spin } from 'antd';
import { useCallback, useMemo, useState, type ReactNode } from 'react';
import { getAround, getPastEdits } from '@/client/api';
import { useMovedBetween } from '@/client/findings';
import { useOpenSite, useSite } from '@/client/open-site-context';
import { useFetched } from '@/client/use-fetched';
import { pastEditText, type PastEdit } from '@/core/comparing/past-edit';
import type { Site } from '@/core/site/site';
import { momentText } from '@/ui/moment-text';
import { MovedList } from '../checks/also-moved';
import { Comparison } from '../comparing/comparison';
import type { State } from '../comparing/pictures';
import styles from './points.module.css';

/** What an edit changed beside what it was made for. */
function AlsoMovedThen({ before, after }: { before: Site; after: Site }) {
  const told = useMovedBetween(before, after);
  return (
    <section aria-label="Also moved" className={styles.also}>
      <h3>Also moved</h3>
      {told === null ? (
        <Spin size="small" />
      ) : 'failed' in told ? (
        <p role="alert">It could not be told: {told.failed}</p>
      ) : told.moved.length === 0 ? (
        <p className="quiet">Nothing else: what it was made for is all that changed.</p>
      ) : (
        <MovedList moved={told.moved} />
      )}
    </section>
  );
}

/** Something that was done: what it changed, as it was before and after. */
function Done({ edit }: { edit: PastEdit }) {
  const { id } = useSite();
  const ask = useCallback(() => getAround(id, edit), [id, edit]);
  const { value, problem } = useFetched(ask);
  const states = useMemo(() => {
    if (!value) return null;
    const stateOf = (name: string, site: Site): State => ({ name, site, root: `/frame/${id}` });
    return { before: stateOf('Before', value.before), after: stateOf('After', value.after) };
  }, [value, id]);
  return (
    <>
      <div className={styles.head}>
        <h2>{pastEditText(edit)}</h2>
        <span className="quiet">
          <span className="figures">{momentText(edit.at)}</span>, revision{' '}
          <span className="figures">{edit.to}</span>
        </span>
      </div>
      {problem !== null && <p role="alert">{problem}</p>}
      {!states && problem === null && <p className="quiet">Working out what the site was…</p>}
      {states && (
        <>
          <AlsoMovedThen before={states.before.site} after={states.after.site} />
          <Comparison {...states} />
        </>
      )}
    </>
  );
}

/** All that was done, as far as it was asked for; what is done meanwhile is there at once. */
function usePastEdits(): { edits: PastEdit[]; more: boolean; problem: string | null; further(): void } {
  const { id } = useSite();
  const revision = useOpenSite((open) => open.revision);
  const ask = useCallback(() => getPastEdits(id, null), [id]);
  const { value, problem } = useFetched(ask, revision);
  const [older, setOlder] = useState<{ edits: PastEdit[]; more: boolean; problem: string | null } | null>(
    null,
  );
  const edits = useMemo(() => {
    const first = value?.edits ?? [];
    const last = first.at(-1)?.from ?? 0;
    return [...first, ...(older?.edits ?? []).filter(({ to }) => to < last)];
  }, [value, older]);
  const further = () =>
    void getPastEdits(id, edits.at(-1)!.from).then((answer) =>
      setOlder(
        answer.ok
          ? { edits: [...edits, ...answer.value.edits], more: answer.value.more, problem: null }
          : { edits, more: true, problem: answer.reason },
      ),
    );
  return {
    edits,
    more: older?.more ?? value?.more ?? false,
    problem: problem ?? older?.problem ?? null,
    further,
  };
}

/** All that was done to the site, the last first, each with what it changed and what else moved with it. */
export function PastEdits({ choice }: { choice: ReactNode }) {
  const { edits, more, problem, further } = usePastEdits();
  const [chosen, setChosen] = useState<number | null>(null);
  const here = edits.find(({ to }) => to === chosen) ?? edits[0];
  return (
    <>
      <section aria-label="Every edit" className={styles.list}>
        {choice}
        {problem !== null && <p role="alert">{problem}</p>}
        {edits.length === 0 && problem === null && (
          <p className="quiet">
            Nothing was edited yet. What is done from now on is listed here, with what it moved.
          </p>
        )}
        <ul className={styles.edits}>
          {edits.map((edit) => (
            <li key={edit.to}>
              <button
                type="button"
                className={`one-of ${styles.edit}`}
                aria-pressed={edit === here}
                onClick={() => setChosen(edit.to)}
              >
                <span>{pastEditText(edit)}</span>
                <span className="quiet figures">{momentText(edit.at).slice(5)}</span>
              </button>
            </li>
          ))}
        </ul>
        {more && <Button onClick={further}>Show earlier ones</Button>}
      </section>
      <section aria-label="What it changed" className={styles.since}>
        {here ? (
          <Done key={`${here.from} ${here.to}`} edit={here} />
        ) : (
          <p className="quiet">What an edit changed is shown here.</p>
        )}
      </section>
    </>
  );
}
