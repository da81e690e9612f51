import { Fragment, useState } from 'react';
import { Cell } from './cell';
import { cellBelow } from './cell-focus';
import { foundGroups } from './found-groups';
import type { SheetActions, SheetCell, SheetColumn, SheetGroup, SheetRow } from './model';
import { SheetFinder } from './sheet-finder';
import styles from './sheet.module.css';

/** Up to so many columns, a cell has the room to name what it follows. */
const FEW_COLUMNS = 4;

interface SheetProps {
  /** What the sheet is of, such as `Menu: Main`. */
  title: string;
  columns: readonly SheetColumn[];
  groups: readonly SheetGroup[];
  actions: SheetActions;
  /** What cells without a value of their own follow, in words. */
  follows?: string;
  /** The cell that is being changed elsewhere. */
  lit?: { property: string; cell: string } | null;
  /** Whether rows can be looked for, and groups folded. */
  findable?: boolean;
}

const keyOf = ({ name, label }: SheetRow, { key }: SheetCell) => `${name} ${label} ${key}`;

/** The table of properties of what is selected, with a column for each band or state. */
export function Sheet({
  title,
  columns,
  groups: all,
  actions,
  follows = 'a wider band',
  lit = null,
  findable = false,
}: SheetProps) {
  const [looking, setLooking] = useState({ text: '', onlySet: false });
  const [folded, setFolded] = useState<ReadonlySet<string>>(new Set());
  const groups = foundGroups(all, looking);
  // What is looked for is shown wherever it is, and so is what is being changed.
  const isFolded = ({ name, rows }: SheetGroup) =>
    folded.has(name) && looking.text.trim() === '' && !rows.some((row) => row.name === lit?.property);
  const fold = (name: string) =>
    setFolded(
      (before) => new Set(before.has(name) ? [...before].filter((each) => each !== name) : [...before, name]),
    );
  const [gone, setGone] = useState<string | null>(null);
  const keys = groups.flatMap((group) =>
    (isFolded(group) ? [] : group.rows).flatMap((row) => row.cells.map((cell) => cell && keyOf(row, cell))),
  );
  const stop = gone !== null && keys.includes(gone) ? gone : keys.find((key) => key !== null);
  return (
    <>
      {findable && <SheetFinder looking={looking} onLook={setLooking} />}
      {findable && groups.length === 0 && (
        <p className="quiet" role="status">
          {looking.onlySet && looking.text.trim() === ''
            ? 'Nothing is set here: all is as it comes.'
            : `No row is called “${looking.text.trim()}”${looking.onlySet ? ' and set' : ''}.`}
        </p>
      )}
      <table
        role="grid"
        className={`rows ${styles.sheet} ${columns.length > FEW_COLUMNS ? styles.manyColumns : ''}`}
        aria-label={`Properties of ${title}`}
      >
        <colgroup>
          <col className={columns.length === 1 ? styles.besideOne : styles.propertyColumn} />
          {columns.map((column) => (
            <col key={column.key} />
          ))}
        </colgroup>
        <thead>
          <tr>
            <th scope="col">Property</th>
            {columns.map((column) => (
              <th key={column.key} scope="col">
                {column.label} <span className="figures">{column.range}</span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {groups.map((group) => (
            <Fragment key={group.name}>
              <tr>
                <th scope="rowgroup" colSpan={columns.length + 1} className={styles.group}>
                  {findable ? (
                    <button
                      type="button"
                      className="plain"
                      data-group=""
                      tabIndex={-1}
                      title="Fold and unfold; the left arrow leads here from its first column"
                      onKeyDown={(event) => {
                        if (event.key !== 'ArrowDown' && event.key !== 'ArrowRight') return;
                        event.preventDefault();
                        cellBelow(event.currentTarget)?.focus();
                      }}
                      aria-expanded={!isFolded(group)}
                      onClick={() => fold(group.name)}
                    >
                      {group.name}
                    </button>
                  ) : (
                    group.name
                  )}
                </th>
              </tr>
              {(isFolded(group) ? [] : group.rows).map((row) => (
                <tr key={`${row.name} ${row.label}`}>
                  <th scope="row">{row.label}</th>
                  {row.cells.map((cell, index) =>
                    cell === null ? (
                      <td key={columns[index]!.key} className="quiet" />
                    ) : (
                      <Cell
                        key={cell.key}
                        row={row}
                        cell={cell}
                        actions={actions}
                        stop={keyOf(row, cell) === stop}
                        gone={() => setGone(keyOf(row, cell))}
                        lit={lit?.property === row.name && lit.cell === cell.key}
                        where={row.cells.length === 1 ? 'every width' : columns[index]!.label}
                        span={row.cells.length === 1 ? columns.length : 1}
                      />
                    ),
                  )}
                </tr>
              ))}
            </Fragment>
          ))}
        </tbody>
      </table>
      <p className={`quiet ${styles.legend}`} hidden={columns.length === 1}>
        <b className={styles.own}>set here</b> · <i className={styles.following}>follows {follows}</i> · as it
        comes · click or type to set a value, Delete lets it follow again
      </p>
    </>
  );
}
