import { bandChain } from '../bands/band';
import { logoArtwork } from '../brand/logo-versions';
import type { Measures, Steadiness } from '../boxes/box';
import type { Id } from '../ids/id';
import { sameItems } from '../ids/same-items';
import type { Span } from '../lengths/piecewise';
import { itemShown } from '../menus/band-order';
import { labelledBy, markedEntries, markIndex, menuEntries, type MarkIndex } from '../menus/entries';
import type { PieceContent, RoomEntry } from '../pieces/content';
import type { MenuEntry } from '../pieces/piece';
import { languageName } from '../site/language';
import type { Menu } from '../site/menu';
import { pageWords } from '../site/page-words';
import { mayEmbed, type Site } from '../site/site';
import type { Circumstances, Tally } from './circumstances';
import { lineWidth } from './frame';
import { pieceMeasures, type ContentOf } from './measures';

/** The entries of a menu as they stand on all pages, as long as everything that they were made of is the same. */
interface OnAllPages {
  madeOf: readonly unknown[];
  entries: MenuEntry[];
  marks: MarkIndex;
}
const known = new WeakMap<Menu, Map<string, OnAllPages>>();

const nowhere = () => null;

function onAllPages(site: Site, menu: Menu, language: string, band: Id): OnAllPages {
  const madeOf = [site.bands, ...labelledBy(site)];
  const kept = known.get(menu) ?? new Map<string, OnAllPages>();
  known.set(menu, kept);
  const found = kept.get(`${band} ${language}`);
  if (found && sameItems(found.madeOf, madeOf)) return found;
  const entries = menuEntries(site, menu, { language, band, target: nowhere });
  const made = { madeOf, entries, marks: markIndex(menu, entries) };
  kept.set(`${band} ${language}`, made);
  return made;
}

/** What was made of entries: they are themselves made anew where anything of them differs. */
const rooms = new WeakMap<MenuEntry, RoomEntry>();

/** The entries of a menu as they take room, in the order of a band. */
function roomEntries({ site, page, language }: Circumstances, id: Id, band: Id): RoomEntry[] {
  const menu = site.menus[id];
  if (!menu) return [];
  const { entries, marks } = onAllPages(site, menu, language, band);
  const chain = bandChain(site.bands);
  const shown = (entry: MenuEntry) => itemShown(menu, entry.id, chain, band);
  const asRoom = (entry: MenuEntry): RoomEntry => {
    const kept = rooms.get(entry);
    if (kept) return kept;
    const { id, label, icon, picture, card, badge, description, leaves, current, children } = entry;
    const own = { id, label, icon, picture, card, badge, description, leaves, current };
    const holds = children.length > 0;
    const made = Object.assign(own, {
      shown: shown(entry),
      holds,
      children: children.filter(shown).map(asRoom),
    });
    rooms.set(entry, made);
    return made;
  };
  return markedEntries(site, menu, entries, page, nowhere, marks).map(asRoom);
}

/** What a piece may ask about its boxes over a span of viewport widths within its band. */
export function pieceContent(
  circumstances: Circumstances,
  piece: ContentOf,
  span: Span,
  tally: Tally = { complete: true },
  steadiness?: Steadiness,
): PieceContent {
  const { site, language } = circumstances;
  // Engines take many times as long to spread what holds functions into more of them.
  return Object.assign(pieceMeasures(circumstances, piece, span, tally, steadiness), {
    border: (border) => lineWidth(site, border),
    entries: (menu) => roomEntries(circumstances, menu, piece.band),
    artwork: (id) => site.artwork[id] ?? null,
    logo: (version) => logoArtwork(site.brand.logo, version),
    measured: () => tally.complete,
    opensBranch: piece.opensBranch ?? false,
    siteName: site.name,
    words: pageWords(site, language),
    embeds: (address) => mayEmbed(site, address),
    languages: () =>
      site.languages.map((tag) => ({ tag, name: languageName(tag), current: tag === language })),
  } satisfies Omit<PieceContent, keyof Measures>);
}
