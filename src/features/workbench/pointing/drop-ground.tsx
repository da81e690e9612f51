import type { DragEvent } from 'react';
import type { FramePoint } from '@/frame/messages';
import styles from './pointing.module.css';

/** Lies over a view while something is carried to it: browsers let nothing be dropped into a frame of another origin. */
export function DropGround({
  scale,
  rightToLeft,
  onDragged,
  onDropped,
}: {
  scale: number;
  rightToLeft: boolean;
  onDragged(point: FramePoint): void;
  onDropped(point: FramePoint | null): void;
}) {
  const pointOf = ({ clientX, clientY, currentTarget }: DragEvent): FramePoint => {
    const { left, top } = currentTarget.getBoundingClientRect();
    return { x: (clientX - left) / scale, y: (clientY - top) / scale, rightToLeft };
  };
  return (
    <div
      className={styles.dropGround}
      onDragOver={(event) => {
        event.preventDefault();
        onDragged(pointOf(event));
      }}
      onDragLeave={() => onDropped(null)}
      onDrop={(event) => {
        event.preventDefault();
        onDropped(pointOf(event));
      }}
    />
  );
}
