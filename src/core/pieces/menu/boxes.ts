import { box, type Box } from '../../boxes/box';
import { brandLogoBox } from '../brand-logo';
import { type PieceContent, type RoomEntry } from '../content';
import { menuButtonBox } from './button';
import { listBox, type Making } from './entry-boxes';
import { menuLayouts } from './layouts';
import { countsOf } from './leaving';
import { FIRST_HALF, splitAfter } from './split';
import type { MenuValues } from './properties';

/** The button that stands for a menu; none where it opens no drawer. */
function buttonBox({ values, content }: Making): Box | null {
  return values.opens === null || values.shownAs !== 'button' ? null : menuButtonBox(values, content, true);
}

/** The logo that a menu draws, and the halves of its list around it, or the list behind or below it. */
function withLogo(making: Making, entries: readonly RoomEntry[]): Box[] {
  const { values, content, laid } = making;
  const logo = brandLogoBox(content, values.shownAs === 'button' ? 'compact' : 'full', values.logoHeight);
  if (values.around !== 'around') return [logo, listBox(making, entries)];
  const at = splitAfter(values, entries, content);
  return [listBox(making, entries.slice(0, at), laid[FIRST_HALF]), logo, listBox(making, entries.slice(at))];
}

/** The boxes of a menu in the form in which it is shown; null where it has nothing to show in any band. */
export function menuBox(values: MenuValues, content: PieceContent): Box | null {
  const entries = values.menu === null ? [] : content.entries(values.menu);
  if (entries.length === 0) return null;
  const laid = menuLayouts(values, countsOf(entries));
  const making = { values, content, laid };
  const inside = values.around ? withLogo(making, entries) : [listBox(making, entries)];
  return box('', laid[''], [buttonBox(making), ...inside]);
}
