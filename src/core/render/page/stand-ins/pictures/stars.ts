import { disc, sheer } from './drawing';

/** Where stars stand, and how large. */
const places: readonly (readonly [x: number, y: number, r: number])[] = [
  [70, 60, 1.5],
  [150, 130, 2],
  [230, 40, 1.5],
  [318, 96, 2.5],
  [402, 58, 1.5],
  [470, 140, 1.5],
  [520, 78, 2],
  [596, 40, 1.5],
  [640, 112, 2.5],
  [706, 66, 1.5],
  [768, 132, 1.5],
  [812, 48, 2],
  [936, 62, 1.5],
  [1004, 124, 2],
  [1078, 44, 1.5],
  [1150, 98, 2.5],
  [1230, 60, 1.5],
  [1304, 134, 2],
  [1386, 76, 1.5],
];

export const stars = [sheer(0.8, ...places.map(([x, y, r]) => disc('light', x, y, r)))];
