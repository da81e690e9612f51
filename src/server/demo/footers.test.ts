import { expect, test } from '@jest/globals';
import { surveyFit } from '@/core/fit/survey';
import { ROOT_TEXT_PX } from '@/core/lengths/length';
import { countedIds } from '@/core/site/sample.test-data';
import type { Assembly } from '@/core/site/assembly';
import type { Site } from '@/core/site/site';
import { footerStarters } from '@/core/starters/footers';
import { startAssembly } from '@/core/starters/starter';
import { measured } from '../text/measured';
import { seededDemo } from './demo-sites.test-data';

const { db, demo } = await seededDemo();

/** Where bars of a footer stick out at some width of the window, in some language; lines may break, since footers do by design. */
async function stickingOut(site: Site, footer: Assembly): Promise<string[]> {
  const found = [];
  for (const language of site.languages) {
    const survey = await measured(db, (advances) =>
      surveyFit({ site, advances, page: null, language, root: ROOT_TEXT_PX }, 'footers', footer),
    );
    for (const { bar, stretches } of survey.bars)
      for (const { from, to, status } of stretches)
        if (status === 'overflows')
          found.push(`${language}, ${footer.bars[bar]!.name}: ${Math.round(from)}–${Math.round(to)}`);
  }
  return found;
}

test.each(['hollin-sound', 'orrery-house'])('no footer of %s sticks out at any width', async (id) => {
  const site = demo(id);
  for (const footer of Object.values(site.footers)) expect(await stickingOut(site, footer)).toEqual([]);
});

test.each(footerStarters)(
  '“$name” sticks out at no width with the menus of either demo site',
  async (starter) => {
    for (const id of ['hollin-sound', 'orrery-house']) {
      const site = demo(id);
      const { assembly, menus } = startAssembly(site, 'footers', starter, starter.name, countedIds());
      const added = Object.fromEntries(menus.map((menu) => [menu.id, menu]));
      const own = { ...site, menus: { ...site.menus, ...added }, footers: { [assembly.id]: assembly } };
      expect([id, await stickingOut(own, assembly)]).toEqual([id, []]);
    }
  },
);
