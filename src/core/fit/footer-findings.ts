import type { Id } from '../ids/id';
import type { Piece, Assembly } from '../site/assembly';
import { pieceTitle } from '../site/uses';
import { hostOf } from '../properties/hosts';
import { plainWords } from '../properties/kinds/words';
import { mayEmbed, type Site } from '../site/site';

/** The level of headings that the content of pages begins below: its own is 1 (HTML, 4.3.6). */
const FIRST_LEVEL = 2;

/** What a piece says the same at every width; its initial value where nothing is said. */
const said = <T>(piece: Piece, name: string, initial: T): T =>
  (piece.values[name]?.all as T | undefined) ?? initial;

/** Something that visitors would be surprised by in a piece of a footer. */
export interface FooterFinding {
  piece: Id;
  fault: 'unanswered' | 'no consent' | 'untitled' | 'not embedded' | 'no links' | 'skipped level';
  words: string;
}

/** What visitors would be surprised by in a footer. */
export function footerFindings(site: Site, footer: Assembly): FooterFinding[] {
  const pieces = footer.order.flatMap((bar) =>
    footer.bars[bar]!.bays.flatMap((bay) => bay.pieces.map((id) => footer.pieces[id]!)),
  );
  const levels = new Set([FIRST_LEVEL - 1]);
  return pieces.flatMap((piece): FooterFinding[] => {
    const one = (fault: FooterFinding['fault'], words: string) => [{ piece: piece.id, fault, words }];
    const title = `“${pieceTitle(site, piece)}”`;
    if (piece.kind === 'newsletter' && said(piece, 'service', '') === '')
      return one(
        'unanswered',
        `${title}: once the site stands elsewhere, nobody answers. Say to which service it is sent.`,
      );
    if (piece.kind === 'newsletter' && plainWords(said(piece, 'consent', [])).trim() === '')
      return one('no consent', `${title} asks for no consent: say what visitors agree to when they send it.`);
    const address = said(piece, 'address', '');
    if (piece.kind === 'embed' && address !== '') {
      if (said(piece, 'title', '').trim() === '')
        return one(
          'untitled',
          `${title} has no title: readers would not be told what it is, so nothing of it is shown.`,
        );
      if (!mayEmbed(site, address))
        return one(
          'not embedded',
          `${title}: this site embeds nothing from ${hostOf(address)} yet, so a link stands there.`,
        );
    }
    if (piece.kind !== 'links') return [];
    const menu = site.menus[said(piece, 'menu', '')];
    if (!menu || menu.top.length === 0)
      return one('no links', `${title} has no links, so nothing of it is seen.`);
    const level = said(piece, 'headingLevel', FIRST_LEVEL);
    const skips = !levels.has(level - 1);
    levels.add(level);
    return skips
      ? one(
          'skipped level',
          `${title} has headings of level ${level}, and none above them has level ${level - 1}: readers miss a step.`,
        )
      : [];
  });
}
