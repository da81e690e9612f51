import type { Id } from '../../ids/id';
import { el, keptNode, type Element, type Node } from '../../markup/html';
import { iconHtml } from '../../icons/icons';
import { hasHeads, opensBeside } from './below';
import { isUnfolding } from './unfolding';
import { menuButtonHtml } from './button';
import { forms } from './forms';
import { leavingRanks, leftOf } from './leaving';
import { reservedWeight } from './parts';
import { splitAfter } from './boxes';
import { brandLogoHtml } from '../brand-logo';
import {
  leading,
  pieceClass,
  type MenuEntry,
  type PieceContext,
  type PieceVersion,
  type SettledPiece,
} from '../piece';
import type { MenuValues } from './properties';
import type { Words } from '../shipped-words';
import { saidOf } from '../words';
import { variantsOf, type Variant } from '../variants';

/** An entry has a button that opens what is below it: of the first level its drop-down, of others what unfolds in a column. */
function toggleHtml(entry: MenuEntry, belowId: string, open: boolean, { moreOf }: Words): Element {
  return el('button', {
    class: 'menu-toggle',
    type: 'button',
    'aria-expanded': String(open),
    'aria-controls': belowId,
    'aria-label': saidOf(moreOf, entry.label),
  });
}

/** What stands in a card before its label; it is seen in panels alone. */
function cardHtml({ picture, description }: MenuEntry, context: PieceContext): Node[] {
  const artwork = picture === null ? null : context.artwork(picture);
  const { src, width, height } = artwork ?? {};
  return [
    artwork && el('img', { class: 'menu-picture', src, width, height, alt: '', loading: 'lazy' }),
    description !== '' && el('span', { class: 'menu-card-words' }, description),
    description !== '' && ' ',
  ];
}

/** What stands in an entry: its icon, its label, its badge and, where some width shows it, its description. */
function labelHtml(entry: MenuEntry, described: boolean): Node[] {
  const { icon, label, badge, description, card } = entry;
  const rich = card || icon !== null || badge !== '' || description !== '';
  if (!rich) return [label];
  const part = (name: string, words: string) => [' ', el('span', { class: name }, words)];
  // Blanks keep apart what is read out; where these stand, none is seen.
  return [
    icon !== null && iconHtml(icon),
    el('span', { class: 'menu-label' }, label),
    ...(badge !== '' ? part('menu-badge', badge) : []),
    ...(described && !card && description !== '' ? part('menu-description', description) : []),
  ];
}

/** What a list needs beside its entries, such as whether items keep room for a heavier state. */
interface ListNeeds {
  reserve: boolean;
  /** Whether what stands below an entry drops down at some width. */
  drops: boolean;
  /** Whether an entry of a drop-down may be a card at some width. */
  cards: boolean;
  /** Whether what stands below an entry of a drop-down opens beside that at some width. */
  besides: boolean;
  /** Whether it unfolds in a column at some width, and whether it is open at first where it holds the page. */
  unfolds: boolean;
  opens: boolean;
  /** Whether entries below others show their descriptions at some width. */
  describes: boolean;
  /** The label of the button behind which items go where room is short; null where none ever does. */
  more: string | null;
}

/** Markup of entries that were written before: an entry that is the same on the next page is the same object, and in the same place of the same list its markup is too. */
const knownEntries = new WeakMap<MenuEntry, Map<string, Element>>();

/** Where an entry stands: the id of what stands below it, how deep it is, and when it leaves where room is short. */
interface EntryPlace {
  belowId: string;
  level: number;
  rank: number | null;
}

/** An entry with what stands below it. */
function entryHtml(entry: MenuEntry, needs: ListNeeds, at: EntryPlace, context: PieceContext): Element {
  // What is marked is so on this page only.
  if (entry.current !== null) return newEntryHtml(entry, needs, at, context);
  const known = knownEntries.get(entry) ?? new Map<string, Element>();
  knownEntries.set(entry, known);
  const { belowId, level, rank } = at;
  const place = `${belowId} ${needs.reserve} ${needs.drops} ${needs.cards} ${needs.besides} ${needs.unfolds} ${needs.describes} ${level} ${rank} ${context.className(entry.id)}`;
  const written = known.get(place) ?? keptNode(newEntryHtml(entry, needs, at, context));
  known.set(place, written);
  return written;
}

function newEntryHtml(
  entry: MenuEntry,
  needs: ListNeeds,
  { belowId, level, rank }: EntryPlace,
  context: PieceContext,
): Element {
  const { reserve, drops, cards, besides, unfolds, opens, describes } = needs;
  const current = entry.current && { 'aria-current': entry.current === 'page' ? 'page' : 'true' };
  const below = entry.children.length > 0;
  const toggled = below && (unfolds || (drops && level === 1) || (besides && level === 2));
  const carded = cards && level === 2 && entry.card;
  const title = entry.title || null;
  return el(
    'li',
    { class: context.className(entry.id), 'data-leaves': rank },
    leading(
      entry.target,
      {
        class: carded ? 'menu-link menu-card' : 'menu-link',
        title,
        'data-label': reserve ? entry.label : null,
        newWindow: entry.newWindow ? context.words.newWindow : null,
        ...current,
      },
      ...(carded ? cardHtml(entry, context) : []),
      ...labelHtml(entry, describes && level > 1),
    ),
    toggled && toggleHtml(entry, belowId, opens && entry.current !== null, context.words),
    below &&
      el(
        'ul',
        { class: 'menu-below', id: toggled ? belowId : null },
        ...entry.children.map((child, index) =>
          entryHtml(
            child,
            needs,
            { belowId: `${belowId}-${index + 1}`, level: level + 1, rank: null },
            context,
          ),
        ),
      ),
  );
}

/** A list of entries, and behind them the button with those of it that have left for want of room; `prefix` begins the ids in it. */
function entriesHtml(
  entries: readonly MenuEntry[],
  needs: ListNeeds,
  { prefix, leaves }: { prefix: string; leaves: boolean },
  context: PieceContext,
): Element {
  const ranks = leaves ? leavingRanks(entries) : null;
  const all = (level: number, begin: string) =>
    entries.map((entry, index) =>
      entryHtml(
        entry,
        needs,
        // The letter keeps it from being that of an entry’s entry in a menu whose name ends in a number.
        { belowId: `${begin}-i${index + 1}`, level, rank: ranks?.get(entry.id) ?? null },
        context,
      ),
    );
  const behind = `${prefix}-more`;
  return el(
    'ul',
    { class: 'menu-list' },
    ...all(1, prefix),
    needs.more !== null && moreHtml(needs, behind, all(2, behind)),
  );
}

/** The button behind which entries go where room is short, with those that may. */
function moreHtml({ reserve, more }: ListNeeds, id: string, entries: readonly Element[]): Element {
  const attributes = {
    class: 'menu-link menu-toggle',
    type: 'button',
    'aria-expanded': 'false',
    'aria-controls': id,
    'data-label': reserve ? more : null,
  };
  return el(
    'li',
    { class: 'menu-more' },
    el('button', attributes, el('span', { class: 'menu-label' }, more)),
    el('ul', { class: 'menu-below', id }, ...entries),
  );
}

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
    // Where it is something else at some width, a drop-down or a level would stand open there.
    opens: versions.every(
      ({ values: { shownAs, unfolds } }) => forms[shownAs].below !== 'dropped' && unfolds !== 'levels',
    ),
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
