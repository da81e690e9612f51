'use client';

import { useForecast } from '@/client/fit-survey';
import { useSite } from '@/client/open-site-context';
import { NARROWEST, WIDEST } from '@/core/bands/band';
import type { AssemblyPlace } from '@/core/edit/place';
import type { ForecastRow } from '@/core/fit/forecasts';
import { Strip } from '@/ui/ruler/strip';
import styles from './fit.module.css';

const SCALE = { from: NARROWEST, to: WIDEST };

/** How a bar would stand if things came otherwise, each with a strip of its own and what it changes. */
export function ForecastTable({ at, bar }: { at: AssemblyPlace; bar: string }) {
  const site = useSite();
  const forecast = useForecast(site, { kind: at.in, assembly: at.assembly, bar });
  if (forecast === null)
    return (
      <p className="quiet" role="status">
        Looking ahead…
      </p>
    );
  const [today] = forecast.rows;
  const items = forecast.items.flatMap(({ band, count }) => {
    const found = site.bands.find(({ id }) => id === band);
    return found && count !== null ? [`${found.name} ${count}`] : [];
  });
  return (
    <section className={styles.forecasts} aria-label="Forecasts">
      <h3>Looking ahead</h3>
      <table className="rows">
        <thead>
          <tr>
            <th scope="col">If</th>
            <th scope="col">Fits from, without rules</th>
            <th scope="col">Change</th>
            <th scope="col">320 to 1920 px, with rules</th>
          </tr>
        </thead>
        <tbody>
          {forecast.rows.map((row) => (
            <tr key={row.id}>
              <th scope="row">{row.label}</th>
              <td className="figures">{fitsFrom(row)}</td>
              <td className="figures">{row === today ? '' : changeText(row, today!)}</td>
              <td>
                <Strip scale={SCALE} stretches={row.stretches} label={stripText(row)} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {items.length > 0 && (
        <p className="quiet">
          Items of average length that can still be added before it breaks where a band begins:{' '}
          {items.join(', ')}.
        </p>
      )}
    </section>
  );
}

function fitsFrom({ stopsAt }: ForecastRow): string {
  if (stopsAt === null) return 'every width';
  return stopsAt === Infinity ? 'no width' : `${Math.ceil(stopsAt)} px`;
}

function changeText(row: ForecastRow, today: ForecastRow): string {
  if (row.stopsAt === Infinity || today.stopsAt === Infinity) return '–';
  const by = Math.ceil(row.stopsAt ?? NARROWEST) - Math.ceil(today.stopsAt ?? NARROWEST);
  return by === 0 ? '0 px' : `${by > 0 ? '+' : '−'}${Math.abs(by)} px`;
}

/** What a strip shows, for readers. */
function stripText({ stretches }: ForecastRow): string {
  return stretches.map(({ from, status }) => `${status} from ${Math.ceil(from)} px`).join(', ');
}
