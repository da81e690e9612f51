'use client';

import { Button } from 'antd';
import { useState } from 'react';
import { useSuggestions } from '@/client/fit-survey';
import { useEdit, useSite } from '@/client/open-site-context';
import { bandAt, NARROWEST, WIDEST } from '@/core/bands/band';
import type { BarPlace } from '@/core/fit/forecasts';
import type { Suggestions } from '@/core/fit/suggestions';
import { languageName } from '@/core/site/language';
import { WholeField } from '@/ui/whole-field';
import { changeText } from '@/core/fit/suggestion-words';
import styles from './fit.module.css';

/** The width down to which one would like it to fit at first: where the band begins in which it stops. */
function firstWish(bands: Parameters<typeof bandAt>[0], stopsAt: number | null): number {
  if (stopsAt === null) return NARROWEST;
  return Math.max(NARROWEST, bandAt(bands, Math.min(stopsAt, WIDEST) - 1).from);
}

interface SuggestionTableProps {
  place: BarPlace;
  /** The widest viewport at which the bar does not fit, in CSS px; null where it fits everywhere. */
  stopsAt: number | null;
}

/** What makes the bar fit down to a width that one names: each change by itself, as small as it may be. */
export function SuggestionTable({ place, stopsAt }: SuggestionTableProps) {
  const site = useSite();
  const [named, setNamed] = useState<number | null>(null);
  const down = named ?? firstWish(site.bands, stopsAt);
  const found = useSuggestions(site, place, down);
  return (
    <section className={styles.suggest} aria-label="Suggest">
      <h2>Suggest</h2>
      <p>
        What makes it fit down to{' '}
        <WholeField
          label="Down to, in px"
          width={64}
          value={down}
          least={NARROWEST}
          most={WIDEST}
          keep={setNamed}
        />{' '}
        px, each change by itself and as small as it may be
        {found && found.answer.all.length > 0 && site.languages.length > 1
          ? `, in ${languageName(found.answer.language)}, which needs the most`
          : ''}
        .
      </p>
      {found === null || found.stale ? (
        <p className="quiet" role="status">
          Trying what could give way…
        </p>
      ) : (
        <Found place={place} down={down} found={found.answer} />
      )}
    </section>
  );
}

function Found({ place, down, found }: { place: BarPlace; down: number; found: Suggestions }) {
  const site = useSite();
  const edit = useEdit();
  const assembly = site[place.kind][place.assembly]!;
  if (found.fitsFrom <= down)
    return (
      <p className="quiet" role="status">
        It fits down to {Math.ceil(found.fitsFrom)} px already.
      </p>
    );
  if (found.all.length === 0)
    return (
      <p className="quiet" role="status">
        Nothing in this bar can give way. Let fewer pieces stand in it, or give it a collapse rule.
      </p>
    );
  return (
    <table className="rows" aria-label="Suggestions">
      <thead>
        <tr>
          <th scope="col">Change</th>
          <th scope="col">Fits from</th>
          <th scope="col">Gain</th>
          <th scope="col">
            <span className="seen-by-readers-only">Action</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {found.all.map(({ change, edits, fitsFrom, gain, enough }) => {
          const text = changeText(site, assembly, change);
          return (
            <tr key={text}>
              <th scope="row">{text}</th>
              <td className="figures">
                {fitsFrom === Infinity ? 'no width' : `${Math.ceil(fitsFrom)} px`}
                {!enough && <span className="quiet"> not enough</span>}
              </td>
              <td className="figures">{Number.isFinite(gain) ? `${Math.round(gain)} px` : '–'}</td>
              <td>
                {edits === null ? (
                  <a href={`/sites/${site.id}/menus`}>In Menus</a>
                ) : (
                  <Button size="small" aria-label={`Do: ${text}`} onClick={() => edit([...edits])}>
                    Do it
                  </Button>
                )}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
