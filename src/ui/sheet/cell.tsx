'use client';

import { CloseOutlined } from '@ant-design/icons';
import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { flushSync } from 'react-dom';
import { cellAt, wayOfKey, type Way } from './cell-focus';
import { isEdited, ValueEditor } from './editors/value-editor';
import type { SheetActions, SheetCell, SheetRow } from './model';
import styles from './sheet.module.css';

interface CellProps {
  row: SheetRow;
  cell: SheetCell;
  /** The band that the cell is for, in words; `every width` where there is one for all. */
  where: string;
  span: number;
  actions: SheetActions;
  /** Whether the Tab key stops here: of a sheet, it does at one cell. */
  stop: boolean;
  /** Whether it is being changed elsewhere. */
  lit: boolean;
  /** It was gone to. */
  gone(): void;
}

let gestures = 0;

/** A key that writes something. */
const writes = ({ key, ctrlKey, metaKey, altKey }: KeyboardEvent) =>
  [...key].length === 1 && key !== ' ' && !ctrlKey && !metaKey && !altKey;

/** A value: bold when it is set here, grey and slanted with what it follows when not. A click, Enter, or typing edits it; arrows go to other cells. */
export function Cell({ row, cell, where, span, actions, stop, lit, gone }: CellProps) {
  const [gesture, setGesture] = useState<string | null>(null);
  const before = useRef<SheetCell>(cell);
  /** Whether this editing changed the value; the cell itself may be drawn a little later. */
  const changed = useRef(false);
  const place = useRef<HTMLTableCellElement>(null);
  const label = `${row.said ?? row.label}, ${where}`;
  const state = cell.own ? 'set here' : cell.follows === null ? 'as it comes' : `follows ${cell.follows}`;

  const open = () => {
    before.current = cell;
    changed.current = false;
    setGesture(`sheet-${Date.now()}-${(gestures += 1)}`);
  };
  const back = () => {
    if (gesture === null || !changed.current) return;
    if (before.current.own) actions.set(row.name, cell.key, before.current.value, gesture);
    else actions.clear(row.name, cell.key, gesture);
    changed.current = false;
  };
  useEffect(() => {
    if (lit) place.current?.scrollIntoView({ block: 'nearest' });
  }, [lit]);
  const go = (way: Way | null) => {
    const own = place.current?.querySelector<HTMLElement>('[data-cell]') ?? null;
    ((way && place.current && cellAt(place.current, way)) ?? own)?.focus();
  };
  const close = (way?: Way) => {
    setGesture(null);
    // The editor goes away with the focus inside; it goes on, or comes back to the cell that it was opened from.
    requestAnimationFrame(() => {
      if (document.activeElement === document.body) go(way ?? null);
    });
  };
  const press = (event: KeyboardEvent) => {
    const way = wayOfKey[event.key];
    if (way !== undefined) {
      event.preventDefault();
      go(way);
    } else if (cell.own && (event.key === 'Delete' || event.key === 'Backspace')) {
      actions.clear(row.name, cell.key);
      // What is written goes to the editor, which has the focus at once.
    } else if (isEdited(row.editor) && writes(event)) flushSync(open);
  };

  if (gesture !== null) {
    return (
      <td colSpan={span} ref={place}>
        <ValueEditor
          label={label}
          editor={row.editor}
          value={cell.value}
          set={(value) => {
            const refused = actions.set(row.name, cell.key, value, gesture);
            changed.current ||= refused === null;
            return refused;
          }}
          bring={(brought) => actions.bring(brought, row.name, cell.key, gesture)}
          back={back}
          close={close}
          source={actions.source}
          makeLabel={actions.makeLabel}
          make={(to) => actions.make(to, row.name, cell.key)}
        />
      </td>
    );
  }
  return (
    <td colSpan={span} ref={place} data-lit={lit || undefined}>
      <span className={styles.cell}>
        <button
          type="button"
          data-cell=""
          tabIndex={stop ? 0 : -1}
          className={`plain ${cell.own ? styles.own : cell.follows === null ? 'quiet' : styles.following}`}
          aria-label={[`${label}: ${cell.text}`, ...(cell.aside === null ? [] : [cell.aside]), state].join(
            ', ',
          )}
          title={state}
          onFocus={gone}
          onClick={isEdited(row.editor) ? open : undefined}
          onKeyDown={press}
        >
          {cell.swatch && <span className={styles.swatch} style={{ background: cell.swatch }} />}
          <span className={styles.value}>{cell.text}</span>
          {cell.aside !== null && <span className={styles.aside}>{cell.aside}</span>}
          {cell.follows !== null && <span className={styles.follows}>↤ {cell.follows}</span>}
        </button>
        {cell.own && (
          <button
            type="button"
            tabIndex={-1}
            className={`plain ${styles.clear}`}
            aria-label={`Clear ${label}`}
            title="Clear, so that it follows again (Delete)"
            onClick={() => actions.clear(row.name, cell.key)}
          >
            <CloseOutlined aria-hidden="true" />
          </button>
        )}
      </span>
    </td>
  );
}
