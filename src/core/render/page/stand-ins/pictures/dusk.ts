import { box, disc, shape, sheer, stroke } from './drawing';
import { stars } from './stars';

/** Dark: islands behind each other after the sun has gone, a lighthouse, a ship with lights. */
export const dusk = [
  ...stars,
  disc('light', 872, 118, 22),
  disc('night', 881, 113, 20),
  sheer(0.5, shape('glow', 'M0 226q360-26 720-22t720 18v26H0z')),
  shape('dim', 'M0 246q140-44 300-30 130-40 240 8 120-4 200 22z'),
  shape('near', 'M700 250q70-34 150-40 60-40 150-32 80-10 150 30 150 6 290 42z'),
  shape('deep', 'M0 250h1440v110H0z'),
  sheer(
    0.5,
    stroke(
      'lamp',
      2,
      'M520 260h60M500 270h36M566 272h50M528 284h44M596 296h30M860 262h40M846 274h64M866 290h36',
    ),
  ),
  shape('night', 'M560 262q60-46 130-40 50 4 84 40z'),
  shape('light', 'M652 222l4-52h12l4 52z'),
  shape('warm', `${box(654, 186, 16, 10)}${box(656, 160, 12, 10)}`),
  shape('lamp', box(657, 163, 10, 6)),
  sheer(0.16, shape('lamp', 'M668 166l772-96v164z')),
  shape('black', 'M930 288h128l-18 26h-94zM952 266h80v22h-80zM984 250h22v16h-22z'),
  shape('lamp', `${box(960, 272, 9, 8)}${box(976, 272, 9, 8)}${box(992, 272, 9, 8)}${box(1008, 272, 9, 8)}`),
  shape('black', 'M0 196q110-6 176 40 80 10 120 56 60 12 84 68H0zM1440 236q-90-6-150 40-70 16-110 84h260z'),
];
