'use client';

import { CloseOutlined } from '@ant-design/icons';
import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { flushSync } from 'react-dom';
import { cellAt, wayOfKey, type Way } from './cell-focus';
import { nameOf, type CellInRow } from './cells-clipboard';
import { isEdited, ValueEditor } from './editors/value-editor';
import type { Marking } from './marks';
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
  /** What it is looked for by: it then takes the focus, each time anew; null where it is not. */
  sought: object | null;
  /** Whether it is marked, with others. */
  marked: boolean;
  /** The cells that are set with it: itself, and those marked with it that take what it does. */
  together(): readonly CellInRow[];
  /** It was gone to. */
  gone(how: Marking): void;
  /** Lets all that is marked follow again, or it alone where nothing is; false where none of it is set. */
  clear(): boolean;
  /** Nothing is marked any more; false where nothing was. */
  unmark(): boolean;
  /** Asks why it is as it is. */
  onWhy: (() => void) | undefined;
}

let gestures = 0;

/** How a cell is gone to with these keys held. */
const markingOf = ({
  shiftKey,
  ctrlKey,
  metaKey,
}: Pick<KeyboardEvent, 'shiftKey' | 'ctrlKey' | 'metaKey'>) =>
  shiftKey ? 'block' : ctrlKey || metaKey ? 'besides' : 'alone';

/** How the cell that gets the focus next is gone to: the key or the hand that moves it there knows. */
let marking: Marking = 'alone';

/** A key that writes something. */
const writes = ({ key, ctrlKey, metaKey, altKey }: KeyboardEvent) =>
  [...key].length === 1 && key !== ' ' && !ctrlKey && !metaKey && !altKey;

/** A value: bold when it is set here, grey and slanted with what it follows when not. A click, Enter, or typing edits it; arrows go to other cells. */
export function Cell({ row, cell, where, span, actions, stop, lit, sought, marked, ...marks }: CellProps) {
  const [gesture, setGesture] = useState<string | null>(null);
  const before = useRef<readonly CellInRow[]>([]);
  /** Whether this editing changed the value; the cell itself may be drawn a little later. */
  const changed = useRef(false);
  const place = useRef<HTMLTableCellElement>(null);
  const label = `${row.said ?? row.label}, ${where}`;
  const state = cell.own ? 'set here' : cell.follows === null ? 'as it comes' : `follows ${cell.follows}`;

  const open = () => {
    before.current = marks.together();
    changed.current = false;
    setGesture(`sheet-${Date.now()}-${(gestures += 1)}`);
  };
  const back = () => {
    if (gesture === null || !changed.current) return;
    actions.change(
      before.current.map((each) => ({
        ...nameOf(each),
        ...(each.cell.own && { value: each.cell.value }),
      })),
      gesture,
    );
    changed.current = false;
  };
  useEffect(() => {
    if (lit || sought) place.current?.scrollIntoView({ block: 'nearest' });
    if (sought) place.current?.querySelector<HTMLElement>('[data-cell]')?.focus();
  }, [lit, sought]);
  const go = (way: Way | null) => {
    const own = place.current?.querySelector<HTMLElement>('[data-cell]') ?? null;
    ((way && place.current && cellAt(place.current, way)) ?? own)?.focus();
  };
  const close = (way?: Way) => {
    setGesture(null);
    // The editor goes away with the focus inside; it goes on, or comes back to the cell that it was opened from.
    requestAnimationFrame(() => {
      if (document.activeElement !== document.body) return;
      marking = way === undefined ? 'back' : 'alone';
      go(way ?? null);
    });
  };
  const press = (event: KeyboardEvent) => {
    const way = wayOfKey[event.key];
    if (way !== undefined) {
      event.preventDefault();
      marking = event.shiftKey ? 'block' : 'alone';
      go(way);
    } else if (event.key === '?' && marks.onWhy) {
      event.preventDefault();
      marks.onWhy();
    } else if (event.key === ' ' && event.ctrlKey) {
      event.preventDefault();
      marks.gone('besides');
    } else if (event.key === 'Escape') {
      if (marks.unmark()) event.stopPropagation();
    } else if (event.key === 'Delete' || event.key === 'Backspace') {
      marks.clear();
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
            const refused = actions.change(
              before.current.map((each) => ({ ...nameOf(each), value })),
              gesture,
            );
            changed.current ||= refused === null;
            return refused;
          }}
          bring={(brought) => actions.bring(brought, before.current.map(nameOf), gesture)}
          back={back}
          close={close}
          source={actions.source}
          makeLabel={actions.makeLabel}
          make={(to) => actions.make(to, row.name, cell.key)}
          contrast={() => actions.contrast?.(row.name, cell.key) ?? null}
        />
      </td>
    );
  }
  return (
    <td colSpan={span} ref={place} data-lit={lit || undefined} aria-selected={marked}>
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
          onFocus={() => {
            marks.gone(marking);
            marking = 'alone';
          }}
          onMouseDown={(event) => {
            const how = markingOf(event);
            if (how === 'alone') return;
            // The focus moves at once, so that what is marked is known where it arrives.
            event.preventDefault();
            if (document.activeElement === event.currentTarget) return marks.gone(how);
            marking = how;
            event.currentTarget.focus();
          }}
          onClick={(event) => {
            if (isEdited(row.editor) && markingOf(event) === 'alone') open();
          }}
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
            onClick={() => actions.change([{ property: row.name, cell: cell.key }])}
          >
            <CloseOutlined aria-hidden="true" />
          </button>
        )}
      </span>
    </td>
  );
}
