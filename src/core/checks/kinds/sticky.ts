import { usually } from '../../fit/heights';
import { percent, scrollFindings } from '../../fit/screens';
import { resolveAssembly } from '../../resolve/assembly';
import { found, ofAssemblies, type Check } from '../check';

/** How much of small screens a header takes that stays in sight, and one that never looks as it does when scrolled (WCAG 2.2, 2.4.11 Focus Not Obscured). */
export const sticky: Check = {
  id: 'sticky',
  label: 'Headers that stay in sight',
  from: 'WCAG 2.2, 2.4.11 Focus Not Obscured (Minimum)',
  harm: 'untidy',
  find: ofAssemblies(['headers'], ({ site, advances, at, assembly }) => {
    const { shareLimit } = resolveAssembly(site, 'headers', assembly, site.bands[0]!.id).values;
    return scrollFindings(usually(site, advances), assembly)
      .filter(({ fault }) => fault !== 'no picture')
      .map(({ fault, words, worst }) =>
        found({
          lead: { to: 'place', place: { on: 'assembly', ...at } },
          at: assembly.name,
          words,
          ...(worst && {
            seen: { width: worst.width, phase: 'returning' as const },
            measure: percent(worst.share),
            limit: `${shareLimit as number} %`,
          }),
          harm: fault === 'covers all' ? 'use' : 'untidy',
          // Where it covers all, each screen is told of by itself.
          apart: worst && fault === 'covers all' ? `${fault} ${worst.width}x${worst.height}` : fault,
        }),
      );
  }),
};
