import type { FrameBox } from '@/frame/messages';
import type { DragDrawing as Drawing } from './use-dragging';
import styles from './pointing.module.css';

/** How wide an empty bay is drawn at least, in px of the screen. */
const LEAST = 12;

const placed = ({ x, y, width, height }: FrameBox, scale: number, least: number) => {
  const [across, down] = [Math.max(width * scale, least), Math.max(height * scale, least)];
  return {
    insetInlineStart: (x + width / 2) * scale - across / 2,
    insetBlockStart: (y + height / 2) * scale - down / 2,
    inlineSize: across,
    blockSize: down,
  };
};

/** The bays that a dragged piece can go to, and the spot in them where it goes when it is let go of. */
export function DragDrawing({ drawing: { bays, drop }, scale }: { drawing: Drawing; scale: number }) {
  return (
    <div className={styles.drawn} aria-hidden="true">
      {bays.map(({ key, name, box, over }) => (
        <div
          key={key}
          data-bay={name}
          data-over={over || undefined}
          className={styles.bay}
          style={placed(box, scale, LEAST)}
        >
          {over && <span className={styles.name}>{name}</span>}
        </div>
      ))}
      {drop && <div data-drop="" className={styles.drop} style={placed(drop.line, scale, 3)} />}
    </div>
  );
}
