'use client';

import { own } from '@/core/ids/id';
import { App, Button, Segmented } from 'antd';
import { useMemo, useState } from 'react';
import { useBarWidths } from '@/client/fit-survey';
import { LaterSite, useSite } from '@/client/open-site-context';
import { NARROWEST, WIDEST } from '@/core/bands/band';
import { breaks } from '@/core/fit/fit-status';
import type { BarPlace } from '@/core/fit/forecasts';
import { firstWidth } from '@/core/fit/whole-fit';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import type { Assembly } from '@/core/site/assembly';
import { fullestBar } from '@/core/site/fullest-bar';
import { languageName } from '@/core/site/language';
import { pieceTitle } from '@/core/site/uses';
import { RoomChart } from '@/ui/chart/charts';
import { WholeField } from '@/ui/whole-field';
import type { BarWidths } from '@/workers/fit-messages';
import { Screen } from '../shell/screen';
import { changeRows, changesAsText, type ChangeRow } from '@/core/fit/changes-text';
import { ScreenLink } from '@/ui/screen-link';
import { surveyWarning } from './fit-words';
import { lineOver, roomAt, stackedPieces, type RoomAt } from './room-lines';
import { SuggestionTable } from './suggestion-table';
import styles from './fit.module.css';

/** How far the widths go that are looked at, in CSS px. */
const ranges = [WIDEST, 2 * WIDEST];

interface FitScreenProps {
  kind: AssemblyKind;
  assemblyId: string;
  /** The bar that is looked at first. */
  bar: string | null;
}

function LaterScreen({ kind, assemblyId, bar }: FitScreenProps) {
  const site = useSite();
  const assembly = own(site[kind], assemblyId);
  if (!assembly)
    return (
      <Screen here={kind}>
        <p className={styles.gone}>
          This is no longer in the site.{' '}
          <ScreenLink href={`/sites/${site.id}/${kind}`}>To what is there</ScreenLink>
        </p>
      </Screen>
    );
  const crumb = (
    <>
      <ScreenLink href={`/sites/${site.id}/${kind}/${assembly.id}`}>{assembly.name}</ScreenLink>
      <span aria-hidden="true">/</span>
      <b>Fit</b>
    </>
  );
  return (
    <Screen here={kind} crumb={crumb}>
      <FitOf kind={kind} assembly={assembly} first={bar} />
    </Screen>
  );
}

/** The room that a bar needs and has at every width, where that changes how it stands, and what would give it more. */
export function FitScreen(props: FitScreenProps) {
  return (
    <LaterSite>
      <LaterScreen {...props} />
    </LaterSite>
  );
}

function FitOf({ kind, assembly, first }: { kind: AssemblyKind; assembly: Assembly; first: string | null }) {
  const site = useSite();
  const [wanted, setWanted] = useState(first);
  const [most, setMost] = useState(WIDEST);
  const bar = wanted !== null && assembly.bars[wanted] ? wanted : fullestBar(assembly);
  const place: BarPlace = { kind, assembly: assembly.id, bar };
  const span = useMemo(() => ({ from: NARROWEST, to: most }), [most]);
  const [spoken, setSpoken] = useState(site.languages[0]!);
  const language = site.languages.includes(spoken) ? spoken : site.languages[0]!;
  const found = useBarWidths(site, place, { span, language });
  return (
    <div className={styles.page}>
      <div className={styles.head}>
        <Segmented
          size="small"
          aria-label="Bar"
          value={bar}
          options={assembly.order.map((id) => ({ value: id, label: assembly.bars[id]!.name }))}
          onChange={setWanted}
        />
        {site.languages.length > 1 && (
          <Segmented
            size="small"
            aria-label="Language"
            value={language}
            options={site.languages.map((tag) => ({ value: tag, label: languageName(tag) }))}
            onChange={setSpoken}
          />
        )}
        <Segmented
          size="small"
          aria-label="Widths"
          value={most}
          options={ranges.map((to) => ({ value: to, label: `${NARROWEST} to ${to} px` }))}
          onChange={setMost}
        />
      </div>
      {found === null ? (
        <p className="quiet" role="status">
          Measuring how wide everything is…
        </p>
      ) : (
        <Room key={bar} place={place} assembly={assembly} found={found} most={most} />
      )}
    </div>
  );
}

interface RoomProps {
  place: BarPlace;
  assembly: Assembly;
  found: BarWidths;
  most: number;
}

function Room({ place, assembly, found, most }: RoomProps) {
  const site = useSite();
  const { rooms, survey } = found;
  const survived = survey.bars[0]?.bar === place.bar && knows(assembly, found);
  const stretches = survived ? survey.bars[0]!.stretches : [];
  const changes = stretches.slice(1).map(({ from }) => from);
  const bad = stretches.filter(breaks);
  const stopsAt = bad.at(-1)?.to ?? null;
  const [asked, setAsked] = useState<number | null>(null);
  const at = Math.min(most, asked ?? Math.max(NARROWEST, firstWidth({ from: stopsAt ?? 1024 }) - 1));
  const warning = surveyWarning(site, assembly, survey);
  const rows = survived ? changeRows(site, assembly, survey.bars[0]!) : [];
  const name = assembly.bars[place.bar]!.name;
  if (rooms.length === 0) return <p className="quiet">Nothing shows in this bar at any width.</p>;
  return (
    <>
      <div className={styles.chartAndFigures}>
        <div className={styles.chart}>
          <RoomChart
            label={`Room that “${name}” needs and has over the width of the viewport`}
            available={{ label: 'has', points: lineOver(rooms, (room) => room.available) }}
            least={{ label: 'needs at least', points: lineOver(rooms, (room) => room.least) }}
            most={{ label: 'needs as designed (dashed)', points: lineOver(rooms, (room) => room.designed) }}
            parts={stackedPieces(
              rooms,
              assembly.bars[place.bar]!.bays.flatMap(({ pieces }) => pieces),
            )}
            changes={changes}
            x={{ label: 'viewport, px', least: NARROWEST, most }}
            y={{ label: 'room, px' }}
            at={at}
            onAt={setAsked}
          />
        </div>
        <Figures
          assembly={assembly}
          at={at}
          most={most}
          room={roomAt(rooms, at)}
          status={stretches.findLast(({ from }) => from <= at)?.status ?? ''}
          onAt={setAsked}
        />
      </div>
      {warning !== null && <p role="alert">{warning}</p>}
      <div className={styles.tables}>
        <Changes rows={rows} name={name} />
        <SuggestionTable place={place} stopsAt={stopsAt} />
      </div>
    </>
  );
}

/** Whether everything that was surveyed is still in the assembly. */
function knows(assembly: Assembly, { survey }: BarWidths): boolean {
  return survey.bars.every(({ bar, stretches }) => {
    const pieces = stretches.flatMap(({ causes }) => causes.flatMap((cause) => cause.pieces));
    return assembly.bars[bar] !== undefined && pieces.every((id) => assembly.pieces[id] !== undefined);
  });
}

interface FiguresProps {
  assembly: Assembly;
  at: number;
  most: number;
  room: RoomAt | null;
  status: string;
  onAt(width: number): void;
}

const px = (length: number) => `${length.toFixed(1)} px`;

/** What the bar needs and has at one width, and the limits of its pieces there. */
function Figures({ assembly, at, most, room, status, onAt }: FiguresProps) {
  const site = useSite();
  return (
    <section className={styles.figures} aria-label="Read out">
      <p>
        At{' '}
        <WholeField
          label="Width that is read out, in px"
          width={64}
          value={at}
          least={NARROWEST}
          most={most}
          keep={onAt}
        />{' '}
        px {room === null ? 'nothing of it shows' : `it ${status}`}
      </p>
      {room && (
        <table className="rows">
          <tbody>
            <tr>
              <th scope="row">Has</th>
              <td className="figures">{px(room.available)}</td>
              <td />
            </tr>
            <tr>
              <th scope="row">Needs at least</th>
              <td className="figures">{px(room.least)}</td>
              <td className="figures">{spareText(room.available - room.least)}</td>
            </tr>
            <tr>
              <th scope="row">As designed</th>
              <td className="figures">{px(room.designed)}</td>
              <td className="figures">{spareText(room.available - room.designed)}</td>
            </tr>
          </tbody>
        </table>
      )}
      {room && (
        <table className="rows">
          <thead>
            <tr>
              <th scope="col">Piece</th>
              <th scope="col">At least</th>
              <th scope="col">Prefers</th>
            </tr>
          </thead>
          <tbody>
            {room.pieces.map(({ id, least, preferred }) => {
              const piece = assembly.pieces[id];
              return (
                piece && (
                  <tr key={id}>
                    <th scope="row">{pieceTitle(site, piece)}</th>
                    <td className="figures">{px(least)}</td>
                    <td className="figures">{px(preferred)}</td>
                  </tr>
                )
              );
            })}
          </tbody>
        </table>
      )}
      {room && <p className="quiet">In the chart they stand on each other, from below in this order.</p>}
    </section>
  );
}

function spareText(spare: number): string {
  return spare < 0 ? `${px(-spare)} short` : `${px(spare)} left`;
}

/** Where the bar changes how it stands, to be read and to be copied. */
function Changes({ rows, name }: { rows: readonly ChangeRow[]; name: string }) {
  const { message } = App.useApp();
  const copy = () =>
    navigator.clipboard.writeText(changesAsText(rows)).then(
      () => message.success('The table is on the clipboard.'),
      () => message.error('The browser does not let the table be copied. Select it and copy it by hand.'),
    );
  return (
    <section aria-label="Changes of fit">
      <div className={styles.head}>
        <h2>Changes of fit</h2>
        <Button size="small" onClick={() => void copy()}>
          Copy the table
        </Button>
      </div>
      <table className="rows" aria-label={`How “${name}” stands`}>
        <thead>
          <tr>
            <th scope="col">Widths</th>
            <th scope="col">Stands</th>
            <th scope="col">Why</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ from, to, status, why }) => (
            <tr key={from}>
              <td className="figures">
                {from}–{to} px
              </td>
              <td>{status}</td>
              <td>{why}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
