import { useEffect, useState } from 'react';
import { useAdvances, useEdit } from '@/client/open-site-context';
import type { AssemblyPlace } from '@/core/edit/place';
import { placeName } from '@/core/edit/place-name';
import { spotOf, type Spot } from '@/core/edit/pieces';
import type { Id } from '@/core/ids/id';
import { dropAt, placedBays, type Drop, type SeenBay } from '@/core/pointing/drop';
import { pointedKey, type Pointed } from '@/core/pointing/pointed';
import { targetOf } from '@/core/pointing/target';
import type { Site } from '@/core/site/site';
import type { FrameBox, FramePoint } from '@/frame/messages';

/** What is dragged, and the selectors of all bays and pieces of its assembly, of which the view tells the boxes. */
interface Dragging {
  at: AssemblyPlace;
  /** Null for a new one, that is carried there from outside. */
  piece: Id | null;
  measure: readonly string[];
  boxes: readonly (FrameBox | null)[] | null;
  point: FramePoint | null;
}

/** Where a dragged piece can go in a view, and where it goes when it is let go of now. */
export interface DragDrawing {
  bays: readonly { key: string; name: string; box: FrameBox; over: boolean }[];
  drop: Drop | null;
}

/** The bars, bays and pieces of an assembly. */
function thingsIn(site: Site, { in: kind, assembly: id }: AssemblyPlace): Pointed[] {
  const at = { in: kind, assembly: id };
  const { order, bars } = site[kind][id]!;
  const bays = order.flatMap((bar) => bars[bar]!.bays.map((bay) => ({ bar, bay })));
  return [
    ...order.map((id): Pointed => ({ at, on: 'bar', id })),
    ...bays.map(({ bar, bay }): Pointed => ({ at, on: 'bay', bar, id: bay.id })),
    ...bays.flatMap(({ bay }) => bay.pieces.map((piece): Pointed => ({ at, on: 'piece', id: piece }))),
  ];
}

/** The bays of all bars that are seen, with their pieces that are. */
function seenBays(site: Site, { at, boxes, point }: Dragging): SeenBay[] {
  const things = thingsIn(site, at);
  if (boxes?.length !== things.length) return [];
  const known = new Map(things.map((thing, index) => [pointedKey(thing), boxes[index]]));
  const boxOf = (thing: Pointed) => known.get(pointedKey(thing)) ?? null;
  const { order, bars } = site[at.in][at.assembly]!;
  return order.flatMap((bar) => {
    const own = boxOf({ at, on: 'bar', id: bar });
    const bays = bars[bar]!.bays.map(({ id, pieces }) => ({
      bar,
      bay: id,
      box: boxOf({ at, on: 'bay', bar, id }),
      count: pieces.length,
      pieces: pieces.flatMap((piece, index) => {
        const box = boxOf({ at, on: 'piece', id: piece });
        return box && box.width > 0 ? [{ id: piece, index, box }] : [];
      }),
    }));
    return own ? placedBays(own, bays, point?.rightToLeft ?? false) : [];
  });
}

const isSame = (one: Spot | null, { bar, bay, index }: Spot) =>
  one?.bar === bar && one.bay === bay && one.index === index;

/** What becomes of pieces that are dragged. */
interface Drags {
  /** The assembly that new pieces go into, and the kind of the one that is carried there; null for none. */
  home: AssemblyPlace;
  carried: string | null;
  onMoved(piece: Pointed): void;
  onPut(spot: Spot, kind: string): void;
}

/** Pieces that are dragged in a view, or carried into it: what the view is asked for and what is drawn over it; Escape leaves them where they were. */
export function useDragging(site: Site, { home, carried, onMoved, onPut }: Drags) {
  const edit = useEdit();
  const advances = useAdvances();
  const [dragging, setDragging] = useState<Dragging | null>(null);
  const going = dragging !== null;
  useEffect(() => {
    if (!going) return;
    const leave = (event: KeyboardEvent) => {
      if (event.key !== 'Escape') return;
      event.preventDefault();
      setDragging(null);
    };
    window.addEventListener('keydown', leave, true);
    return () => window.removeEventListener('keydown', leave, true);
  }, [going]);

  const bays = dragging ? seenBays(site, dragging) : [];
  const dropOf = (point: FramePoint | null) =>
    dragging && point ? dropAt(bays, dragging.piece, point) : null;
  const drop = dropOf(dragging?.point ?? null);
  const drawing: DragDrawing | null = dragging && {
    bays: bays.map(({ bar, bay, box }) => ({
      key: `${bar} ${bay}`,
      name: placeName(site, { on: 'bay', ...dragging.at, bar, bay }),
      box,
      over: drop?.spot.bar === bar && drop.spot.bay === bay,
    })),
    drop,
  };
  const begun = (at: AssemblyPlace, piece: Id | null): Dragging => {
    const measure = thingsIn(site, at).map((each) => targetOf(site, advances, each)?.selector ?? ':not(*)');
    return { at, piece, measure, boxes: null, point: null };
  };
  return {
    drawing,
    measure: dragging?.measure ?? null,
    /** A thing is dragged, if it is a piece or in one; given from the innermost out. */
    grasp(levels: readonly Pointed[]) {
      const held = levels.find(({ on }) => on === 'piece' || on === 'item');
      if (held?.on === 'piece') setDragging(begun(held.at, held.id));
      if (held?.on === 'item') setDragging(begun(held.at, held.piece));
    },
    measured: (boxes: readonly (FrameBox | null)[]) =>
      setDragging((before) => before && { ...before, boxes }),
    drag: (point: FramePoint) =>
      setDragging((before) => {
        const held = before ?? (carried === null ? null : begun(home, null));
        return held && { ...held, point };
      }),
    /** It was let go of; without a point, it stays. */
    letGo(point: FramePoint | null) {
      setDragging(null);
      const to = dragging && dropOf(point);
      if (!to) return;
      const { at, piece } = dragging;
      if (piece === null) {
        if (carried !== null) onPut(to.spot, carried);
        return;
      }
      if (isSame(spotOf(site[at.in][at.assembly]!, piece), to.spot)) return;
      edit([{ edit: 'movePiece', at, piece, spot: to.spot }]);
      onMoved({ at, on: 'piece', id: piece });
    },
  };
}
