import { disc, shape, sheer, stroke } from './drawing';

/** Bright: islands before a low sun, the sky empty. */
export const shore = [
  disc('glow', 806, 196, 34),
  shape('faint', 'M0 236q190-40 380-8t330-8 300-4 430 10v40H0z'),
  shape('far', 'M300 262q90-52 190-58 60-26 130-12 70 4 120 34 60 12 110 36z'),
  shape('middle', 'M800 262q70-22 120-62 60-42 130-28 70-4 120 26 110 20 180 64z'),
  shape('deep', 'M0 262h1440v98H0z'),
  sheer(
    0.5,
    stroke('glow', 2, 'M770 272h70M752 284h46M812 284h44M780 298h58M744 312h30M806 314h66M776 330h40'),
  ),
  shape('near', 'M0 128q120-6 190 34 70 22 116 64 60 14 84 40 40 20 60 94H0z'),
  shape('night', 'M0 214q90-2 150 34 60 12 90 44 30 14 46 68H0z'),
  stroke('night', 2, 'M620 152q7-8 13 0 6-8 13 0M668 132q5-6 10 0 5-6 10 0M588 174q4-5 8 0 4-5 8 0'),
];
