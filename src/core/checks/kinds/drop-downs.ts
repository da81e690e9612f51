import { NARROWEST } from '../../bands/band';
import { dropDownSides } from '../../fit/drop-down-sides';
import { stagesDown, wayDown } from '../../fit/way-down';
import { resolveAssembly } from '../../resolve/assembly';
import { found, ofAssemblies, type Check } from '../check';

/** Drop-downs for which there is no room beside their items at some width: they are as wide as the window there (WCAG 2.2, 1.4.10 Reflow). */
export const dropDowns: Check = {
  id: 'drop-downs',
  label: 'Drop-downs without room',
  from: 'WCAG 2.2, 1.4.10 Reflow',
  harm: 'untidy',
  find: ofAssemblies(['headers', 'footers'], ({ site, advances, at, assembly }) =>
    stagesDown(wayDown(site, advances, at.in, assembly))
      .filter(({ to }) => to > NARROWEST)
      .flatMap(({ stage, from }) => {
        const settled = resolveAssembly(site, at.in, assembly, stage);
        const sides = dropDownSides(site, advances, settled, { band: stage.band, from });
        const across = [...sides.values()]
          .flatMap((ofPiece) => [...ofPiece.values()])
          .filter((side) => side === 'across').length;
        if (across === 0) return [];
        const width = Math.max(NARROWEST, Math.ceil(from - 1e-6));
        const [one, many] = [across === 1, `${across} drop-downs have`];
        return [
          found({
            lead: { to: 'place', place: { on: 'assembly', ...at } },
            at: assembly.name,
            seen: { width },
            words: `From ${width} px on ${one ? 'one drop-down has' : many} no room beside ${one ? 'its item, and is' : 'their items, and are'} as wide as the window.`,
            apart: stage.begun.join(' '),
          }),
        ];
      }),
  ),
};
