import type { Box } from '../../boxes/box';
import type { PieceContent, RoomEntry } from '../content';
import type { Hanging } from '../piece';
import { belowBox, besideBox, otherLayout } from './entry-boxes';
import { FIRST_HALF, splitAfter } from './split';
import { forms } from './forms';
import { menuLayouts } from './layouts';
import { countsOf, standing } from './leaving';
import type { MenuValues } from './properties';

/** What stands behind “more”, as an entry that has it below it. */
const NO_ENTRY: Omit<RoomEntry, 'children'> = {
  id: '',
  label: '',
  icon: null,
  picture: null,
  card: false,
  badge: '',
  description: '',
  leaves: 'turn',
  current: null,
  shown: true,
  holds: true,
};

/** What drops down from entries of the first level, as it stands open. */
export function hangingBoxes(values: MenuValues, content: PieceContent): Hanging[] {
  const entries = values.menu === null ? [] : content.entries(values.menu);
  if (forms[values.shownAs].below !== 'dropped' || values.turned) return [];
  const making = { values, content, laid: menuLayouts(values, countsOf(entries)) };
  const { inRow, behind } = standing(values, entries);
  const split = values.around === 'around' ? splitAfter(values, entries, content) : entries.length;
  const edge = content.border(values.panelLine);
  const open = (below: Box): Box => ({
    ...otherLayout(below, { display: values.panel === 'columns' ? 'grid' : 'block' }),
    edge,
  });
  const item = '.menu-list > li';
  const hanging = (entry: RoomEntry): Hanging[] => {
    const below = belowBox(making, entry, true);
    if (below === null || !inRow.includes(entry)) return [];
    const at = entries.indexOf(entry);
    const second = at >= split;
    const nth = `${item}:nth-child(${at + 1 - (second ? split : 0)})`;
    const selector =
      split === entries.length ? nth : second ? `.menu-logo ~ ${nth}` : nth.replace('.menu-list', FIRST_HALF);
    const beside = besideBox(making, entry, edge);
    return [{ entry: entry.id, under: item, selector, box: open(below), beside }];
  };
  const all = { ...NO_ENTRY, children: behind };
  const more = belowBox(making, all, true);
  const under = '.menu-list > .menu-more';
  return [
    ...entries.flatMap(hanging),
    ...(more
      ? [{ entry: null, under, selector: under, box: open(more), beside: besideBox(making, all, edge) }]
      : []),
  ];
}
