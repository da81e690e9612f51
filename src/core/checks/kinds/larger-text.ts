import { NARROWEST } from '../../bands/band';
import { usually } from '../../fit/heights';
import { surveyFit } from '../../fit/survey';
import { firstWidth } from '../../fit/whole-fit';
import { causeText } from '../../fit/cause-text';
import { ROOT_TEXT_PX } from '../../lengths/length';
import { found, ofAssemblies, type Check } from '../check';

/** How large readers set their texts at the most, in times of the usual size. */
const LARGER = 2;

/** What sticks out of bars where the reader has set texts larger, from the width on at which such a window is as wide as the narrowest phone for them. */
export const largerText: Check = {
  id: 'larger-text',
  label: 'Fit with larger text',
  from: 'WCAG 2.2, 1.4.4 Resize Text: 200 %',
  harm: 'breaks',
  find: ofAssemblies(['headers', 'footers'], ({ site, advances, at, assembly }) => {
    const root = ROOT_TEXT_PX * LARGER;
    return surveyFit({ ...usually(site, advances), root }, at.in, assembly).bars.flatMap(
      ({ bar, stretches }) =>
        stretches
          .filter(({ status, to }) => status === 'overflows' && to > LARGER * NARROWEST)
          .slice(-1)
          .map((stretch) => {
            const [cause] = stretch.causes;
            const from = Math.max(firstWidth(stretch), LARGER * NARROWEST);
            return found({
              lead: { to: 'rules', at, bar },
              at: `${assembly.name}, ${assembly.bars[bar]!.name}`,
              seen: { width: from, ...(cause && { phase: cause.phase }) },
              words: `With text at ${LARGER * 100} %, at ${from}–${firstWidth({ from: stretch.to }) - 1} px: ${cause ? causeText(site, assembly, cause) : 'something sticks out'}.`,
              measure: cause ? `${Math.max(1, Math.round(cause.by))} px short` : null,
              limit: '0 px',
            });
          }),
    );
  }),
};
