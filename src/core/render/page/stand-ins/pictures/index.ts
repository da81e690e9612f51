import { el, keptNode, type Element } from '../../../../markup/html';
import type { StandInPicture } from '../../../../site/page-stand-in';
import { deck } from './deck';
import { SHEET, tones } from './drawing';
import { dusk } from './dusk';
import { harbour } from './harbour';
import { night } from './night';
import { shore } from './shore';

const bright = `linear-gradient(${tones.pale}, ${tones.haze} 60%, ${tones.glow} 92%)`;
const dark = `linear-gradient(${tones.black}, ${tones.night} 40%, ${tones.deep} 70%)`;

/** Every picture: what is drawn from the back to the front, before a sky. */
const drawn: Record<StandInPicture, { shapes: readonly Element[]; sky: string }> = {
  shore: { shapes: shore, sky: bright },
  deck: { shapes: deck, sky: bright },
  harbour: { shapes: harbour, sky: tones.pale },
  dusk: { shapes: dusk, sky: dark },
  night: { shapes: night, sky: dark },
};

const kept = new Map(
  Object.entries(drawn).map(([name, { shapes }]) => [
    name,
    keptNode(
      el(
        'svg',
        {
          class: `sky-${name}`,
          viewBox: `0 0 ${SHEET.width} ${SHEET.height}`,
          preserveAspectRatio: 'xMidYMid slice',
          'aria-hidden': 'true',
        },
        ...shapes,
      ),
    ),
  ]),
);

/** A picture as it stands in a page; it fills the box that it is put into. */
export const pictureHtml = (name: StandInPicture): Element => kept.get(name)!;

/** The skies of the pictures, by their classes. */
export const skies = Object.fromEntries(
  Object.entries(drawn).map(([name, { sky }]) => [`.sky-${name}`, { background: sky }]),
);
