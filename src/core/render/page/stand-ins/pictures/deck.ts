import { box, disc, shape, sheer, stroke } from './drawing';

const posts = Array.from({ length: 17 }, (_, index) => box(-4 + index * 90, 218, 6, 84)).join('');
const planks = Array.from({ length: 15 }, (_, index) => {
  const top = 120 + index * 85;
  return `M${top} 302l${Math.round((top - 720) * 0.42)} 58`;
}).join('');

/** Bright: the sea from the deck of a ship, over its rail. */
export const deck = [
  disc('glow', 610, 142, 30),
  shape('faint', 'M0 206q120-30 250-22t210-16 190 22 150 16H0z'),
  shape('far', 'M840 206q40-18 90-26 50-30 110-22 60-8 100 20 70 8 120 28z'),
  shape('near', 'M0 206h1440v104H0z'),
  sheer(0.35, stroke('light', 2, 'M560 216h104M588 226h52M520 240h40M650 246h74M574 258h60M1010 228h80')),
  shape('light', 'M742 196h58l-8 14h-44zM752 184h30v12h-30z'),
  shape('warm', box(760, 174, 9, 10)),
  shape('haze', 'M0 302h1440v58H0z'),
  sheer(0.55, stroke('middle', 2, planks)),
  shape('light', `${posts}${box(0, 212, 1440, 9)}`),
  sheer(0.9, stroke('light', 3, 'M0 244h1440M0 270h1440')),
  shape('deep', box(0, 298, 1440, 5)),
  stroke('warm', 13, 'M532 258a27 27 0 1 0 54 0a27 27 0 1 0-54 0'),
  stroke(
    'light',
    13,
    'M554 232.500q5-2 10 0M554 283.500q5 2 10 0M533.500 253q-2 5 0 10M584.500 253q2 5 0 10',
  ),
  shape('warm', `${box(838, 268, 190, 8)}${box(838, 282, 190, 8)}${box(830, 306, 206, 11)}`),
  shape('deep', `${box(848, 262, 7, 76)}${box(1011, 262, 7, 76)}`),
  sheer(0.2, shape('black', 'M824 338h222l26 9H800z')),
  stroke('near', 2.5, 'M664 164q7-8 14 0 7-8 14 0M704 148q5-6 10 0 5-6 10 0'),
];
