import { expect, test } from '@jest/globals';
import { askForTexts, checkSite } from '@/core/checks/check-site';
import { assemblyKinds, type AssemblyKind } from '@/core/properties/assembly-kind';
import { someOf } from '@/sample.test-data';
import { countedIds } from '@/core/site/sample.test-data';
import type { Site } from '@/core/site/site';
import { startersOf } from '@/core/starters';
import { startAssembly } from '@/core/starters/starter';
import { measured } from '../text/measured';
import { firstDay, seededDemo } from './demo-sites.test-data';

const { db, demo } = await seededDemo();

/** What harms visitors of a site, in words. */
const harming = async (site: Site) => {
  await measured(db, (advances) => askForTexts({ site, advances }));
  return measured(db, (advances) =>
    checkSite({ site, advances })
      .filter(({ harm }) => harm !== 'untidy')
      .map(({ harm, at, words }) => `${harm}: ${at}: ${words}`),
  );
};

test.each(['hollin-sound', 'orrery-house'])('nothing in %s harms visitors', async (id) => {
  expect(await harming(demo(id))).toEqual([]);
});

const ofKind = (kind: AssemblyKind) =>
  startersOf[kind].map((starter) => ({ name: starter.name, kind, starter }));

test.each(someOf(assemblyKinds.flatMap(ofKind), 15))(
  '“$name” harms visitors of neither demo site, nor of a site on its first day',
  async ({ kind, starter }) => {
    for (const site of [demo('hollin-sound'), demo('orrery-house'), firstDay()]) {
      const { assembly, menus } = startAssembly(site, kind, starter, starter.name, countedIds());
      const started: Site = {
        ...site,
        menus: { ...site.menus, ...Object.fromEntries(menus.map((menu) => [menu.id, menu])) },
        [kind]: { ...site[kind], [assembly.id]: assembly },
        placing: {
          ...site.placing,
          ...(kind === 'headers' && { header: assembly.id }),
          ...(kind === 'footers' && { footer: assembly.id }),
        },
      };
      const own = (await harming(started)).filter((each) => each.includes(`: ${assembly.name}`));
      expect([site.name, own]).toEqual([site.name, []]);
    }
  },
);
