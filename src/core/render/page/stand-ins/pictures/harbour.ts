import type { Element } from '../../../../markup/html';
import { box, disc, shape, sheer, stroke, type Tone } from './drawing';

/** Houses along a quay, from the start: how wide, how high, their tone and that of their roofs. */
const houses: readonly (readonly [width: number, height: number, wall: Tone, roof: Tone])[] = [
  [104, 128, 'far', 'near'],
  [78, 168, 'glow', 'deep'],
  [118, 118, 'pale', 'warm'],
  [70, 182, 'warm', 'night'],
  [96, 140, 'middle', 'deep'],
  [112, 160, 'pale', 'near'],
  [74, 126, 'glow', 'warm'],
  [92, 190, 'near', 'night'],
  [108, 138, 'haze', 'warm'],
  [68, 172, 'warm', 'deep'],
  [114, 122, 'glow', 'near'],
  [84, 158, 'far', 'night'],
  [98, 144, 'pale', 'deep'],
  [72, 178, 'middle', 'warm'],
  [116, 130, 'haze', 'near'],
  [76, 164, 'glow', 'night'],
];

const QUAY = 272;

/** A house with a gable and its windows, where one before it ends. */
function house([width, height, wall, roof]: (typeof houses)[number], x: number): Element[] {
  const eaves = QUAY - height + 30;
  const across = Math.floor((width - 14) / 24);
  const inset = (width - across * 24 + 12) / 2;
  const windows: string[] = [];
  for (let y = eaves + 14; y < QUAY - 26; y += 30)
    for (let each = 0; each < across; each += 1) windows.push(box(x + inset + each * 24, y, 12, 16));
  return [
    shape(wall, box(x, eaves, width, height - 30)),
    shape(roof, `M${x - 3} ${eaves}l${width / 2 + 3}-30 ${width / 2 + 3} 30z`),
    shape(wall === 'near' || wall === 'warm' || wall === 'middle' ? 'lamp' : 'deep', windows.join('')),
  ];
}

function street(): Element[] {
  const drawn: Element[] = [];
  let x = -20;
  for (const each of houses) {
    drawn.push(...house(each, x));
    x += each[0];
  }
  return drawn;
}

/** A boat with a mast and a furled sail. */
const boat = (x: number, hull: Tone): Element[] => [
  stroke('black', 3, `M${x + 42} 296V104M${x + 42} 126l40 150M${x + 42} 126l-34 150`),
  shape('light', `M${x + 46} 262l44-6v8l-44 8z`),
  shape(hull, `M${x} 290h98l-14 26h-70z`),
  shape('light', box(x + 4, 290, 90, 4)),
];

/** Busy: a street of houses behind masts, at every brightness. */
export const harbour = [
  ...street(),
  shape('middle', box(0, QUAY, 1440, 18)),
  shape('deep', box(0, QUAY + 18, 1440, 70)),
  ...boat(150, 'warm'),
  ...boat(388, 'light'),
  ...boat(592, 'near'),
  ...boat(852, 'warm'),
  ...boat(1120, 'light'),
  shape('light', 'M690 286h138l-20 34h-96zM716 262h80v24h-80z'),
  shape('warm', `${box(744, 236, 22, 26)}M690 286h138l-3 6H693z`),
  shape('deep', `${box(724, 268, 12, 9)}${box(744, 268, 12, 9)}${box(764, 268, 12, 9)}`),
  sheer(
    0.4,
    stroke('light', 2, 'M120 330h90M300 342h70M470 328h60M560 346h110M740 334h96M900 348h60M1080 332h120'),
  ),
  disc('lamp', 660, 262, 5),
  stroke('black', 3, 'M660 288v-24'),
];
