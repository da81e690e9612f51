import type { Edit } from '@/core/edit';
import type { Id } from '@/core/ids/id';
import type { Given } from '@/core/site/page';
import { slots } from '@/core/site/placing-schema';
import type { Site } from '@/core/site/site';

/** The edits that let a header or footer stand wherever another one does: on all other pages, by rules, and on pages by themselves. */
export function inPlaceOf({ placing, pages }: Site, old: Id, added: Id): Edit[] {
  const gives = (given: Given) => slots.some((slot) => given[slot] === old);
  const turned = (given: Given): Given =>
    Object.fromEntries(Object.entries(given).map(([slot, id]) => [slot, id === old ? added : id]));
  const { rules, ...others } = placing;
  return [
    ...slots
      .filter((slot) => others[slot] === old)
      .map((slot): Edit => ({ edit: 'placeOnOthers', placing: { [slot]: added } })),
    ...rules
      .filter((rule) => gives(rule.gives))
      .map((rule): Edit => ({ edit: 'setPlacingRule', rule: { ...rule, gives: turned(rule.gives) } })),
    ...Object.values(pages).flatMap(({ id, stands }): Edit[] =>
      stands && gives(stands) ? [{ edit: 'placeOnPage', page: id, stands: turned(stands) }] : [],
    ),
  ];
}
