import type { DropDownStretch, OpenedSurvey } from '@/core/fit/opened-survey';
import type { Id } from '@/core/ids/id';
import { itemLabel } from '@/core/menus/entries';
import { pieceTitle } from '@/core/site/uses';
import type { Site } from '@/core/site/site';
import type { RulerRule } from '@/ui/ruler/model';

/** What an item of some menu is called, or the piece whose button stands for items that have left. */
function nameOf(site: Site, id: Id): string {
  for (const { items } of Object.values(site.menus)) {
    const item = items[id];
    if (item) return itemLabel(site, item);
  }
  const pieces = [...Object.values(site.headers), ...Object.values(site.footers)].flatMap((each) =>
    Object.values(each.pieces),
  );
  const piece = pieces.find((each) => each.id === id);
  return piece ? pieceTitle(site, piece) : 'More';
}

/** How drop-downs stand over a stretch, in words. */
export function stretchText(site: Site, stretch: DropDownStretch): string {
  const { count, turned, across, scrolling, besideFrom, inside } = stretch;
  const names = (ids: readonly Id[]) => ids.map((id) => nameOf(site, id)).join(', ');
  const told = [
    turned.length > 0 ? `${names(turned)} to the other side` : '',
    across.length > 0 ? `${names(across)} as wide as the window` : '',
    besideFrom === null ? '' : `lists beside in windows from ${besideFrom} px high`,
    inside.length > 0 ? `no room for lists beside ${names(inside)}` : '',
    scrolling.length > 0
      ? `higher than a ${scrolling.map(({ name, held }) => `${name} ${held}`).join(', ')} leaves`
      : '',
  ].filter(Boolean);
  const all = count === 1 ? '1 drop-down' : `${count} drop-downs`;
  return told.length === 0 ? `${all} within the window` : `${all}: ${told.join('; ')}`;
}

/** How the drop-downs of an assembly stand, on the ruler; neighbours that say the same are one. */
export function rulerDropDowns(site: Site, { dropDowns }: OpenedSurvey): RulerRule[] {
  return dropDowns.reduce<RulerRule[]>((all, stretch) => {
    const text = stretchText(site, stretch);
    const last = all.at(-1);
    if (last?.text === text && last.from === stretch.to)
      return [...all.slice(0, -1), { ...last, from: stretch.from }];
    return [...all, { from: stretch.from, to: stretch.to, text, steps: [] }];
  }, []);
}
