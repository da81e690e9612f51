import type { Site } from '../../site/site';
import { whereText } from '../../site/where-text';
import { detail, type Thing } from './thing';
import { givenDetails } from './given';

/** What stands on which pages. */
export function placingThings(site: Site): Thing[] {
  const { rules, ...others } = site.placing;
  return [
    {
      path: 'placing',
      area: 'Placing',
      words: () => 'all other pages',
      details: () => givenDetails(site, others),
      order: {
        of: 'rules',
        ids: rules.map(({ id }) => id),
        name: (id) => whereText(site, rules.find((rule) => rule.id === id)!.where),
      },
    },
    ...rules.map((rule): Thing => ({
      path: `placing.rules.${rule.id}`,
      area: 'Placing',
      words: () => `rule for ${whereText(site, rule.where)}`,
      details: () => [
        detail('Pages', rule.where, () => whereText(site, rule.where)),
        ...givenDetails(site, rule.gives),
      ],
    })),
  ];
}
