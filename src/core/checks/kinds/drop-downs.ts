import { usually } from '../../fit/heights';
import { surveyOpened } from '../../fit/opened-survey';
import { firstWidth } from '../../fit/whole-fit';
import { found, ofAssemblies, type Check } from '../check';

/** Drop-downs for which there is no room beside their items at some width: they are as wide as their bar there (WCAG 2.2, 1.4.10 Reflow). */
export const dropDowns: Check = {
  id: 'drop-downs',
  label: 'Drop-downs without room',
  from: 'WCAG 2.2, 1.4.10 Reflow',
  harm: 'untidy',
  find: ofAssemblies(['headers', 'footers'], ({ site, advances, at, assembly }) =>
    surveyOpened(usually(site, advances), at.in, assembly)
      .dropDowns.filter(({ across }) => across.length > 0)
      .map(({ from, across }) =>
        found({
          lead: { to: 'place', place: { on: 'assembly', ...at } },
          at: assembly.name,
          seen: { width: firstWidth({ from }) },
          words: `From ${firstWidth({ from })} px on ${across.length === 1 ? 'one drop-down has' : `${across.length} drop-downs have`} no room beside ${across.length === 1 ? 'its item' : 'their items'}, and ${across.length === 1 ? 'is' : 'are'} as wide as the bar.`,
          apart: String(firstWidth({ from })),
        }),
      ),
  ),
};
