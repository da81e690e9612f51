import type { Edit } from '../edit';
import { itemLabel } from '../menus/entries';
import type { Site } from '../site/site';
import { saidIn, wordingOf, type WordingRow } from '../wording/wording';
import type { Pointed } from './pointed';

/** A text that stands somewhere, and how it is said otherwise. */
export interface WordsAt {
  /** Which text it is, such as `Label`. */
  what: string;
  /** What stands there. */
  text: string;
  /** What was said of it in this language; empty where it comes from elsewhere. */
  own: string;
  /** The edit that says it, or with an empty text takes it back; a reason where the text cannot be read. */
  say(text: string): Edit | string;
}

/** The beginning of the keys of texts of what is pointed at (wording/wording.ts). */
function keysOf({ at, ...pointed }: Pointed): string | null {
  if (pointed.on === 'item') return `menus.${pointed.menu}.items.${pointed.item}.`;
  return pointed.on === 'piece' ? `${at.in}.${at.assembly}.pieces.${pointed.id}.` : null;
}

const asWords = (site: Site, row: WordingRow, language: string): WordsAt => {
  const own = saidIn(site, row, language);
  return { what: row.what, text: own || row.given, own, say: (text) => row.say(language, text) };
};

/** The label of an item: where it has none of its own, that of what it leads to, and one of its own once it is typed. */
function labelWords(site: Site, pointed: Pointed & { on: 'item' }, language: string): WordsAt {
  const [first] = site.languages;
  const item = site.menus[pointed.menu]!.items[pointed.item]!;
  return {
    what: 'Label',
    text: itemLabel(site, item, language),
    own: (language === first ? item.label : item.labels[language]) ?? '',
    say: (text) => ({
      edit: 'labelItem',
      menu: pointed.menu,
      item: pointed.item,
      label: text.trim() === '' ? null : text,
      ...(language === first ? {} : { language }),
    }),
  };
}

/**
 * The text of what is pointed at that is `seen` in a view of a language: of an item its label, unless another of its texts is seen; of a
 * piece the one that is seen, or the only one that it has. Null where nothing can be typed.
 */
export function wordsAt(site: Site, pointed: Pointed, language: string, seen: string): WordsAt | null {
  const keys = keysOf(pointed);
  if (keys === null) return null;
  const rows = wordingOf(site).filter(({ key, given }) => key.startsWith(keys) && given !== '');
  const texts = rows.map((row) => asWords(site, row, language));
  const found = texts.find(({ text }) => text === seen);
  if (found && found.what !== 'Label') return found;
  if (pointed.on === 'item')
    return site.menus[pointed.menu]?.items[pointed.item] ? labelWords(site, pointed, language) : null;
  return found ?? (texts.length === 1 ? texts[0]! : null);
}
