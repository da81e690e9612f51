'use client';

import { CloseOutlined } from '@ant-design/icons';
import { useRef, useState } from 'react';
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
}

let gestures = 0;

/** A value: bold when it is set here, grey and slanted with what it follows when not; a click edits it. */
export function Cell({ row, cell, where, span, actions }: CellProps) {
  const [gesture, setGesture] = useState<string | null>(null);
  const before = useRef<SheetCell>(cell);
  /** Whether this editing changed the value; the cell itself may be drawn a little later. */
  const changed = useRef(false);
  const shown = useRef<HTMLButtonElement>(null);
  const label = `${row.said ?? row.label}, ${where}`;
  const state = cell.own ? 'set here' : cell.follows === null ? 'as it comes' : `follows ${cell.follows}`;

  const open = () => {
    before.current = cell;
    changed.current = false;
    setGesture(`sheet-${Date.now()}-${(gestures += 1)}`);
  };
  const close = (back?: boolean) => {
    if (gesture !== null && back && changed.current) {
      if (before.current.own) actions.set(row.name, cell.key, before.current.value, gesture);
      else actions.clear(row.name, cell.key);
    }
    setGesture(null);
    // The editor goes away with the focus inside; it comes back to the cell that it was opened from.
    requestAnimationFrame(() => {
      if (document.activeElement === document.body) shown.current?.focus();
    });
  };

  if (gesture !== null) {
    return (
      <td colSpan={span}>
        <ValueEditor
          label={label}
          editor={row.editor}
          value={cell.value}
          set={(value) => {
            const refused = actions.set(row.name, cell.key, value, gesture);
            changed.current ||= refused === null;
            return refused;
          }}
          close={close}
          source={actions.source}
          makeLabel={actions.makeLabel}
          make={(to) => actions.make(to, row.name, cell.key)}
        />
      </td>
    );
  }
  return (
    <td colSpan={span}>
      <span className={styles.cell}>
        <button
          ref={shown}
          type="button"
          className={`plain ${cell.own ? styles.own : cell.follows === null ? 'quiet' : styles.following}`}
          aria-label={`${label}: ${cell.text}, ${state}`}
          title={state}
          onClick={isEdited(row.editor) ? open : undefined}
          onKeyDown={(event) => {
            if (cell.own && (event.key === 'Delete' || event.key === 'Backspace'))
              actions.clear(row.name, cell.key);
          }}
        >
          {cell.swatch && <span className={styles.swatch} style={{ background: cell.swatch }} />}
          <span className={styles.value}>{cell.text}</span>
          {cell.follows !== null && <span className={styles.follows}>↤ {cell.follows}</span>}
        </button>
        {cell.own && (
          <button
            type="button"
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
