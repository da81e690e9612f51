'use client';

import { Button } from 'antd';
import { useMemo, useState } from 'react';
import { newId } from '@/client/new-id';
import { useEdit, useSite } from '@/client/open-site-context';
import { NARROWEST, WIDEST } from '@/core/bands/band';
import { standardTypeStyles, typeStyleProperties } from '@/core/brand/type-style';
import type { FontFace } from '@/core/brand/fonts';
import { lengthAt, lengthCss, lengthOver, type Length } from '@/core/lengths/formula';
import type { Id } from '@/core/ids/id';
import { settledValues } from '@/core/resolve/settled-values';
import type { TypeStyle } from '@/core/site/brand';
import type { Site } from '@/core/site/site';
import { usesOf } from '@/core/site/uses';
import { LineChart } from '@/ui/chart/charts';
import { Sheet } from '@/ui/sheet/sheet';
import { TextCell } from '@/ui/table/text-cell';
import { sheetColumns, sheetGroups } from '../sheet/sheet-model';
import { useValueActions } from '../sheet/use-value-actions';
import { useFace } from './use-face';
import styles from './brand.module.css';

/** A type style as it is in a band. */
interface SettledStyle extends FontFace {
  family: Id;
  size: Length;
  lineHeight: number;
  letterSpacing: number;
  case: 'none' | 'uppercase' | 'lowercase';
}

function styleIn(site: Site, { values }: TypeStyle, band: Id): SettledStyle {
  const chain = site.bands.map((each) => each.id);
  return settledValues(values, typeStyleProperties, chain, band) as unknown as SettledStyle;
}

/** The widths of a band within those that are designed for, in CSS px, both ends included. */
function widthsOf(site: Site, index: number): [number, number] {
  const from = Math.max(site.bands[index]!.from, NARROWEST);
  return [from, index === 0 ? WIDEST : site.bands[index - 1]!.from - 1];
}

/** The size over the width: within each band at its ends, and where a fluid size begins and ends. */
function sizeCurve(site: Site, style: TypeStyle): { x: number; y: number }[] {
  return site.bands
    .flatMap((band, index) => {
      const { size } = styleIn(site, style, band.id);
      const [from, to] = widthsOf(site, index);
      const { at, values } = lengthOver(size, { from, to });
      return at.map((x, bend) => ({ x, y: values[bend]! }));
    })
    .sort((a, b) => a.x - b.x);
}

/** A line of text in a style, at the size that it has at a width. */
function Specimen({ style, width, label }: { style: SettledStyle; width: number; label: string }) {
  const site = useSite();
  const family = useFace(site, style.family, style);
  const size = lengthAt(style.size, width);
  return (
    <figure className={styles.specimen}>
      <figcaption className="quiet">
        {label}{' '}
        <span className="figures">
          at {width} px: {Number(size.toFixed(2))} px
        </span>
      </figcaption>
      <p
        style={{
          fontFamily: `"${family}", system-ui`,
          fontSize: size,
          fontWeight: style.weight,
          fontStyle: style.slant,
          lineHeight: style.lineHeight,
          letterSpacing: style.letterSpacing,
          textTransform: style.case,
        }}
      >
        {site.name} 0123
      </p>
    </figure>
  );
}

/** The style that is looked at: its values per band, what they come to, and how it looks. */
function ChosenStyle({ style }: { style: TypeStyle }) {
  const site = useSite();
  const place = useMemo(() => ({ on: 'typeStyle' as const, style: style.id }), [style.id]);
  const actions = useValueActions(place);
  const columns = useMemo(() => sheetColumns(site.bands), [site.bands]);
  const groups = useMemo(() => sheetGroups(site, place), [site, place]);
  const curve = useMemo(() => sizeCurve(site, style), [site, style]);
  const sizes = [...new Set(site.bands.map((band) => lengthCss(styleIn(site, style, band.id).size)))];
  return (
    <div className={styles.chosenStyle}>
      <Sheet title={style.name} columns={columns} groups={groups} actions={actions} />
      <p>
        <span className="quiet">Size in the stylesheet:</span>{' '}
        {sizes.map((css) => (
          <code key={css} className="figures">
            {css}
          </code>
        ))}
      </p>
      <div className={styles.curve}>
        <LineChart
          label={`Size of ${style.name} over the width of the viewport`}
          lines={[{ label: style.name, points: curve }]}
          x={{ label: 'viewport, px', least: NARROWEST, most: WIDEST }}
          y={{ label: 'size, px' }}
        />
      </div>
      {site.bands.map((band, index) => {
        const [from, to] = widthsOf(site, index);
        const width = Math.min(to, Math.max(from, [1216, 768, 375][index] ?? from));
        return (
          <Specimen key={band.id} style={styleIn(site, style, band.id)} width={width} label={band.name} />
        );
      })}
    </div>
  );
}

/** Type styles: the list of them, and the one that is looked at, to begin with the one that is asked for. */
export function TypeSection({ first }: { first: Id | null }) {
  const site = useSite();
  const edit = useEdit();
  const all = Object.values(site.brand.typeStyles);
  const [wanted, setWanted] = useState<Id>(first ?? all[0]!.id);
  const style = site.brand.typeStyles[wanted] ?? all[0]!;
  const fixed = standardTypeStyles.some(({ id }) => id === style.id);
  const uses = useMemo(() => usesOf(site, 'typeStyles', new Set([style.id])).length, [site, style.id]);
  const add = () => {
    const id = newId();
    const name = `Style ${all.length + 1}`;
    if (edit([{ edit: 'addTypeStyle', style: { id, name, values: style.values } }]) === null) setWanted(id);
  };
  return (
    <div className={styles.type}>
      <div>
        <ul className={styles.styles} aria-label="Type styles">
          {all.map(({ id, name }) => (
            <li key={id}>
              <button
                type="button"
                className="plain"
                aria-pressed={id === style.id}
                onClick={() => setWanted(id)}
              >
                {name}
              </button>
            </li>
          ))}
        </ul>
        <Button size="small" onClick={add}>
          Add a style like this
        </Button>
      </div>
      <div>
        <div className={styles.styleHead}>
          <h3>
            <TextCell
              label="Name of the style"
              text={style.name}
              keep={(name) => edit([{ edit: 'renameTypeStyle', style: style.id, name }])}
            />
          </h3>
          {!fixed && (
            <Button size="small" onClick={() => edit([{ edit: 'removeTypeStyle', style: style.id }])}>
              Remove
              {uses > 0 ? `; ${uses === 1 ? 'one use goes' : `${uses} uses go`} back to the usual style` : ''}
            </Button>
          )}
        </div>
        <ChosenStyle key={style.id} style={style} />
      </div>
    </div>
  );
}
