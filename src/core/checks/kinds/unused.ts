import { assemblyKinds, assemblyNouns } from '../../properties/assembly-kind';
import { placed } from '../../site/placing';
import { unshownMenus } from '../../site/uses';
import { found, type Check } from '../check';
import type { Found } from '../finding';

/** Drafts that stand on no page, bars in which nothing stands, menus that are shown nowhere. */
export const unused: Check = {
  id: 'unused',
  label: 'What stands nowhere',
  from: 'What no visitor sees is in the way of who looks after the site',
  harm: 'untidy',
  find({ site }) {
    const standing = placed(site);
    const ofAssembly = assemblyKinds.flatMap((kind) =>
      Object.values(site[kind]).flatMap((assembly): Found[] => {
        const at = { in: kind, assembly: assembly.id };
        const draft = kind !== 'drawers' && !standing.has(assembly.id);
        const whole = {
          lead: { to: 'place', place: { on: 'assembly', ...at } } as const,
          at: assembly.name,
        };
        return [
          ...(draft
            ? [
                found({
                  ...whole,
                  words: `The ${assemblyNouns[kind]} stands on no page, and is not handed over.`,
                }),
              ]
            : []),
          ...assembly.order
            .filter((bar) => assembly.bars[bar]!.bays.every(({ pieces }) => pieces.length === 0))
            .map((bar) =>
              found({
                lead: { to: 'place', place: { on: 'bar', ...at, bar } },
                at: `${assembly.name}, ${assembly.bars[bar]!.name}`,
                words: 'Nothing stands in this bar.',
                repair:
                  assembly.order.length === 1
                    ? null
                    : { label: 'Remove the bar', edits: [{ edit: 'removeBar', at, bar }] },
              }),
            ),
        ];
      }),
    );
    const menus = unshownMenus(site).map(({ id, name }) =>
      found({
        lead: { to: 'part', of: 'menus', id },
        at: `Menu ${name}`,
        words: 'No header, drawer or footer shows this menu.',
        repair: { label: 'Remove the menu', edits: [{ edit: 'removeMenu', menu: id }] },
      }),
    );
    return [...ofAssembly, ...menus];
  },
};
