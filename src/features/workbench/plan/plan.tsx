'use client';

import {
  DndContext,
  PointerSensor,
  pointerWithin,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { Button } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { newId } from '@/client/new-id';
import { useEdit, useSite } from '@/client/open-site-context';
import { findBay, type Spot } from '@/core/edit/pieces';
import { placeName } from '@/core/edit/place-name';
import { assemblyNouns, type AssemblyKind } from '@/core/properties/assembly-kind';
import { newBar } from '@/core/site/defaults';
import { pieceTitle } from '@/core/site/uses';
import { bayName, type Assembly, type Bar } from '@/core/site/assembly';
import { dragWords } from '@/ui/drag-words';
import { intoSight } from '@/ui/into-sight';
import { selectedPieces, withPiece, type Selection } from '../selection';
import { useBeginAssembly } from '../assembly-switch';
import { BarActions } from './bar-actions';
import { Bay } from './bay';
import { Chip } from './chip';
import { movedSpot, NOTHING_FURTHER, spotBeside, type Direction } from './move';
import { PieceGallery } from './piece-gallery';
import styles from './plan.module.css';
import { usePutIn } from './use-put-in';
import { usePlanActions } from './use-plan-actions';
import { usePlanClipboard } from './use-clipboard';
import { HIDDEN, whereShown } from './where-shown';

interface PlanProps {
  kind: AssemblyKind;
  assembly: Assembly;
  selection: Selection;
  onSelect(selection: Selection): void;
  /** The kind of the new piece that is carried from the gallery. */
  carried: string | null;
  onCarry(kind: string | null): void;
}

/** How high the button is that adds a bar, and lies over the end of the plan, in px. */
const ADD_BAR = 40;

/** Where a dragged piece was let go: beside the piece below the pointer, or at the end of a bay. */
function droppedSpot(assembly: Assembly, { active, over, activatorEvent, delta }: DragEndEvent): Spot | null {
  if (!over || over.id === active.id) return null;
  if (over.data.current?.piece) {
    const pointer = (activatorEvent as PointerEvent).clientX + delta.x;
    const side = pointer < over.rect.left + over.rect.width / 2 ? 'before' : 'after';
    return spotBeside(assembly, String(active.id), String(over.id), side);
  }
  const { bar, bay } = over.data.current as { bar: string; bay: string };
  const others = piecesIn(assembly, { bar, bay }).filter((id) => id !== active.id);
  return { bar, bay, index: others.length };
}

function piecesIn(assembly: Assembly, spot: Omit<Spot, 'index'>): readonly string[] {
  const bay = findBay(assembly, spot);
  return typeof bay === 'string' ? [] : bay.pieces;
}

/** The scheme of bars, bays and pieces. */
export function Plan({ kind, assembly, selection, onSelect, carried, onCarry }: PlanProps) {
  const starting = useBeginAssembly(kind, assembly);
  const empty = kind !== 'drawers' && Object.keys(assembly.pieces).length === 0;
  const site = useSite();
  const where = whereShown(site, kind, assembly);
  const edit = useEdit();
  const at = { in: kind, assembly: assembly.id };
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 4 } }));
  const [said, setSaid] = useState('');
  const plan = useRef<HTMLElement>(null);
  const moved = useRef<{ piece: string; spot: Spot } | null>(null);

  // A piece that moves to another bay is a new element there; the focus goes with it once it stands there.
  useEffect(() => {
    if (moved.current === null) return;
    const { piece, spot } = moved.current;
    if (piecesIn(assembly, spot)[spot.index] !== piece) return;
    plan.current?.querySelector<HTMLElement>(`[data-piece="${piece}"]`)?.focus();
    moved.current = null;
  });

  // What is selected elsewhere, or was made just now, is in sight; where one scrolls to afterwards is left alone.
  const selected = JSON.stringify(selection);
  useEffect(() => {
    const own = plan.current?.querySelector('[aria-pressed="true"]');
    const shown = own?.parentElement?.matches(`.${styles.barHead}`) ? own.closest(`.${styles.bar}`) : own;
    const around = plan.current?.parentElement;
    if (!shown || !around) return;
    // Views that grow for what is open in them make the plan lower.
    const resized = new ResizeObserver(() => intoSight(shown, around, ADD_BAR));
    resized.observe(around);
    return () => resized.disconnect();
  }, [selected]);

  const move = (piece: string, spot: Spot | null) => {
    if (!spot) return setSaid(NOTHING_FURTHER);
    moved.current = { piece, spot };
    edit([{ edit: 'movePiece', at, piece, spot }]);
    const { name, bays } = assembly.bars[spot.bar]!;
    const bay = bayName(
      bays.findIndex(({ id }) => id === spot.bay),
      bays.length,
    );
    setSaid(`${pieceTitle(site, assembly.pieces[piece]!)}: ${name}, ${bay}, place ${spot.index + 1}`);
  };
  const putIn = usePutIn(at, onSelect);
  const add = (bar: string, bay: string, pieceKindName: string) =>
    putIn({ bar, bay, index: piecesIn(assembly, { bar, bay }).length }, pieceKindName);
  const [asked, setAsked] = useState<{ bar: string; bay: string } | null>(null);
  const askedBar = asked && assembly.bars[asked.bar];
  const clipboard = usePlanClipboard(at, assembly, selection, onSelect);
  const remove = (piece: string) => {
    const selected = selectedPieces(selection);
    const meant = selected.includes(piece) ? selected : [piece];
    edit(meant.map((each) => ({ edit: 'removePiece', at, piece: each })));
  };
  usePlanActions({ kind, assembly, clipboard, onSelect, add, addBar: () => addBar(), selection });
  const addBar = () => {
    const bar = newBar(newId(), `Bar ${assembly.order.length + 1}`);
    edit([{ edit: 'addBar', at, bar, pieces: [] }]);
    onSelect({ on: 'bar', id: bar.id });
  };

  const bayOf = (bar: Bar, { id: bay, pieces }: Bar['bays'][number], index: number) => (
    <Bay
      key={bay}
      bar={bar.id}
      barName={bar.name}
      bay={bay}
      name={bayName(index, bar.bays.length)}
      selected={selection.on === 'bay' && selection.bar === bar.id && selection.id === bay}
      onSelect={() => onSelect({ on: 'bay', bar: bar.id, id: bay })}
      carried={carried !== null}
      onAsk={() => setAsked({ bar: bar.id, bay })}
      onDropped={() => carried !== null && add(bar.id, bay, carried)}
    >
      {pieces.map((id) => (
        <Chip
          key={id}
          id={id}
          title={pieceTitle(site, assembly.pieces[id]!)}
          where={where.get(id)}
          selected={selectedPieces(selection).includes(id)}
          onSelect={(more) => onSelect(more ? withPiece(selection, id) : { on: 'piece', id })}
          onMove={(direction: Direction) => move(id, movedSpot(assembly, id, direction))}
          onRemove={() => remove(id)}
        />
      ))}
    </Bay>
  );

  const dragName = (id: string) => {
    const piece = assembly.pieces[id];
    const [bar = '', bay = ''] = id.split('/');
    return piece ? pieceTitle(site, piece) : placeName(site, { on: 'bay', ...at, bar, bay });
  };

  return (
    <section ref={plan} aria-label="Plan" onCopy={clipboard.onCopy} onPaste={clipboard.onPaste}>
      <p id="plan-keys" className="seen-by-readers-only">
        Alt and an arrow key move the piece, Delete removes it, Control and space select it besides others.
      </p>
      <DndContext
        id="plan"
        accessibility={{ announcements: dragWords(dragName) }}
        sensors={sensors}
        collisionDetection={(args) => {
          const hits = pointerWithin(args);
          const chip = hits.find(
            (hit) => hit.data?.droppableContainer.data.current?.piece && hit.id !== args.active.id,
          );
          return chip ? [chip] : hits.filter((hit) => hit.id !== args.active.id);
        }}
        onDragEnd={(event) => {
          const spot = droppedSpot(assembly, event);
          if (spot) move(String(event.active.id), spot);
        }}
      >
        {assembly.order.map((id) => {
          const bar = assembly.bars[id]!;
          const selected = selection.on === 'bar' && selection.id === id;
          return (
            <div
              key={id}
              className={`${styles.bar} ${where.get(id) === HIDDEN ? styles.barHidden : ''} ${selected ? styles.barSelected : ''}`}
            >
              <div className={styles.barHead}>
                <button
                  type="button"
                  className="plain"
                  aria-pressed={selected}
                  aria-describedby={where.has(id) ? `where-${id}` : undefined}
                  onClick={() => onSelect({ on: 'bar', id })}
                >
                  {bar.name}
                </button>
                {where.has(id) && (
                  <span id={`where-${id}`} className={styles.where}>
                    {where.get(id)}
                  </span>
                )}
                <BarActions {...{ at, assembly, bar, selection, onSelect }} />
              </div>
              <div className={styles.bays}>{bar.bays.map((bay, index) => bayOf(bar, bay, index))}</div>
            </div>
          );
        })}
      </DndContext>
      {empty && (
        <p className={styles.begin}>
          <Button type="primary" onClick={starting.begin}>
            Begin with a ready-made {assemblyNouns[kind]}…
          </Button>
          <span className="quiet">or put pieces into the bays with their plus</span>
        </p>
      )}
      {starting.gallery}
      {askedBar && (
        <PieceGallery
          into={kind}
          bar={askedBar}
          where={placeName(site, { on: 'bay', ...at, ...asked })}
          onPick={(picked) => {
            setAsked(null);
            add(asked.bar, asked.bay, picked);
          }}
          onCarry={(next) => {
            onCarry(next);
            if (next === null) setAsked(null);
          }}
          onClose={() => setAsked(null)}
        />
      )}
      <p className={styles.addBar}>
        <Button size="small" onClick={addBar}>
          Add a bar
        </Button>
      </p>
      <span role="status" className="seen-by-readers-only">
        {said}
      </span>
    </section>
  );
}
