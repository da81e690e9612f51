'use client';

import { useMemo, useState, type ComponentProps } from 'react';
import { flushSync } from 'react-dom';
import { paintingElsewhere } from '@/client/after-painting';
import { useAdvances } from '@/client/open-site-context';
import type { AssemblyPlace } from '@/core/edit/place';
import type { Spot } from '@/core/edit/pieces';
import { itemHolders, itemSelector } from '@/core/pointing/items';
import { phases, type Phase } from '@/core/properties/phases';
import { pointedKey, type Pointed } from '@/core/pointing/pointed';
import { dimensionsOf, type Dimension } from '@/core/pointing/dimensions';
import { edgesBeside } from '@/core/pointing/edges';
import { pointedAt } from '@/core/pointing/pointed-at';
import { wordsAt, type WordsAt } from '@/core/pointing/words-at';
import { targetOf } from '@/core/pointing/target';
import { directionOf } from '@/core/site/language';
import type { Site } from '@/core/site/site';
import type { FrameBox, FrameElement, FramePlace } from '@/frame/messages';
import { PreviewFrame } from '@/ui/preview/preview-frame';
import { inkAreas } from './area';
import type { LitCell } from './dimension-line';
import { DimensionLines } from './dimension-lines';
import { DragDrawing } from './drag-drawing';
import { DropGround } from './drop-ground';
import { pointedName } from '../titles';
import { namePlace, sizeText, type NamePlace } from './name-place';
import { TypedWords } from './typed-words';
import { useDragging } from './use-dragging';
import { handedKeys, keyAction, type KeyAction } from './use-keys';
import styles from './pointing.module.css';

/** A thing in a view with its edges drawn, its name and its size in CSS px of the page. */
function Outline({
  box,
  scale,
  name,
  nameAt: { below, fromStart },
  chosen,
}: {
  box: FrameBox;
  scale: number;
  name: string;
  nameAt: NamePlace;
  chosen: boolean;
}) {
  const [x, y, width, height] = [box.x, box.y, box.width, box.height].map((px) => px * scale) as [
    number,
    number,
    number,
    number,
  ];
  return (
    <div
      data-outline={chosen ? 'chosen' : 'pointed'}
      className={`${styles.outline} ${chosen ? styles.chosen : ''}`}
      style={{ insetInlineStart: x, insetBlockStart: y, inlineSize: width, blockSize: height }}
    >
      <span
        className={`${styles.name} ${below ? styles.below : ''}`}
        style={fromStart === null ? { insetInlineEnd: 0 } : { insetInlineStart: fromStart }}
      >
        {name} <span className="figures">{sizeText(box)}</span>
      </span>
    </div>
  );
}

/** A text that is typed in a view, and where. */
interface Typed {
  words: WordsAt;
  /** What it is of, as the frame is told it, and where that stood when the frame last told; null as long as it has not. */
  of: string;
  seen: FrameBox | null;
  box: FrameBox;
}

/** It where what it is of stands now: what is in the middle moves as it grows. */
function moved(typed: Typed, { target, box }: FramePlace): Typed {
  if (box === null || JSON.stringify(target) !== typed.of) return typed;
  const { x, y } = typed.seen ?? box;
  return {
    ...typed,
    seen: box,
    box: { ...typed.box, x: typed.box.x + box.x - x, y: typed.box.y + box.y - y },
  };
}

/** A thing in a view: at a width of the viewport, in CSS px, and in a phase of scrolling. */
export interface Spotted {
  pointed: Pointed;
  width: number;
  phase: Phase;
}

export interface Pointing {
  selected: Pointed;
  /** The assembly that new pieces go into, and the kind of the one that is carried there; null for none. */
  home: AssemblyPlace;
  carried: string | null;
  onPut(spot: Spot, kind: string): void;
  /** What was clicked, from the innermost out; with `more`, beside what is selected already. */
  onClicked(levels: readonly Pointed[], more: boolean): void;
  /** What lies under the pointer; null when it left. */
  onHovered(spot: Spotted | null): void;
  onAct(action: KeyAction, spot: Spotted): void;
  /** The cell that is being changed in a view; null when none is any more. */
  onLit(cell: LitCell | null): void;
}

interface PointedFrameProps extends Omit<ComponentProps<typeof PreviewFrame>, 'pointing'> {
  site: Site;
  /** The language that the page is in. */
  language: string;
  pointing: Pointing;
}

/** A live view in which things answer to the pointer: they are outlined and named, and a click selects them. */
export function PointedFrame({ site, language, pointing, ...frame }: PointedFrameProps) {
  const advances = useAdvances();
  const [hovered, setHovered] = useState<{ pointed: Pointed; box: FrameBox } | null>(null);
  const [placed, setPlaced] = useState<FramePlace | null>(null);
  const [typed, setTyped] = useState<Typed | null>(null);
  const { selected } = pointing;
  // What is pointed at changes often; what is selected does not.
  const said = useMemo(() => JSON.stringify(targetOf(site, advances, selected)), [site, advances, selected]);
  const target = useMemo(() => JSON.parse(said) as ReturnType<typeof targetOf>, [said]);
  const phase = phases.find((each) => each === placed?.phase) ?? 'top';
  const dimensions = useMemo(
    () => dimensionsOf(site, advances, selected, { width: frame.width, phase }),
    [site, advances, selected, frame.width, phase],
  );
  const inLine = dimensions.some((each) => each.inLine !== null);
  const edges = useMemo(() => {
    const bar = selected.on === 'bar' ? selected.id : selected.on === 'bay' ? selected.bar : null;
    return inLine && bar !== null ? edgesBeside(site, advances, selected.at, bar, frame.width) : [];
  }, [site, advances, selected, inLine, frame.width]);
  const drawn = useMemo(() => JSON.stringify(dimensions.map((each) => each.drawn)), [dimensions]);
  const asked = useMemo(() => JSON.parse(drawn) as Dimension['drawn'][], [drawn]);
  // What a frame told of before it heard of another target is of that one.
  const place = placed && JSON.stringify(placed.target) === said ? placed : null;
  const chosenName = pointedName(site, selected);
  const { width: view, scale } = frame;
  const chosen = useMemo(() => {
    if (!place?.box) return null;
    const ink = inkAreas(place.ink, scale);
    const nameAt = namePlace(chosenName, place.box, { view, scale, ink });
    return { nameAt, taken: [...ink, nameAt.area] };
  }, [place, chosenName, view, scale]);
  const levels = (chain: readonly FrameElement[]) =>
    pointedAt(site, advances, chain).map(({ pointed, element }) => ({ pointed, box: chain[element]!.box }));
  const dragging = useDragging(site, {
    home: pointing.home,
    carried: pointing.carried,
    onMoved: (piece) => pointing.onClicked([piece], false),
    onPut: pointing.onPut,
  });
  const spot = (pointed: Pointed): Spotted => ({ pointed, width: frame.width, phase });
  const isSelected = hovered && pointedKey(hovered.pointed) === pointedKey(selected);
  return (
    <>
      <PreviewFrame
        {...frame}
        onPainting={paintingElsewhere}
        pointing={{
          items: itemSelector,
          holders: itemHolders,
          keys: handedKeys,
          target,
          dimensions: asked,
          measure: dragging.measure,
          onPointed(chain) {
            const innermost = chain === null ? null : (levels(chain)[0] ?? null);
            // At once, and not after what else waits for its turn: the outline follows the pointer.
            flushSync(() => setHovered(innermost));
            pointing.onHovered(innermost && spot(innermost.pointed));
          },
          onClicked(chain, more) {
            pointing.onClicked(
              levels(chain).map(({ pointed }) => pointed),
              more,
            );
          },
          onGrasped: (chain) => dragging.grasp(levels(chain).map(({ pointed }) => pointed)),
          onMeasured: dragging.measured,
          onDragged: dragging.drag,
          onDropped: dragging.letGo,
          onDoubled(chain, text) {
            const [innermost] = levels(chain);
            const words = innermost && wordsAt(site, innermost.pointed, language, text);
            if (!words) return;
            pointing.onClicked([innermost.pointed], false);
            const of = JSON.stringify(targetOf(site, advances, innermost.pointed));
            setTyped({ words, of, box: chain[0]!.box, seen: null });
          },
          onPlaced(told) {
            setPlaced(told);
            setTyped((current) => current && moved(current, told));
          },
          onPressed(combo) {
            const action = keyAction(combo);
            if (action) pointing.onAct(action, spot(hovered?.pointed ?? selected));
          },
        }}
      />
      <div className={styles.drawn} aria-hidden="true">
        {place?.box && chosen && !dragging.drawing && (
          <Outline box={place.box} scale={frame.scale} name={chosenName} nameAt={chosen.nameAt} chosen />
        )}
        {hovered && !isSelected && !dragging.drawing && (
          <Outline
            box={hovered.box}
            scale={frame.scale}
            name={pointedName(site, hovered.pointed)}
            nameAt={namePlace(pointedName(site, hovered.pointed), hovered.box, { view, scale, ink: [] })}
            chosen={false}
          />
        )}
      </div>
      {pointing.carried !== null && (
        <DropGround
          scale={frame.scale}
          rightToLeft={directionOf(language) === 'rtl'}
          onDragged={dragging.drag}
          onDropped={dragging.letGo}
        />
      )}
      {dragging.drawing && <DragDrawing drawing={dragging.drawing} scale={frame.scale} />}
      {typed && (
        <TypedWords words={typed.words} box={typed.box} scale={frame.scale} onDone={() => setTyped(null)} />
      )}
      {place?.box && chosen && !dragging.drawing && place.lines.length === dimensions.length && (
        <DimensionLines
          dimensions={dimensions}
          place={place}
          taken={chosen.taken}
          edges={edges}
          view={frame.title}
          width={frame.width}
          scale={frame.scale}
          onLit={pointing.onLit}
        />
      )}
    </>
  );
}
