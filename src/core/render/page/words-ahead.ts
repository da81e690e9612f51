import { withWaysOf } from '../../fit/way-down';
import { sameBut } from '../../ids/same-but';
import { pieceKind } from '../../pieces';
import type { Piece } from '../../site/assembly';
import type { Menu } from '../../site/menu';
import { otherIn, revalued } from '../../site/other-values';
import type { Site } from '../../site/site';
import type { Advances } from '../../text/advances';
import type { Steps } from '../stylesheet/ahead';

/** Whether a piece says no more than other words. */
function saysOtherWords(was: Piece, is: Piece): boolean {
  const words = pieceKind(is.kind).properties.filter(({ by }) => by === 'language');
  return sameBut(was.values, is.values, ...words.map(({ name }) => name));
}

/** Whether menus are others by no more than the labels of items. */
function haveOtherLabels(before: Site['menus'], after: Site['menus']): boolean {
  const hasOther = (was: Menu, is: Menu) => otherIn(was.items, is.items, 'label', 'labels') !== null;
  return otherIn(before, after, 'items')?.every((id) => hasOther(before[id]!, after[id]!)) ?? false;
}

/**
 * The site after an edit by which no more than words are others, in pieces or in labels of items: pages of it stand in the stages that were last
 * worked out, so that they show these words before it is known where rules begin with them. Null where anything else has changed.
 */
export function wordsAhead({ made, before, after }: Steps, advances: Advances): Site | null {
  const changed = revalued(before, after, 'menus');
  const worded =
    before !== after &&
    changed?.every(
      ({ was, is, bars, pieces }) =>
        bars.length === 0 && pieces.every((id) => saysOtherWords(was.pieces[id]!, is.pieces[id]!)),
    ) &&
    haveOtherLabels(before.menus, after.menus);
  return worded ? withWaysOf(made, after, advances) : null;
}
