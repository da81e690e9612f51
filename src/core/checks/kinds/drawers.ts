import { drawerFindings } from '../../fit/drawer-findings';
import { found, type Check } from '../check';
import { pieceAt } from '../standing';

/** What visitors would be surprised by in a drawer: one that nothing opens, or that cannot be closed where one is (ARIA Authoring Practices, Dialog (Modal)). */
export const drawers: Check = {
  id: 'drawers',
  label: 'Drawers that surprise',
  from: 'ARIA Authoring Practices, Dialog (Modal)',
  harm: 'use',
  // What opens a drawer stands elsewhere.
  find: ({ site }) =>
    Object.values(site.drawers).flatMap((assembly) => {
      const at = { in: 'drawers', assembly: assembly.id } as const;
      return drawerFindings(site, assembly).map(({ piece, fault, words }) =>
        found({
          lead: {
            to: 'place',
            place: piece === null ? { on: 'assembly', ...at } : { on: 'piece', ...at, piece },
          },
          at: piece === null ? assembly.name : pieceAt(site, at, piece),
          words,
          apart: fault,
          harm: fault === 'opens itself' ? 'use' : 'untidy',
        }),
      );
    }),
};
