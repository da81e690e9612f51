import { bandChain } from '../bands/band';
import { logoArtwork } from '../brand/logo-versions';
import type { Steadiness } from '../boxes/box';
import type { Id } from '../ids/id';
import type { Span } from '../lengths/piecewise';
import { itemShown } from '../menus/band-order';
import { markedEntries, menuEntries } from '../menus/entries';
import type { PieceContent, RoomEntry } from '../pieces/content';
import type { MenuEntry } from '../pieces/piece';
import { languageName } from '../site/language';
import { pageWords } from '../site/page-words';
import { mayEmbed } from '../site/site';
import type { Circumstances, Tally } from './circumstances';
import { lineWidth } from './frame';
import { pieceMeasures, type ContentOf } from './measures';

/** The entries of a menu as they take room, in the order of a band. */
function roomEntries({ site, page, language }: Circumstances, id: Id, band: Id): RoomEntry[] {
  const menu = site.menus[id];
  if (!menu) return [];
  const chain = bandChain(site.bands);
  const shown = (entry: MenuEntry) => itemShown(menu, entry.id, chain, band);
  const asRoom = (entry: MenuEntry): RoomEntry => ({
    ...entry,
    shown: shown(entry),
    holds: entry.children.length > 0,
    children: entry.children.filter(shown).map(asRoom),
  });
  const target = () => null;
  const entries = menuEntries(site, menu, { language, band, target });
  return markedEntries(site, menu, entries, page, target).map(asRoom);
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
  return {
    ...pieceMeasures(circumstances, piece, span, tally, steadiness),
    border: (border) => lineWidth(site, border),
    entries: (menu) => roomEntries(circumstances, menu, piece.band),
    artwork: (id) => site.artwork[id] ?? null,
    logo: (version) => logoArtwork(site.brand.logo, version),
    measured: () => tally.complete,
    opensBranch: piece.opensBranch ?? false,
    siteName: site.name,
    words: pageWords(site, language),
    embeds: (address) => mayEmbed(site, address),
    get languages() {
      return site.languages.map((tag) => ({ tag, name: languageName(tag), current: tag === language }));
    },
  };
}
