'use client';

import { useMemo, useState, type ComponentProps } from 'react';
import { useAdvances } from '@/client/open-site-context';
import { itemHolders, itemSelector } from '@/core/pointing/items';
import { phases } from '@/core/properties/phases';
import { pointedKey, type Pointed } from '@/core/pointing/pointed';
import { dimensionsOf, type Dimension } from '@/core/pointing/dimensions';
import { pointedAt } from '@/core/pointing/pointed-at';
import type { Step } from '@/core/pointing/steps';
import { wordsAt, type WordsAt } from '@/core/pointing/words-at';
import { targetOf } from '@/core/pointing/target';
import type { Site } from '@/core/site/site';
import { PreviewFrame, type FrameBox, type FrameElement, type FramePlace } from '@/ui/preview/preview-frame';
import type { LitCell } from './dimension-line';
import { DimensionLines } from './dimension-lines';
import { pointedName } from '../titles';
import { TypedWords } from './typed-words';
import styles from './pointing.module.css';

/** Room for a name above what it names, in px of the screen. */
const NAME_ROOM = 18;

/** A thing in a view with its edges drawn, its name and its size in CSS px of the page. */
function Outline({
  box,
  view,
  scale,
  name,
  chosen,
}: {
  box: FrameBox;
  /** The width of the view, in CSS px of the page. */
  view: number;
  scale: number;
  name: string;
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
        className={`${styles.name} ${y < NAME_ROOM ? styles.below : ''} ${box.x + box.width / 2 > view / 2 ? styles.toEnd : ''}`}
      >
        {name}{' '}
        <span className="figures">
          {Math.round(box.width)} × {Math.round(box.height)}
        </span>
      </span>
    </div>
  );
}

export interface Pointing {
  selected: Pointed;
  /** What was clicked, from the innermost out. */
  onClicked(levels: readonly Pointed[]): void;
  onStep(step: Step): void;
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
  const [typed, setTyped] = useState<{ words: WordsAt; box: FrameBox } | null>(null);
  const { selected } = pointing;
  const found = targetOf(site, advances, selected);
  const said = JSON.stringify(found);
  const target = useMemo(() => JSON.parse(said) as typeof found, [said]);
  const phase = phases.find((each) => each === placed?.phase) ?? 'top';
  const dimensions = useMemo(
    () => dimensionsOf(site, advances, selected, { width: frame.width, phase }),
    [site, advances, selected, frame.width, phase],
  );
  const drawn = JSON.stringify(dimensions.map((each) => each.drawn));
  const asked = useMemo(() => JSON.parse(drawn) as Dimension['drawn'][], [drawn]);
  // What a frame told of before it heard of another target is of that one.
  const place = placed && JSON.stringify(placed.target) === said ? placed : null;
  const levels = (chain: readonly FrameElement[]) =>
    pointedAt(site, advances, chain).map(({ pointed, element }) => ({ pointed, box: chain[element]!.box }));
  const isSelected = hovered && pointedKey(hovered.pointed) === pointedKey(selected);
  return (
    <>
      <PreviewFrame
        {...frame}
        pointing={{
          items: itemSelector,
          holders: itemHolders,
          target,
          dimensions: asked,
          onPointed: (chain) => setHovered(chain === null ? null : (levels(chain)[0] ?? null)),
          onClicked: (chain) => pointing.onClicked(levels(chain).map(({ pointed }) => pointed)),
          onDoubled(chain, text) {
            const [innermost] = levels(chain);
            const words = innermost && wordsAt(site, innermost.pointed, language, text);
            if (!words) return;
            pointing.onClicked([innermost.pointed]);
            setTyped({ words, box: chain[0]!.box });
          },
          onPlaced: setPlaced,
          onStep: pointing.onStep,
        }}
      />
      <div className={styles.drawn} aria-hidden="true">
        {place?.box && (
          <Outline
            box={place.box}
            view={frame.width}
            scale={frame.scale}
            name={pointedName(site, selected)}
            chosen
          />
        )}
        {hovered && !isSelected && (
          <Outline
            box={hovered.box}
            view={frame.width}
            scale={frame.scale}
            name={pointedName(site, hovered.pointed)}
            chosen={false}
          />
        )}
      </div>
      {typed && <TypedWords {...typed} scale={frame.scale} onDone={() => setTyped(null)} />}
      {place?.box && place.lines.length === dimensions.length && (
        <DimensionLines
          dimensions={dimensions}
          place={place}
          view={frame.title}
          width={frame.width}
          scale={frame.scale}
          onLit={pointing.onLit}
        />
      )}
    </>
  );
}
