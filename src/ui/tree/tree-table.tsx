'use client';

import { HolderOutlined } from '@ant-design/icons';
import {
  DndContext,
  PointerSensor,
  useDraggable,
  useSensor,
  useSensors,
  type DragEndEvent,
  type DragMoveEvent,
} from '@dnd-kit/core';
import { memo, useMemo, useRef, useState, type KeyboardEvent, type ReactNode } from 'react';
import {
  droppedSpot,
  isWithin,
  movedSpot,
  spotWithout,
  type DropZone,
  type TreeMove,
  type TreeRow,
  type TreeSpot,
} from './tree-rows';
import { dragWords } from '../drag-words';
import styles from './tree.module.css';
import { useRowsInSight } from './use-rows-in-sight';

export interface TreeColumn {
  key: string;
  label: ReactNode;
  /** CSS width of the column; the first one takes what is left. */
  width?: string;
  cell(row: TreeRow): ReactNode;
}

interface TreeTableProps {
  label: string;
  /** What one row is, for messages: `page`, `item`. */
  noun: string;
  rows: readonly TreeRow[];
  columns: readonly TreeColumn[];
  /** What a row is called. */
  nameOf(id: string): string;
  /** The row that is looked at. */
  current: string | null;
  onCurrent(id: string): void;
  /** The rows that are chosen to do something with them at once. */
  chosen: ReadonlySet<string>;
  onChosen(chosen: ReadonlySet<string>): void;
  /** The most levels that the tree may have. */
  mostLevels?: number;
  onMove(ids: string[], spot: TreeSpot): void;
  onRemove(ids: string[]): void;
}

const moveKeys: Record<string, TreeMove> = {
  ArrowUp: 'up',
  ArrowDown: 'down',
  ArrowLeft: 'out',
  ArrowRight: 'in',
};

/** Which part of a row a pointer is over, both as they are on the screen. */
function zoneOf(row: DOMRect, pointer: number): DropZone {
  const share = (pointer - row.top) / row.height;
  return share < 0.3 ? 'before' : share > 0.7 ? 'after' : 'inside';
}

/** A place that a drag points at. */
interface Drop {
  id: string;
  zone: DropZone;
}

/** A table of a tree, of any length: rows are moved by their handle or by keys, chosen one by one or in a stretch. */
export function TreeTable(props: TreeTableProps) {
  const { label, noun, rows, columns, nameOf, current, chosen, mostLevels = Infinity } = props;
  const scroller = useRef<HTMLDivElement>(null);
  const sight = useRowsInSight(rows.length, scroller);
  const byId = useMemo(() => new Map(rows.map((row) => [row.id, row])), [rows]);
  const [drop, setDrop] = useState<Drop | null>(null);
  const [said, setSaid] = useState('');
  const [refusal, setRefusal] = useState<string | null>(null);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 4 } }));
  /** Where the pointer is on the screen; a drag tells only how far it went, the scrolling included. */
  const pointer = useRef<[x: number, y: number]>([0, 0]);
  /** The row that a stretch of choosing begins at. */
  const anchor = useRef<string | null>(null);

  /** The rows that an action on one of them means: all chosen ones when it is among them. */
  const meant = (id: string) =>
    chosen.has(id) ? rows.filter((row) => chosen.has(row.id)).map((row) => row.id) : [id];
  const depthBelow = (ids: ReadonlySet<string>) =>
    rows.reduce(
      (most, row) =>
        isWithin(byId, row.id, ids) ? Math.max(most, row.level - headLevel(row.id, ids) + 1) : most,
      1,
    );
  const headLevel = (id: string, ids: ReadonlySet<string>) => {
    let level = byId.get(id)!.level;
    for (let at: string | null = id; at !== null; at = byId.get(at)?.parent ?? null)
      if (ids.has(at)) level = byId.get(at)!.level;
    return level;
  };
  const problem = (ids: readonly string[], spot: TreeSpot): string | null => {
    const moved = new Set(ids);
    if (isWithin(byId, spot.parent, moved)) return `A ${noun} cannot stand below itself.`;
    const level = (spot.parent === null ? 0 : byId.get(spot.parent)!.level) + depthBelow(moved);
    return level > mostLevels ? `At most ${mostLevels} levels can stand below each other.` : null;
  };
  const move = (ids: string[], spot: TreeSpot | null) => {
    if (!spot) return setSaid('There is nothing further in that direction.');
    const refused = problem(ids, spot);
    setRefusal(refused);
    if (refused) return;
    props.onMove(ids, spotWithout(byId, new Set(ids), spot));
    const [first] = ids;
    setSaid(`${ids.length === 1 ? nameOf(first!) : `${ids.length} ${noun}s`} moved.`);
  };
  const choose = (id: string, stretch: boolean) => {
    const next = new Set(chosen);
    const from = anchor.current === null ? undefined : byId.get(anchor.current);
    anchor.current = id;
    if (stretch && from) {
      const [first, last] = [from.id, id].map((each) => rows.indexOf(byId.get(each)!)).sort((a, b) => a - b);
      for (const row of rows.slice(first, last! + 1)) next.add(row.id);
    } else if (!next.delete(id)) next.add(id);
    props.onChosen(next);
    props.onCurrent(id);
  };
  const goTo = (index: number) => {
    const row = rows[Math.min(rows.length - 1, Math.max(0, index))];
    if (!row) return;
    sight.scrollTo(rows.indexOf(row));
    props.onCurrent(row.id);
    scroller.current?.querySelector<HTMLElement>(`[data-row="${row.id}"]`)?.focus();
  };
  const press = (event: KeyboardEvent<HTMLElement>, row: TreeRow) => {
    const inField = event.target instanceof HTMLInputElement && event.target.type !== 'checkbox';
    if (inField) return;
    const onRow = event.target === event.currentTarget;
    const moveKey = moveKeys[event.key];
    const ids = meant(row.id);
    if (event.altKey && moveKey) {
      const heads = rows.filter(({ id }) => ids.includes(id));
      move(ids, movedSpot(byId, heads, moveKey));
    } else if (!onRow) return;
    else if (event.key === 'ArrowUp' || event.key === 'ArrowDown')
      goTo(rows.indexOf(row) + (event.key === 'ArrowUp' ? -1 : 1));
    else if (event.key === 'Home') goTo(0);
    else if (event.key === 'End') goTo(rows.length - 1);
    else if (event.key === ' ') choose(row.id, event.shiftKey);
    else if (event.key === 'Enter')
      event.currentTarget.querySelector<HTMLElement>('[role="rowheader"] button')?.click();
    else if (event.key === 'Delete') props.onRemove(ids);
    else return;
    event.preventDefault();
  };
  /** Where a drag points at now, and why it may not be let go there; null where there is no row. */
  const pointedAt = (ids: readonly string[]) => {
    // The row that is drawn below the pointer: the one that the drag knows may be that of the move before.
    const drawn = document.elementFromPoint(...pointer.current)?.closest<HTMLElement>('[data-row]');
    const row = drawn && scroller.current?.contains(drawn) ? byId.get(drawn.dataset.row!) : undefined;
    if (!drawn || !row) return null;
    const zone = zoneOf(drawn.getBoundingClientRect(), pointer.current[1]);
    const spot = droppedSpot(row, zone);
    return { id: row.id, zone, spot, refused: problem(ids, spot) };
  };
  const dragMove = ({ active }: DragMoveEvent) => {
    const at = pointedAt(meant(String(active.id)));
    setRefusal(at?.refused ?? null);
    setDrop(at === null || at.refused !== null ? null : at);
  };
  const endDrag = () => {
    setDrop(null);
    setRefusal(null);
  };
  const dragEnd = ({ active }: DragEndEvent) => {
    const ids = meant(String(active.id));
    const at = pointedAt(ids);
    endDrag();
    if (at !== null) move(ids, at.spot);
  };
  const focusable = current !== null && byId.has(current) ? current : rows[0]?.id;

  return (
    <div
      ref={scroller}
      className={styles.scroller}
      onPointerMove={(event) => {
        pointer.current = [event.clientX, event.clientY];
      }}
    >
      <DndContext
        id={label}
        accessibility={{ announcements: dragWords(nameOf) }}
        sensors={sensors}
        onDragMove={dragMove}
        onDragEnd={dragEnd}
        onDragCancel={endDrag}
      >
        <table
          className={`rows ${styles.table}`}
          role="treegrid"
          aria-label={label}
          aria-rowcount={rows.length + 1}
        >
          <colgroup>
            <col style={{ inlineSize: 44 }} />
            {columns.map((column) => (
              <col key={column.key} style={column.width === undefined ? {} : { inlineSize: column.width }} />
            ))}
          </colgroup>
          <thead>
            <tr role="row" aria-rowindex={1}>
              <th role="columnheader" scope="col">
                <span className="seen-by-readers-only">Choose and drag</span>
              </th>
              {columns.map((column) => (
                <th key={column.key} role="columnheader" scope="col">
                  {column.label}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {sight.before > 0 && <tr aria-hidden="true" style={{ blockSize: sight.before }} />}
            {rows.slice(sight.first, sight.last + 1).map((row, offset) => (
              <Row
                key={row.id}
                row={row}
                position={sight.first + offset + 2}
                columns={columns}
                name={nameOf(row.id)}
                current={row.id === current}
                focusable={row.id === focusable}
                chosen={chosen.has(row.id)}
                drop={drop?.id === row.id ? drop.zone : null}
                onPress={press}
                onChoose={choose}
                onCurrent={props.onCurrent}
              />
            ))}
            {sight.behind > 0 && <tr aria-hidden="true" style={{ blockSize: sight.behind }} />}
          </tbody>
        </table>
      </DndContext>
      <span role="status" className="seen-by-readers-only">
        {said}
      </span>
      <span role="status" className={refusal === null ? '' : styles.refusal}>
        {refusal}
      </span>
    </div>
  );
}

interface RowProps {
  row: TreeRow;
  /** The row’s place in the whole table, counted from 1 with the header. */
  position: number;
  columns: readonly TreeColumn[];
  name: string;
  current: boolean;
  focusable: boolean;
  chosen: boolean;
  drop: DropZone | null;
  onPress(event: KeyboardEvent<HTMLElement>, row: TreeRow): void;
  onChoose(id: string, stretch: boolean): void;
  onCurrent(id: string): void;
}

const Row = memo(function Row({
  row,
  position,
  columns,
  name,
  current,
  focusable,
  chosen,
  drop,
  ...on
}: RowProps) {
  const { setNodeRef: setHandle, listeners, isDragging } = useDraggable({ id: row.id });
  const [first, ...others] = columns;
  return (
    <tr
      role="row"
      data-row={row.id}
      tabIndex={focusable ? 0 : -1}
      aria-level={row.level}
      aria-posinset={row.index + 1}
      aria-setsize={row.siblings.length}
      aria-rowindex={position}
      aria-selected={chosen}
      className={`${current ? styles.current : ''} ${isDragging ? styles.dragged : ''}`}
      data-drop={drop ?? undefined}
      onFocus={() => on.onCurrent(row.id)}
      onClick={() => on.onCurrent(row.id)}
      onKeyDown={(event) => on.onPress(event, row)}
    >
      <td role="gridcell">
        <span className={styles.lead}>
          <input
            type="checkbox"
            checked={chosen}
            aria-label={`Choose ${name}`}
            tabIndex={-1}
            onClick={(event) => {
              event.stopPropagation();
              on.onChoose(row.id, event.shiftKey);
            }}
            onChange={() => undefined}
          />
          <span
            ref={setHandle}
            {...listeners}
            className={styles.handle}
            title="Drag to move; or Alt and arrow keys"
          >
            <HolderOutlined aria-hidden="true" />
          </span>
        </span>
      </td>
      <th role="rowheader" scope="row" style={{ paddingInlineStart: 18 * (row.level - 1) }}>
        {first!.cell(row)}
      </th>
      {others.map((column) => (
        <td key={column.key} role="gridcell">
          {column.cell(row)}
        </td>
      ))}
    </tr>
  );
});
