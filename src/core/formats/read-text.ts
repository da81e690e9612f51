import type { IdSource } from '../site/defaults';
import type { Site } from '../site/site';
import { readDesignTokens, type FoundToken } from './brand/read-design-tokens';
import { menuFormats } from './menus';
import type { FoundItem } from './menus/found-item';
import { pageFormats } from './pages';
import type { FoundPage } from './pages/found-page';
import { unreadable, type Reading } from './reading';
import { readArchive } from './website/archive';
import type { WebsitePart } from './website/found-website';
import { readWebsite } from './website/read-website';
import { readWordingCsv, type FoundWording } from './wording/csv';

/** A text from outside, and as what it is to be read. */
export type TextToRead =
  | { read: 'pages'; format: string; text: string; taken: ReadonlyMap<string, string> }
  | { read: 'menu'; format: string; text: string }
  | { read: 'tokens'; text: string; site: Site }
  | { read: 'wording'; text: string; site: Site }
  /** A page, or an archive of a folder of pages. */
  | { read: 'website'; text: string; archive: Uint8Array | null };

/** A text that is to be read as one thing. */
export type AskedText<K extends TextToRead['read']> = Extract<TextToRead, { read: K }>;

/** What is found in a text, by as what it is read. */
export interface FoundInText {
  pages: FoundPage;
  menu: FoundItem;
  tokens: FoundToken;
  wording: FoundWording;
  website: WebsitePart;
}

/** The longest text that is read, in characters; that of a page is longer, since most of it is none of what is read. */
const mostText = (read: TextToRead['read']) => (read === 'website' ? 20 * 1024 * 1024 : 4_000_000);

function readAsWebsite({ text, archive }: AskedText<'website'>): Reading<WebsitePart> {
  const reading = archive ? readArchive(archive) : readWebsite(text);
  return reading.ok ? { found: reading.parts, problems: reading.problems } : unreadable(reading.reason);
}

function readAs(asked: TextToRead, ids: IdSource): Reading<unknown> {
  if (asked.read === 'wording') return readWordingCsv(asked.text, asked.site);
  if (asked.read === 'website') return readAsWebsite(asked);
  if (asked.read === 'tokens') return readDesignTokens(asked.text, asked.site, ids);
  const { format, text } = asked;
  return asked.read === 'pages'
    ? pageFormats.find(({ id }) => id === format)!.read(text, asked.taken)
    : menuFormats.find(({ id }) => id === format)!.read(text);
}

/** Reads a text from outside, whatever it is: what a reader does not foresee is a message as well. */
export function readText<K extends TextToRead['read']>(
  asked: AskedText<K>,
  ids: IdSource,
): Reading<FoundInText[K]> {
  const most = mostText(asked.read);
  if (asked.text.length > most)
    return unreadable(
      `A text has at most ${(most / 1_000_000).toFixed(0)} million characters; this one has ${asked.text.length}.`,
    );
  try {
    return readAs(asked, ids) as Reading<FoundInText[K]>;
  } catch (error) {
    return unreadable(`This cannot be read: ${(error as Error).message}.`);
  }
}
