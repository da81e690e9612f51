import { unless, type Declarations, type Rules } from '../../markup/css';
import { isByLevel, type LaidColumn } from './unfolding';

/** The signs of the buttons that open what is below items, and how they turn. */
export const toggleSignLabels = {
  chevron: 'a chevron that turns over',
  triangle: 'a triangle that turns over',
  plus: 'a plus that becomes a minus',
};
export type ToggleSign = keyof typeof toggleSignLabels;

const line = (size: string) => `linear-gradient(currentcolor, currentcolor) 50% / ${size} no-repeat`;

/** What is seen of each sign other than two edges of a square: a triangle, or two lines. */
const grounds: Record<ToggleSign, string> = {
  chevron: '',
  triangle: 'currentcolor',
  plus: [line('100% 2px'), line('2px 100%')].join(', '),
};

/** By how many degrees a sign is turned that points down, and where it leads on along the line to the next level. */
const turns: Record<ToggleSign, { down: number; on: number }> = {
  chevron: { down: 45, on: -45 },
  triangle: { down: 0, on: -90 },
  plus: { down: 0, on: 0 },
};

const along = (degrees: number) => `calc(${degrees}deg * var(--along, 1))`;

/** A sign that points along the line to what it opens, also when that is open; null for one that points nowhere. */
export function turnedAlong(sign: ToggleSign, side: 'start' | 'end'): Declarations | null {
  return sign === 'plus'
    ? null
    : { rotate: along(turns[sign].on + (side === 'end' ? 0 : 180)), translate: '0 0' };
}

/** What is seen of the sign of a toggle, shut and open; where lists go level by level it leads on, and back. */
export function toggleSignCss(values: LaidColumn & { toggleSign: ToggleSign }): Rules {
  const { toggleSign: sign } = values;
  const [plain, levels, plus] = [sign === 'chevron', isByLevel(values), sign === 'plus'];
  const { down, on } = turns[sign];
  const over = plus ? 0 : 180;
  const asEver = plain && !levels;
  return {
    '& .menu-toggle::before': {
      'border-width': unless(plain, '0'),
      rotate: unless(asEver, levels ? along(on) : `${down}deg`),
      translate: unless(asEver, '0 0'),
      background: unless(plain, grounds[sign]),
      scale: unless(plain, '1.6'),
      'clip-path': unless(sign !== 'triangle', 'polygon(0 25%, 100% 25%, 50% 80%)'),
    },
    '& .menu-toggle[aria-expanded="true"]::before': {
      rotate: unless(asEver, levels ? along(on + over) : `${down + over}deg`),
      translate: unless(asEver, '0 0'),
      'background-size': unless(!plus, '100% 2px, 0 0'),
    },
  };
}
