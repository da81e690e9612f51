import { standsAt } from '../../site/placing';
import { slots } from '../../site/placing-schema';
import { found, type Check } from '../check';

/** Pages on which no header or no footer stands although nobody said so: nothing given, or something empty. */
export const barePages: Check = {
  id: 'bare-pages',
  label: 'Bare pages',
  from: 'A page without a header leads nowhere',
  harm: 'reach',
  find({ site }) {
    return slots.flatMap((slot) => {
      const bare = site.pageOrder.filter((id) => {
        const { id: stands, why } = standsAt(site, slot, site.pages[id]!);
        const empty = stands !== null && Object.keys(site[`${slot}s`][stands]?.pieces ?? {}).length === 0;
        return empty || (stands === null && why.by === 'others');
      });
      if (bare.length === 0) return [];
      const [first] = bare;
      const page = site.pages[first!]!;
      return [
        found({
          lead: { to: 'placing' },
          at: bare.length === 1 ? `${page.title}, ${page.path}` : `${bare.length} pages`,
          seen: { page: first! },
          words: `No ${slot} with anything in it stands on ${bare.length === 1 ? 'it' : 'them'}.`,
          harm: slot === 'header' ? 'reach' : 'untidy',
          apart: slot,
        }),
      ];
    });
  },
};
