import type { FrameLine } from '@/frame/messages';

/** How a line runs: down or across, which way (1 with the coordinates, -1 against them), how long in CSS px, and its middle. */
export function runOf([x1, y1, x2, y2]: FrameLine) {
  const [across, down] = [x2 - x1, y2 - y1];
  const upright = Math.abs(across) < Math.abs(down);
  return {
    upright,
    toward: Math.sign(upright ? down : across) || 1,
    length: Math.hypot(across, down),
    middle: { x: (x1 + x2) / 2, y: (y1 + y2) / 2 },
  };
}
