import { NARROWEST, WIDEST } from '../../bands/band';
import type { Cause } from '../../fit/bar-fit';
import { causeText } from '../../fit/cause-text';
import { breaks } from '../../fit/fit-status';
import { usually } from '../../fit/heights';
import { suggestFit } from '../../fit/suggestions';
import { changeText } from '../../fit/suggestion-words';
import { surveyFit } from '../../fit/survey';
import type { Id } from '../../ids/id';
import { firstWidth } from '../../fit/whole-fit';
import { pieceKind } from '../../pieces';
import { languageName } from '../../site/language';
import { found, ofAssemblies, type Check, type CheckedAssembly } from '../check';
import type { Repair } from '../finding';

/** The least change that makes a bar fit at every width, in all languages; null where none does by itself. */
function mending({ site, advances, at, assembly }: CheckedAssembly, bar: Id): Repair | null {
  const { all } = suggestFit(usually(site, advances), { kind: at.in, assembly: at.assembly, bar }, NARROWEST);
  const found = all.find(({ enough, edits, change }) => enough && edits !== null && change.as !== 'hidden');
  return found ? { label: changeText(site, assembly, found.change), edits: found.edits! } : null;
}

/** How bars stand at every width from 320 px on, in each language of the site and each phase: a row that does not fit wraps, or sticks out (WCAG 2.2, 1.4.10 Reflow). */
export const fit: Check = {
  id: 'fit',
  label: 'Fit at every width',
  from: 'WCAG 2.2, 1.4.10 Reflow',
  harm: 'breaks',
  find: ofAssemblies(['headers', 'drawers', 'footers'], (checked) => {
    const { site, advances, at, assembly } = checked;
    const repairs = new Map<Id, Repair | null>();
    const repairOf = (bar: Id): Repair | null => {
      if (!repairs.has(bar)) repairs.set(bar, mending(checked, bar));
      return repairs.get(bar)!;
    };
    // Sentences run on in lines, and at the side labels do as they do in a drawer.
    const upright = Object.values(assembly.values.stands ?? {}).some(
      (each) => each === 'side' || each === 'spread',
    );
    const runsOn = (causes: readonly Cause[]) =>
      upright ||
      causes.every(({ pieces }) =>
        pieces.every((id) => pieceKind(assembly.pieces[id]!.kind).runsOn === true),
      );
    return site.languages.flatMap((language) => {
      const { bars, complete } = surveyFit({ ...usually(site, advances), language }, at.in, assembly);
      return bars.flatMap(({ bar, stretches }) =>
        stretches
          // In drawers and footers, texts run on in lines as they do on the page.
          .filter(({ status }) => (at.in === 'headers' ? status !== 'fits' : status === 'overflows'))
          .map((stretch, index, all) => {
            const nth = all.slice(0, index).filter(({ status }) => status === stretch.status).length;
            const [cause] = stretch.causes;
            const [from, to] = [firstWidth(stretch), firstWidth({ from: stretch.to }) - 1];
            const range = stretch.to >= WIDEST ? `From ${from} px on` : `At ${from}–${to} px`;
            const said = language === site.languages[0] ? '' : ` in ${languageName(language)}`;
            const breaking = stretch.status === 'overflows' || (breaks(stretch) && !runsOn(stretch.causes));
            return found({
              lead: { to: 'rules', at, bar },
              at: `${assembly.name}, ${assembly.bars[bar]!.name}`,
              seen: { width: from, language, ...(cause && { phase: cause.phase }) },
              words: `${range}${said}: ${cause ? causeText(site, assembly, cause) : stretch.status}.`,
              measure: cause ? `${Math.max(1, Math.round(cause.by))} px short` : null,
              limit: '0 px',
              harm: breaking ? 'breaks' : 'untidy',
              // As long as texts are not measured, nothing is known that helps.
              repair: breaking && complete ? repairOf(bar) : null,
              // Widths move with every edit.
              apart: `${language} ${stretch.status} ${nth}`,
            });
          }),
      );
    });
  }),
};
