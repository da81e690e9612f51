import { memo, useState } from 'react';
import type { Dimension } from '@/core/pointing/dimensions';
import type { Edge } from '@/core/pointing/edges';
import type { FrameLine, FramePlace } from '@/ui/preview/preview-frame';
import { Hint } from '../../hints/hint';
import { DimensionLine, type LitCell } from './dimension-line';
import { withRoom } from './figure-room';
import styles from './pointing.module.css';

interface DimensionLinesProps {
  dimensions: readonly Dimension[];
  place: FramePlace;
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

const lengthOf = ([x1, y1, x2, y2]: FrameLine) => Math.hypot(x2 - x1, y2 - y1);

/** A line that nothing makes but where things stand, with its length. */
function FreeLine({ line, scale, figured }: { line: FrameLine; scale: number; figured: boolean }) {
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
      {figured && <span className="figures">{Math.round(lengthOf(line))}</span>}
    </div>
  );
}

/** What is selected with the lengths that its values make, and how far it is from what is beside it. */
export const DimensionLines = memo(function DimensionLines({
  dimensions,
  place,
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
      .map((line, nth) => ({
        key: `${dimension.property} ${dimension.label} ${nth}`,
        dimension,
        line,
        limit: drawn.limit,
      }))
      .filter(
        ({ key, line, limit }) =>
          key === held ||
          // A limit of nothing limits nothing.
          (limit !== null && dimension.px > 0) ||
          Math.abs(lengthOf(line) - dimension.px) <= ALIKE,
      );
  });
  const free = place.free.filter((line) => lengthOf(line) >= 1);
  const figured = withRoom([...made.map(({ line }) => line), ...free], scale);
  return (
    <div
      role="group"
      aria-label={`Lengths in the ${view}`}
      className={`${styles.lines} ${scale >= LARGE ? styles.large : ''}`}
    >
      <Hint of="lines" />
      {free.map((line, index) => (
        <FreeLine key={index} line={line} scale={scale} figured={figured[made.length + index]!} />
      ))}
      {made.map(({ key, dimension, line, limit }, index) => (
        <DimensionLine
          key={key}
          dimension={dimension}
          line={line}
          limit={limit}
          scale={scale}
          edges={edges}
          view={view}
          width={width}
          figured={figured[index]!}
          onLit={onLit}
          onHeld={(is) => setHeld(is ? key : null)}
        />
      ))}
    </div>
  );
});
