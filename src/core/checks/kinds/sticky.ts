import { usually } from '../../fit/heights';
import { screenShares } from '../../fit/screens';
import { resolveAssembly } from '../../resolve/assembly';
import { found, ofAssemblies, type Check } from '../check';

/** How much of small screens a header takes that stays in sight (WCAG 2.2, 2.4.11 Focus Not Obscured, 1.4.10 Reflow). */
export const sticky: Check = {
  id: 'sticky',
  label: 'Headers that stay in sight',
  from: 'WCAG 2.2, 2.4.11 Focus Not Obscured (Minimum)',
  harm: 'use',
  find: ofAssemblies(['headers'], ({ site, advances, at, assembly }) => {
    const widest = resolveAssembly(site, 'headers', assembly, site.bands[0]!.id);
    if (!widest.phased) return [];
    const limit = widest.values.shareLimit as number;
    const shares = screenShares(usually(site, advances), assembly);
    const over = shares.filter(({ share }) => share * 100 > limit);
    if (over.length === 0) return [];
    const most = over.reduce((worst, each) => (each.share > worst.share ? each : worst));
    const percent = `${(most.share * 100).toFixed(0)} %`;
    return [
      found({
        lead: { to: 'place', place: { on: 'assembly', ...at } },
        at: assembly.name,
        seen: { width: most.width, phase: 'returning' },
        words: `On ${over.length} of ${shares.length} screens it takes more than ${limit} % of the height, most of all on a ${most.screen} ${most.held}: ${percent}.`,
        measure: percent,
        limit: `${limit} %`,
        harm: most.share >= 1 ? 'use' : 'untidy',
      }),
    ];
  }),
};
