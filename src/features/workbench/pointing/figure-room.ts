import type { FrameLine } from '@/ui/preview/preview-frame';

/** How much room a figure takes, in px of the screen. */
const FIGURE = { width: 34, height: 15 };

/** Which lines have room for a figure at their middle, those before first; drawn to a scale. */
export function withRoom(lines: readonly FrameLine[], scale: number): boolean[] {
  const taken: { x: number; y: number }[] = [];
  return lines.map(([x1, y1, x2, y2]) => {
    const at = { x: (scale * (x1 + x2)) / 2, y: (scale * (y1 + y2)) / 2 };
    const free = taken.every(
      ({ x, y }) => Math.abs(x - at.x) >= FIGURE.width || Math.abs(y - at.y) >= FIGURE.height,
    );
    if (free) taken.push(at);
    return free;
  });
}
