import { disc, shape, sheer, stroke } from './drawing';
import { stars } from './stars';

const hemisphere = (x: number, y: number, r: number) => `M${x - r} ${y}a${r} ${r} 0 0 1 ${2 * r} 0z`;

/** Dark: planets on their ways over the dome of an observatory. */
export const night = [
  ...stars,
  sheer(
    0.35,
    stroke(
      'light',
      1.5,
      'M420 330a300 236 0 0 1 600 0M520 330a200 158 0 0 1 400 0M320 330a400 300 0 0 1 800 0',
    ),
  ),
  disc('lamp', 548, 214, 11),
  disc('dim', 868, 190, 15),
  disc('glow', 652, 102, 26),
  stroke('lamp', 4, 'M612 116a44 12-16 0 0 80-26'),
  disc('light', 1002, 190, 6),
  disc('warm', 392, 160, 9),
  shape('black', 'M0 300q220-30 460-10t400-14 330 6 250-4v82H0z'),
  shape('dim', hemisphere(720, 290, 84)),
  shape('night', 'M704 207.500q10-2.500 20-2l6 84.500h-26z'),
  shape('dim', 'M636 290h168v34H636z'),
  shape('lamp', 'M660 300h14v12h-14zM690 300h14v12h-14zM766 300h14v12h-14z'),
  stroke('lamp', 5, 'M714 236l-40-62'),
];
