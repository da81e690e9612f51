import { ratioText } from '../../colour/contrast';
import { leastRing } from '../../resolve/focus-ring';
import { found, type Check } from '../check';

/** The two lines of the focus ring against each other: one of them then stands out on whatever is behind (WCAG 2.2, 1.4.11 and 2.4.13: 3 : 1). */
export const focusRing: Check = {
  id: 'focus-ring',
  label: 'Contrast of the focus ring',
  from: 'WCAG 2.2, 1.4.11 Non-text Contrast, 2.4.13 Focus Appearance',
  harm: 'use',
  find({ site }) {
    const ratio = leastRing(site);
    if (ratio >= 3) return [];
    const said = ratioText(ratio);
    return [
      found({
        lead: { to: 'place', place: { on: 'brand' } },
        at: 'Brand',
        words: `On some grounds the ring around what has the focus has ${said} to what is behind it.`,
        measure: said,
        limit: '3 : 1',
      }),
    ];
  },
};
