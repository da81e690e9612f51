import { memo, useState } from 'react';
import type { Dimension } from '@/core/pointing/dimensions';
import type { Edge } from '@/core/pointing/edges';
import type { FrameLine, FramePlace } from '@/frame/messages';
import { Hint } from '../../hints/hint';
import type { Area } from './area';
import { DimensionLine, type LitCell } from './dimension-line';
import { figurePlaces, type Point } from './figure-room';
import { runOf } from './run-of-line';
import { figureText, missText } from './typed-px';
import styles from './pointing.module.css';

interface DimensionLinesProps {
  dimensions: readonly Dimension[];
  place: FramePlace;
  /** What no figure may lie over. */
  taken: readonly Area[];
  /** What the ends of lines can be in line with. */
  edges: readonly Edge[];
  /** The name of the view, and its width in CSS px of the page. */
  view: string;
  width: number;
  scale: number;
  onLit(cell: LitCell | null): void;
}

/** How far a line may be from what its value says, in CSS px: what is farther is made by something else. */
const ALIKE = 1;

/** The scale from which on there is room for figures beside what they are of. */
const LARGE = 0.75;

const lengthOf = (line: FrameLine) => runOf(line).length;

const freeText = (line: FrameLine) => `${Math.round(lengthOf(line))}`;

/** A line that nothing makes but where things stand, with its length. */
function FreeLine({ line, scale, figure }: { line: FrameLine; scale: number; figure: Point | null }) {
  const [x1, y1, x2] = line;
  return (
    <div
      className={styles.free}
      aria-hidden="true"
      style={{
        insetInlineStart: Math.min(x1, x2) * scale,
        insetBlockStart: y1 * scale,
        inlineSize: lengthOf(line) * scale,
      }}
    >
      {figure && (
        <span className="figures" style={{ translate: `calc(-50% + ${figure.x}px) ${figure.y}px` }}>
          {freeText(line)}
        </span>
      )}
    </div>
  );
}

/** What is selected with the lengths that its values make, and how far it is from what is beside it. */
export const DimensionLines = memo(function DimensionLines({
  dimensions,
  place,
  taken,
  edges,
  view,
  width,
  scale,
  onLit,
}: DimensionLinesProps) {
  // While one is at a line, it stays: what is drawn comes a moment after the value.
  const [held, setHeld] = useState<string | null>(null);
  const made = dimensions.flatMap((dimension, index) => {
    const found = place.lines[index];
    const drawn = found && dimension.drawn.find(({ stretch }) => stretch === found.stretch);
    if (!found || !drawn) return [];
    return found.lines
      .map((line, nth) => {
        const miss =
          dimension.inLine === null ? null : missText(edges, line[2], runOf(line).toward, dimension.inLine);
        return {
          key: `${dimension.property} ${dimension.label} ${nth}`,
          dimension,
          line,
          limit: drawn.limit,
          miss,
          figure: figureText(dimension.px, drawn.limit, miss),
        };
      })
      .filter(
        ({ key, line, limit }) =>
          key === held ||
          // A limit of nothing limits nothing.
          (limit !== null && dimension.px > 0) ||
          Math.abs(lengthOf(line) - dimension.px) <= ALIKE,
      );
  });
  const free = place.free.filter((line) => lengthOf(line) >= 1);
  const figures = figurePlaces(
    [
      ...made.map(({ line, figure }) => ({ line, figure })),
      ...free.map((line) => ({ line, figure: freeText(line) })),
    ],
    { scale, width, taken },
  );
  return (
    <div
      role="group"
      aria-label={`Lengths in the ${view}`}
      className={`${styles.lines} ${scale >= LARGE ? styles.large : ''}`}
    >
      <Hint of="lines" />
      {free.map((line, index) => (
        <FreeLine key={index} line={line} scale={scale} figure={figures[made.length + index]!} />
      ))}
      {made.map(({ key, dimension, line, figure, miss }, index) => (
        <DimensionLine
          key={key}
          dimension={dimension}
          line={line}
          miss={miss}
          figure={figure}
          scale={scale}
          edges={edges}
          view={view}
          width={width}
          figureAt={figures[index]!}
          onLit={onLit}
          onHeld={(is) => setHeld(is ? key : null)}
        />
      ))}
    </div>
  );
});
