import { EVERYWHERE } from '../bands/follow';
import * as v from 'valibot';
import type { Kind } from '../properties/kinds/kind';
import { textKind } from '../properties/kinds/text';
import { property, type Values } from '../properties/property';
import { shippedWords, type Words } from './shipped-words';

/** What each of the words is of, for the designer. */
const labels: Record<keyof Words, string> = {
  skip: 'Link to the content',
  menu: 'Menu button, and its drawer',
  close: 'Close a drawer or a dialog',
  more: 'Button of items without room',
  moreOf: 'Button that opens a drop-down',
  newWindow: 'Said of links that do so',
  dismiss: 'Dismiss a notice',
  search: 'Search',
  go: 'Send a search',
  basket: 'Basket',
  pagesFound: 'List of found pages',
  found: 'How many were found',
  language: 'Language choice',
  account: 'Account links',
  days: 'Days, from Monday',
  closed: 'Closed on a day',
  email: 'Field of a newsletter',
  subscribe: 'Button of a newsletter',
  sent: 'Newsletter: an address was sent',
  knownAddress: 'Newsletter: an address is known already',
  wrongAddress: 'Newsletter: not an address',
  noAnswer: 'Newsletter: no answer came',
  toTop: 'Back to the top',
  notFound: 'Title where there is no page',
  notFoundSays: 'Said where there is no page',
  loadsFrom: 'Where an embedded page loads from',
  telephoneShort: 'Before a telephone number',
  telephone: 'Which is short for',
  mailShort: 'Before an e-mail address',
  mail: 'Which is short for (e-mail)',
};

/** How many names of days there are. */
const DAYS = 7;

/** A word of pages; one that is said of something has to say where that stands, and days are seven. */
function wordKind(name: keyof Words, english: string): Kind<string> {
  const kind = textKind(100, `“${english}”, in the page’s language`);
  if (name === 'days') {
    const seven = v.check(
      (text: string) => text === '' || text.trim().split(/\s+/).length === DAYS,
      'Seven names with a blank between them, from Monday.',
    );
    return { ...kind, schema: v.pipe(kind.schema as v.GenericSchema<string>, seven) };
  }
  if (!english.includes('{}')) return kind;
  const check = v.check(
    (text: string) => text === '' || text.includes('{}'),
    'It has to hold {}, which stands for what it is said of.',
  );
  return { ...kind, schema: v.pipe(kind.schema as v.GenericSchema<string>, check) };
}

/** What pages say by themselves, to be said otherwise by the designer. */
export const wordProperties = Object.entries(labels).map(([name, label]) =>
  property({
    name,
    label,
    group: 'What pages say by themselves',
    kind: wordKind(name as keyof Words, shippedWords.en![name as keyof Words]),
    by: 'language',
    initial: '',
  }),
);

/** The words that come for a language; null for none. */
const comeFor = (language: string): Words | null => shippedWords[language.split('-')[0]!] ?? null;

/**
 * The words of pages in a language: as the designer said them in it, as they come for it, as the designer said them in the site’s first
 * language, and in English where nothing else is known.
 */
export function wordsIn(language: string, [first]: readonly string[] = [language], said: Values = {}): Words {
  const cell = language === first ? EVERYWHERE : language;
  const word = (name: keyof Words) =>
    (said[name]?.[cell] as string | undefined) ||
    comeFor(language)?.[name] ||
    (said[name]?.[EVERYWHERE] as string | undefined) ||
    shippedWords.en![name];
  const names = Object.keys(labels) as (keyof Words)[];
  return Object.fromEntries(names.map((name) => [name, word(name)])) as unknown as Words;
}

/** A word that is said of something. */
export const saidOf = (word: string, of: string) => word.replace('{}', () => of);
