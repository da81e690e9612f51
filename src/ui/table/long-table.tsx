'use client';

import { useRef, type ReactNode } from 'react';
import styles from '../tree/tree.module.css';
import { useRowsInSight } from '../tree/use-rows-in-sight';

export interface LongColumn<T> {
  key: string;
  label: ReactNode;
  /** CSS width of the column; those without one share what is left. */
  width?: string;
  /** The language of what stands in it. */
  lang?: string;
  cell(row: T): ReactNode;
}

/** A table of any length, of which only the rows in sight are drawn. */
export function LongTable<T>({
  label,
  rows,
  keyOf,
  columns,
}: {
  label: string;
  rows: readonly T[];
  keyOf(row: T): string;
  columns: readonly LongColumn<T>[];
}) {
  const scroller = useRef<HTMLDivElement>(null);
  const sight = useRowsInSight(rows.length, scroller);
  return (
    <div ref={scroller} className={styles.scroller}>
      <table className={`rows ${styles.table}`} aria-label={label} aria-rowcount={rows.length + 1}>
        <colgroup>
          {columns.map(({ key, width }) => (
            <col key={key} style={width === undefined ? {} : { inlineSize: width }} />
          ))}
        </colgroup>
        <thead>
          <tr aria-rowindex={1}>
            {columns.map((column) => (
              <th key={column.key} scope="col">
                {column.label}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {sight.before > 0 && <tr aria-hidden="true" style={{ blockSize: sight.before }} />}
          {rows.slice(sight.first, sight.last + 1).map((row, offset) => (
            <tr key={keyOf(row)} aria-rowindex={sight.first + offset + 2}>
              {columns.map((column) => (
                <td key={column.key} lang={column.lang}>
                  {column.cell(row)}
                </td>
              ))}
            </tr>
          ))}
          {sight.behind > 0 && <tr aria-hidden="true" style={{ blockSize: sight.behind }} />}
        </tbody>
      </table>
    </div>
  );
}
