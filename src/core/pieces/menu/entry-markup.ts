import { el, keptNode, type Element, type Node } from '../../markup/html';
import { iconHtml } from '../../icons/icons';
import { leavingRanks } from './leaving';
import { leading, type MenuEntry, type PieceContext } from '../piece';
import type { Words } from '../shipped-words';
import { saidOf } from '../words';

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
export interface ListNeeds {
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
export function entriesHtml(
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
