import type { Values } from '../../properties/property';
import { unshownMenus, usesById, type Use } from '../../site/uses';
import { found, type Check } from '../check';
import type { Found } from '../finding';

/** How many bytes of a picture are too many in a header: all visitors wait for it. */
const HEAVY = 100 * 1024;

/** Whether a use is a value of some items. */
const isOf = ({ holder }: Use, items: ReadonlySet<Values>) =>
  holder.holds === 'value' && items.has(holder.values);

/** Pictures without a text of their own, too heavy, too small to be sharp on screens of two pixels a px, or used nowhere (WCAG 2.2, 1.1.1 Non-text Content). */
export const artwork: Check = {
  id: 'artwork',
  label: 'Pictures',
  from: 'WCAG 2.2, 1.1.1 Non-text Content',
  harm: 'use',
  find({ site }) {
    // A picture goes unseen with the menu that holds it, and is told of before that is removed.
    const unshown = new Set(
      unshownMenus(site).flatMap(({ items }) => Object.values(items).map(({ values }) => values)),
    );
    return Object.values(site.artwork).flatMap(({ id, name, alt, bytes, type, height }): Found[] => {
      const about = { lead: { to: 'part', of: 'artwork', id }, at: `Picture ${name}` } as const;
      const kb = `${Math.round(bytes / 1024)} KB`;
      const uses = usesById(site, 'artwork').get(id) ?? [];
      if (uses.every((use) => isOf(use, unshown)))
        return [
          found({
            ...about,
            words: uses.length === 0 ? 'It is used nowhere.' : 'Only a menu that is shown nowhere holds it.',
            harm: 'untidy',
            repair: { label: 'Remove it', edits: [{ edit: 'removeArtwork', artwork: id }] },
            apart: 'unused',
          }),
        ];
      return [
        ...(alt === ''
          ? [
              found({
                ...about,
                words: `It has no text of its own: readers hear “${site.name}” instead.`,
                harm: 'untidy',
                apart: 'alt',
              }),
            ]
          : []),
        ...(bytes > HEAVY
          ? [
              found({
                ...about,
                words: `It has ${kb}, which every visitor waits for.`,
                measure: kb,
                limit: `${HEAVY / 1024} KB`,
                harm: 'heavy',
                apart: 'heavy',
              }),
            ]
          : []),
        ...(type !== 'image/svg+xml' && height < 64
          ? [
              found({
                ...about,
                words: `It is ${height} px high: on screens of two pixels a px it is blurred from ${Math.floor(height / 2) + 1} px on.`,
                measure: `${height} px`,
                limit: '64 px',
                harm: 'untidy',
                apart: 'small',
              }),
            ]
          : []),
      ];
    });
  },
};
