import type { Id } from '../../ids/id';
import { el, type Element, type Node } from '../../markup/html';
import { hasHeads, opensBeside } from './below';
import { isUnfolding, mayOpenAtFirst } from './unfolding';
import { menuButtonHtml } from './button';
import { forms } from './forms';
import { leftOf } from './leaving';
import { reservedWeight } from './parts';
import { splitAfter } from './split';
import { entriesHtml } from './entry-markup';
import { brandLogoHtml } from '../brand-logo';
import {
  pieceClass,
  type MenuEntry,
  type PieceContext,
  type PieceVersion,
  type SettledPiece,
} from '../piece';
import type { MenuValues } from './properties';
import { variantsOf, type Variant } from '../variants';

/** The drawer behind the menu button; null where the menu is not shown as one. */
export function openedBy({ shownAs, opens }: Pick<MenuValues, 'shownAs' | 'opens'>): Id | null {
  return shownAs === 'button' ? opens : null;
}

/** The button that opens the drawer, where some band asks for one and there is a drawer to open. */
function buttonWhereAsked(
  piece: SettledPiece<MenuValues>,
  context: PieceContext,
  versions: readonly PieceVersion<MenuValues>[],
): Node {
  const opens = versions.map((band) => openedBy(band.values)).find((id) => id !== null);
  const drawer = opens === undefined ? null : context.drawer(opens);
  return drawer !== null && menuButtonHtml(piece.values, context.words.menu, drawer);
}

/** The list of a variant, in two halves where its logo stands between them; empty when its menu has nothing to show. */
function listHtml(
  { settled: piece, name }: Variant<MenuValues>,
  context: PieceContext,
  { alone, logo, versions }: { alone: boolean; logo: Node; versions: readonly PieceVersion<MenuValues>[] },
): Node[] {
  const { id, values, band } = piece;
  const shown = values.menu === null ? null : context.menu(values.menu, band);
  if (!shown || shown.entries.length === 0) return [];
  const left = versions.map((each) => leftOf(each.values));
  const needs = {
    reserve: reservedWeight(values) !== null,
    describes: versions.some((each) => each.values.descriptions),
    drops: versions.some((each) => forms[each.values.shownAs].below === 'dropped'),
    cards: versions.some((each) => hasHeads(each.values)),
    besides: versions.some((each) => opensBeside(each.values)),
    unfolds: versions.some((each) => isUnfolding(each.values)),
    opens: versions.every((each) => each.opensBranch && mayOpenAtFirst(each.values)),
    more: left.some(({ behind }) => behind > 0) ? values.moreLabel || context.words.more : null,
  };
  const leaves = left.some(({ behind, out }) => behind + out > 0);
  const prefix = `${context.idOf(id)}${alone ? '' : `-${name}`}`;
  const list = (entries: readonly MenuEntry[], half = '') =>
    entriesHtml(entries, needs, { prefix: `${prefix}${half}`, leaves }, context);
  const halves = () => {
    const content = context.content(piece);
    const at = splitAfter(values, content.entries(values.menu!), content);
    return [list(shown.entries.slice(0, at)), logo, list(shown.entries.slice(at), '-after')];
  };
  const whole = [list(shown.entries)];
  const lists = values.around === 'around' ? halves() : values.around ? [logo, ...whole] : whole;
  return alone ? lists : [el('div', { class: `for-${name}` }, ...lists)];
}

/** The logo that a menu draws, compact where the menu is a menu button; none where it draws none in any stage. */
function ownLogo(context: PieceContext, piece: Id, versions: readonly PieceVersion<MenuValues>[]): Node {
  if (!versions.some(({ values }) => values.around)) return null;
  // What a script begins has no width of its own, by which the markup could choose.
  const stages = versions
    .map(({ media, values }, stage) => ({ media, compact: values.shownAs === 'button', stage }))
    .filter(({ media, stage }) => stage === 0 || media !== null);
  return brandLogoHtml(context, piece, stages);
}

/** The markup of a menu: its button, where some form of it is one, and a list for each of its variants; null where it has nothing to show. */
export function menuHtml(
  piece: SettledPiece<MenuValues>,
  context: PieceContext,
  versions: readonly PieceVersion<MenuValues>[],
): Element | null {
  const variants = variantsOf(versions);
  const alone = variants.length === 1;
  const logo = ownLogo(context, piece.id, versions);
  const button = buttonWhereAsked(piece, context, versions);
  // Where no width shows a list, the button stands alone.
  const listed = logo !== null || versions.some(({ variant }) => variant !== null);
  const lists = variants.flatMap((variant) => listHtml(variant, context, { alone, logo, versions }));
  if (lists.length === 0) return null;
  const { settled: named } = variants.find(({ settled }) => settled.values.menu !== null)!;
  const { name } = context.menu(named.values.menu!, named.band)!;
  return el(
    'nav',
    {
      class: pieceClass(piece, context),
      'aria-label': context.landmark(piece.values.landmark || name),
    },
    button,
    ...(listed || !button ? lists : []),
  );
}
