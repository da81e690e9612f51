import { resolveAssembly } from '../../resolve/assembly';
import { barHeights, usually } from '../../fit/heights';
import { heldScreens } from '../../fit/screens';
import { stageAt, wayDown } from '../../fit/way-down';
import { tenthsText } from '../../lengths/length';
import { found, ofAssemblies, type Check } from '../check';

/** A shift that is felt, as a part of the height of the window (Layout Instability, “layout shift score”; good is up to this). */
const FELT = 0.1;
/** What is not seen, in CSS px. */
const UNSEEN = 1;

/** Headers that are higher or lower once their fonts have come: all of the page below them jumps by that. */
export const shift: Check = {
  id: 'shift',
  label: 'Jumps when fonts come',
  from: 'Layout Instability: the layout shift score of a page',
  harm: 'breaks',
  find: ofAssemblies(['headers'], ({ site, advances, at, assembly }) => {
    const way = wayDown(site, advances, at.in, assembly);
    const today = usually(site, advances);
    const heightAt = (width: number, inStandIn: boolean): number => {
      const stage = stageAt(way, width);
      const settled = resolveAssembly(site, at.in, assembly, stage);
      if (settled.values.stands !== 'top' && settled.values.stands !== 'row') return 0;
      // What lies over the page moves nothing of it.
      if (settled.values.lies === 'over') return 0;
      const heights = [...barHeights({ ...today, inStandIn }, settled, stage.band, width).values()];
      return settled.values.stands === 'row'
        ? Math.max(0, ...heights)
        : heights.reduce((sum, each) => sum + each, 0);
    };
    const jumps = heldScreens.map((screen) => {
      const by = Math.abs(heightAt(screen.width, true) - heightAt(screen.width, false));
      return { ...screen, by, share: by / screen.height };
    });
    const worst = jumps.reduce((most, each) => (each.share > most.share ? each : most));
    if (worst.by <= UNSEEN) return [];
    const by = `${tenthsText(worst.by)} px`;
    return [
      found({
        lead: { to: 'place', place: { on: 'assembly', ...at } },
        at: assembly.name,
        seen: { width: worst.width },
        words: `On a ${worst.name.toLowerCase()} ${worst.held} the page jumps by ${by} once the fonts have come: a line breaks with one font and not with the other.`,
        measure: by,
        limit: `${UNSEEN} px`,
        harm: worst.share > FELT ? 'breaks' : 'untidy',
      }),
    ];
  }),
};
