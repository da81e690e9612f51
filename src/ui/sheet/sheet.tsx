import { Fragment, useState } from 'react';
import { Cell } from './cell';
import { cellBelow } from './cell-focus';
import { foundGroups } from './found-groups';
import type { SheetActions, SheetColumn, SheetGroup } from './model';
import { SheetFinder } from './sheet-finder';
import { keyOf, useMarks } from './use-marks';
import styles from './sheet.module.css';

/** Nothing is looked for: all is seen. */
const ALL = { text: '', onlySet: false };

/** Up to so many columns, a cell has the room to name what it follows. */
const FEW_COLUMNS = 4;

/** A cell by what the document calls it. */
export interface CellName {
  property: string;
  cell: string;
}

interface SheetProps {
  /** What the sheet is of, such as `Menu: Main`. */
  title: string;
  columns: readonly SheetColumn[];
  groups: readonly SheetGroup[];
  actions: SheetActions;
  /** What cells without a value of their own follow, in words. */
  follows?: string;
  /** The cell that is being changed elsewhere. */
  lit?: CellName | null;
  /** The cell that is looked for: it is shown, and takes the focus. */
  sought?: CellName | null;
  /** Asks why a cell is as it is; without one, why all that the sheet is of is. */
  onWhy?(cell: CellName | null): void;
  /** Whether rows can be looked for, and groups folded. */
  findable?: boolean;
}

/** The table of properties of what is selected, with a column for each band or state. */
export function Sheet({
  title,
  columns,
  groups: all,
  actions,
  follows = 'a wider band',
  lit = null,
  sought = null,
  onWhy,
  findable = false,
}: SheetProps) {
  const [looking, setLooking] = useState(ALL);
  const [found, setFound] = useState(sought);
  // What is looked for by name is there, whatever was looked for before.
  if (found !== sought) {
    setFound(sought);
    if (sought) setLooking(ALL);
  }
  const [of, setOf] = useState(title);
  // A text stays from one thing to the next, as long as that has such rows.
  if (of !== title) {
    setOf(title);
    if (foundGroups(all, looking).length === 0) setLooking({ ...looking, text: '' });
  }
  const [folded, setFolded] = useState<ReadonlySet<string>>(new Set());
  const groups = foundGroups(all, looking);
  // What is looked for is shown wherever it is, and so is what is being changed.
  const isFolded = ({ name, rows }: SheetGroup) =>
    folded.has(name) &&
    looking.text.trim() === '' &&
    !rows.some((row) => row.name === lit?.property || row.name === sought?.property);
  const fold = (name: string) =>
    setFolded(
      (before) => new Set(before.has(name) ? [...before].filter((each) => each !== name) : [...before, name]),
    );
  const marks = useMarks(
    groups.flatMap((group) => (isFolded(group) ? [] : group.rows)),
    actions,
  );
  const said = marks.marked.size > 1 ? `${marks.marked.size} cells marked` : marks.note;
  return (
    <>
      {findable && (
        <SheetFinder looking={looking} onLook={setLooking}>
          {onWhy && (
            <button
              type="button"
              className="plain"
              title="Of the cell that was gone to last, else of all that is set here; in a cell or over a view, the key is “?”"
              onClick={() => onWhy(marks.last)}
            >
              Why is it so
            </button>
          )}
        </SheetFinder>
      )}
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
        aria-multiselectable
        onCopy={marks.onCopy}
        onPaste={marks.onPaste}
      >
        <colgroup>
          <col className={columns.length === 1 ? styles.besideOne : styles.propertyColumn} />
          {columns.map((column) => (
            <col key={column.key} />
          ))}
        </colgroup>
        <thead>
          <tr>
            {/* What is marked, or was done with it, stays in sight here. */}
            <th scope="col">
              {said === '' && 'Property'}
              <span role="status" className={styles.note} title={said}>
                {said}
              </span>
            </th>
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
                        stop={keyOf(row, cell) === marks.stop}
                        marked={marks.marked.has(keyOf(row, cell))}
                        gone={(how) => marks.gone(keyOf(row, cell), how)}
                        together={() => marks.together(keyOf(row, cell))}
                        clear={marks.clear}
                        unmark={marks.unmark}
                        lit={lit?.property === row.name && lit.cell === cell.key}
                        sought={sought?.property === row.name && sought.cell === cell.key ? sought : null}
                        onWhy={onWhy && (() => onWhy({ property: row.name, cell: cell.key }))}
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
        comes · click or type to set a value, Delete lets it follow again · Shift and arrows mark several,
        which are set, copied (Ctrl C) and pasted (Ctrl V) together · ? says why
      </p>
    </>
  );
}
