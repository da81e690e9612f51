'use client';

import { App, Segmented } from 'antd';
import { useEffect, useMemo, useRef, useState } from 'react';
import { newId } from '@/client/new-id';
import { useAdvances, useEdit } from '@/client/open-site-context';
import { contrastsOver } from '@/client/picture-contrast';
import type { ScrimForm } from '@/core/colour/picture-contrast';
import { usually } from '@/core/fit/heights';
import { barsOverPicture, type OverPicture } from '@/core/fit/over-picture';
import { schemes, type Scheme } from '@/core/properties/schemes';
import type { Assembly } from '@/core/site/assembly';
import { hasDark, inScheme } from '@/core/site/scheme';
import type { Site } from '@/core/site/site';
import { FileField, type FileFieldHandle } from '@/ui/file-field';
import type { BarContrast } from '@/workers/contrast-messages';
import { ContrastFigure } from '@/ui/contrast-figure';
import { usePictures, type JudgedPicture } from './pictures';
import { scrimEdits } from './scrim-edits';
import styles from './scroll.module.css';

/** The width of a drawn picture, in px of the screen. */
const DRAWN = 300;

/** What every picture comes to, by its name; what was asked last counts. */
function useContrasts(pictures: readonly JudgedPicture[], over: OverPicture[]): Map<string, BarContrast[]> {
  const [found, setFound] = useState<Map<string, BarContrast[]>>(new Map());
  useEffect(() => {
    let gone = false;
    const asked = pictures.map(async ({ name, blob }) => [name, await contrastsOver(blob, over)] as const);
    void Promise.all(asked).then((all) => {
      if (!gone) setFound(new Map(all));
    });
    return () => {
      gone = true;
    };
  }, [pictures, over]);
  return found;
}

/** The part of a picture that is behind the header, with the spot where the text stands out least. */
function Spot({
  picture,
  over,
  contrast,
}: {
  picture: JudgedPicture;
  over: OverPicture;
  contrast: BarContrast;
}) {
  const scale = DRAWN / over.width;
  return (
    <div
      className={styles.spot}
      style={{
        inlineSize: DRAWN,
        blockSize: over.pictureHeight * scale,
        backgroundImage: `url("${picture.address}")`,
      }}
      role="img"
      aria-label={`${picture.name}: worst at ${contrast.at.x}, ${contrast.at.y} px`}
    >
      <i
        style={{ insetBlockStart: over.rows[0] * scale, blockSize: (over.rows[1] - over.rows[0]) * scale }}
      />
      <b style={{ insetInlineStart: contrast.at.x * scale, insetBlockStart: contrast.at.y * scale }} />
    </div>
  );
}

interface ScrimsProps {
  contrast: BarContrast;
  /** Puts one in; null where they are only told. */
  onPut: ((form: ScrimForm, alpha: number) => void) | null;
}

/** The least scrims for a bar, each put in with one click. */
function Scrims({ contrast, onPut }: ScrimsProps) {
  const forms = (['flat', 'gradient'] as const).filter((form) => contrast[form] !== null);
  if (forms.length === 0) return <span>no scrim is enough</span>;
  if (contrast.flat === 0) return <span className="quiet">none needed</span>;
  if (onPut === null)
    return <span>{forms.map((form) => `${form} ${Math.round(contrast[form]! * 100)} %`).join(', ')}</span>;
  return forms.map((form) => (
    <button
      key={form}
      type="button"
      className={`plain ${styles.scrim}`}
      title={`Lay ${contrast.colour} at ${Math.round(contrast[form]! * 100)} % under the text`}
      onClick={() => onPut(form, contrast[form]!)}
    >
      {form} {Math.round(contrast[form]! * 100)} %
    </button>
  ));
}

/** The worst of several contrasts of one bar, and the scrims that are enough for all of them. */
function together(all: readonly BarContrast[]): BarContrast {
  const most = (form: ScrimForm) => {
    const alphas = all.map((each) => each[form]);
    return alphas.includes(null) ? null : Math.max(...(alphas as number[]));
  };
  const worst = all.reduce((least, each) => (each.worst < least.worst ? each : least));
  return { ...worst, flat: most('flat'), gradient: most('gradient') };
}

interface DetailProps {
  picture: JudgedPicture;
  at: OverPicture;
  title: string;
  contrast: BarContrast;
  onPut: ScrimsProps['onPut'];
}

/** One picture behind one bar, with its figures and the scrims that would help. */
function Detail({ picture, at, title, contrast, onPut }: DetailProps) {
  return (
    <div className={styles.detail}>
      <Spot picture={picture} over={at} contrast={contrast} />
      <p>
        <b>
          {title} over {picture.name}
        </b>{' '}
        <span className="figures quiet">{at.width} px</span>
        <br />
        worst <ContrastFigure ratio={contrast.worst} /> at{' '}
        <span className="figures">
          {contrast.at.x}, {contrast.at.y}
        </span>{' '}
        · 5 % of it below <ContrastFigure ratio={contrast.fifth} />
        <br />
        Least scrim for 4.5 : 1: <Scrims contrast={contrast} onPut={onPut} />
      </p>
    </div>
  );
}

/** How a header that lies over a picture stands out against several of them, band by band, with the least scrim that helps. */
export function OverPictures({ site, header }: { site: Site; header: Assembly }) {
  const { notification } = App.useApp();
  const edit = useEdit();
  const advances = useAdvances();
  const [wanted, setWanted] = useState<Scheme>('light');
  const scheme = hasDark(site) ? wanted : 'light';
  const over = useMemo(
    () => barsOverPicture(usually(inScheme(site, scheme), advances), header),
    [site, scheme, advances, header],
  );
  const [pictures, add] = usePictures();
  const contrasts = useContrasts(pictures, over);
  const [chosen, setChosen] = useState<{ picture: string; row: number }>({ picture: 'Busy harbour', row: 0 });
  const field = useRef<FileFieldHandle>(null);
  if (over.length === 0) return <p className="quiet">This header lies over no picture in any band.</p>;
  const nameOf = ({ band, bar }: OverPicture) =>
    `${site.bands.find(({ id }) => id === band)!.name}, ${header.bars[bar]!.name}`;
  const judged = pictures.filter(({ name }) => contrasts.get(name)?.length === over.length);
  const row = Math.min(chosen.row, over.length - 1);
  const shown = judged.find(({ name }) => name === chosen.picture) ?? judged[0];
  // One that is put in lies there in both schemes, so in the dark one they are only told.
  const put =
    (at: OverPicture, { colour }: BarContrast) =>
    (form: ScrimForm, alpha: number) => {
      const refused = edit(scrimEdits(site, header.id, at, { form, colour, alpha }, newId));
      if (refused) notification.error({ title: 'The scrim was not put in', description: refused });
    };
  return (
    <section className={styles.over} aria-label="Legible over pictures">
      <h3>Legible over pictures, at the top of the page</h3>
      {hasDark(site) && (
        <Segmented
          size="small"
          aria-label="Scheme of the contrasts over pictures"
          value={scheme}
          options={[...schemes]}
          onChange={setWanted}
        />
      )}
      {shown === undefined ? (
        <p className="quiet">Looking at the pictures …</p>
      ) : (
        <>
          <table className="rows" aria-label="Worst contrast over pictures">
            <thead>
              <tr>
                <th scope="col">Bar</th>
                {judged.map(({ name }) => (
                  <th key={name} scope="col">
                    {name}
                  </th>
                ))}
                <th scope="col">Scrim for all</th>
              </tr>
            </thead>
            <tbody>
              {over.map((at, index) => {
                const all = together(judged.map(({ name }) => contrasts.get(name)![index]!));
                return (
                  <tr key={`${at.band} ${at.bar}`}>
                    <th scope="row">{nameOf(at)}</th>
                    {judged.map(({ name }) => (
                      <td key={name}>
                        <button
                          type="button"
                          className="plain"
                          aria-pressed={shown.name === name && row === index}
                          aria-label={`${nameOf(at)} over ${name}`}
                          onClick={() => setChosen({ picture: name, row: index })}
                        >
                          <ContrastFigure ratio={contrasts.get(name)![index]!.worst} />
                        </button>
                      </td>
                    ))}
                    <td>
                      <Scrims contrast={all} onPut={scheme === 'light' ? put(at, all) : null} />
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
          <Detail
            picture={shown}
            at={over[row]!}
            title={nameOf(over[row]!)}
            contrast={contrasts.get(shown.name)![row]!}
            onPut={scheme === 'light' ? put(over[row]!, contrasts.get(shown.name)![row]!) : null}
          />
        </>
      )}
      <button type="button" className="plain" onClick={() => field.current?.ask()}>
        Judge with a picture of your own…
      </button>
      <FileField
        ref={field}
        label="Picture to judge with"
        accept="image/*"
        onFile={(file) =>
          void add(file).then((refused) => {
            if (refused) notification.error({ title: 'Not judged', description: refused });
          })
        }
      />
    </section>
  );
}
