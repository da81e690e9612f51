import { EVERYWHERE } from '../bands/follow';
import type { Edit } from '../edit';
import type { Place } from '../edit/place';
import { itemLabel } from '../menus/entries';
import { readLink, targetText } from '../menus/link-text';
import { pieceKind } from '../pieces';
import type { Words as PageWords } from '../pieces/shipped-words';
import { wordProperties } from '../pieces/words';
import { assemblyKinds, assemblyNouns } from '../properties/assembly-kind';
import { readWords, typedWords, type Words } from '../properties/kinds/words';
import { itemProperties } from '../properties/menu';
import type { Property, Values } from '../properties/property';
import { pageWords } from '../site/page-words';
import type { Site } from '../site/site';
import { pieceTitle } from '../site/uses';

/** Where texts of a site come from, in the order in which they are listed. */
export const wordingSources = {
  pages: 'Titles of pages',
  menus: 'Items of menus',
  pieces: 'Texts of pieces',
  words: 'What pages say by themselves',
} as const;
export type WordingSource = keyof typeof wordingSources;

/** One text of the site in all its languages. */
export interface WordingRow {
  /** Where it stands in the document; it stays the same as long as that is there. */
  key: string;
  source: WordingSource;
  /** What it is a text of, such as `Page /boats` or `Header “Main”, Search`. */
  of: string;
  /** Which of its texts, such as `Title`. */
  what: string;
  /** As it is typed, in the site’s first language; empty where nothing was said. */
  first: string;
  /** As it is typed, in the other languages that have it of their own, by their tags. */
  others: Readonly<Record<string, string>>;
  /** What is said in the first language, by the designer or as it comes; empty where there is nothing to translate. */
  given: string;
  /** What stands on pages of a language where nothing was said in it, or what is then done, in words. */
  instead(language: string): string;
  /** The edit that says it in a language, or with an empty text takes it back; a reason where the text cannot be read. */
  say(language: string, text: string): Edit | string;
}

const withoutEmpty = (texts: Record<string, string>) =>
  Object.fromEntries(Object.entries(texts).filter(([, text]) => text !== ''));

function pageRows(site: Site): WordingRow[] {
  const [first] = site.languages;
  return site.pageOrder.map((id) => {
    const { title, titles, path } = site.pages[id]!;
    return {
      key: `pages.${id}.title`,
      source: 'pages',
      of: `Page ${path}`,
      what: 'Title',
      first: title,
      given: title,
      others: titles,
      instead: () => title,
      say: (language, text) =>
        language === first
          ? { edit: 'changePage', page: id, title: text }
          : { edit: 'translatePage', page: id, language, title: text === '' ? null : text },
    };
  });
}

/** A text as it is typed: words that are links with where they lead. */
function typed(site: Site, { kind }: Property, value: unknown): string {
  return kind.editor.as === 'words'
    ? typedWords(value as Words, (link) => targetText(site, link))
    : String(value ?? '');
}

/** The value that a typed text means. */
function read(
  site: Site,
  { kind }: Property,
  text: string,
): { ok: true; value: unknown } | { ok: false; reason: string } {
  if (kind.editor.as !== 'words') return { ok: true, value: text };
  return readWords(text, (target) => readLink(site, target));
}

/** What is around the texts of a place. */
interface Around {
  source: WordingSource;
  path: string;
  of: string;
  place: Place;
  values: Values;
  properties: readonly Property[];
  /** What stands for a property in a language where nothing was said of it. */
  instead?(property: Property, language: string): string;
}

/** The texts of what stands at a place: those that say something of themselves, or where something was said. */
function propertyRows(site: Site, around: Around): WordingRow[] {
  const { source, path, of, place, values, properties } = around;
  const [first] = site.languages;
  return properties.flatMap((property) => {
    const cells = values[property.name] ?? {};
    const initial = typed(site, property, property.initial);
    if (property.by !== 'language') return [];
    if (Object.keys(cells).length === 0 && initial === '' && !around.instead) return [];
    const { [EVERYWHERE]: everywhere, ...others } = cells;
    const inFirst = everywhere === undefined ? '' : typed(site, property, everywhere);
    const { editor } = property.kind;
    const open = editor.as === 'text' ? (editor.placeholder ?? '') : '';
    const cell = (language: string) => (language === first ? EVERYWHERE : language);
    return [
      {
        key: `${path}.${property.name}`,
        source,
        of,
        what: property.label,
        first: inFirst,
        // What comes for each language by itself is not for the designer to translate.
        given: around.instead ? '' : inFirst || initial,
        others: Object.fromEntries(
          Object.entries(others).map(([language, value]) => [language, typed(site, property, value)]),
        ),
        instead: (language) =>
          around.instead?.(property, language) ?? ((language === first ? '' : inFirst) || initial || open),
        say(language, text) {
          const at = { place, property: property.name, cell: cell(language) };
          if (text === '') return { edit: 'clearValue', ...at };
          const reading = read(site, property, text);
          return reading.ok ? { edit: 'setValue', ...at, value: reading.value } : reading.reason;
        },
      },
    ];
  });
}

function menuRows(site: Site): WordingRow[] {
  const [first] = site.languages;
  return Object.values(site.menus).flatMap((menu) =>
    Object.values(menu.items).flatMap((item): WordingRow[] => {
      const path = `menus.${menu.id}.items.${item.id}`;
      const of = `${menu.name}, item “${itemLabel(site, item)}”`;
      const label: WordingRow = {
        key: `${path}.label`,
        source: 'menus',
        of,
        what: 'Label',
        first: item.label ?? '',
        given: itemLabel(site, item),
        others: item.labels,
        // Without a label of its own, it is that of the page that it leads to, in its language.
        instead: (language) =>
          itemLabel(site, { ...item, labels: {}, label: language === first ? null : item.label }, language),
        say: (language, text) => ({
          edit: 'labelItem',
          menu: menu.id,
          item: item.id,
          label: text === '' ? null : text,
          ...(language === first ? {} : { language }),
        }),
      };
      // An item that is called as the page that it leads to is translated there.
      const ownLabel = item.label !== null || Object.keys(item.labels).length > 0;
      return [
        ...(ownLabel ? [label] : []),
        ...propertyRows(site, {
          source: 'menus',
          path,
          of,
          place: { on: 'item', menu: menu.id, item: item.id },
          values: item.values,
          properties: itemProperties,
        }),
      ];
    }),
  );
}

function pieceRows(site: Site): WordingRow[] {
  return assemblyKinds.flatMap((kind) =>
    Object.values(site[kind]).flatMap((assembly) =>
      Object.values(assembly.pieces).flatMap((piece) => {
        const noun = assemblyNouns[kind];
        return propertyRows(site, {
          source: 'pieces',
          path: `${kind}.${assembly.id}.pieces.${piece.id}`,
          of: `${noun.charAt(0).toUpperCase()}${noun.slice(1)} “${assembly.name}”, ${pieceTitle(site, piece)}`,
          place: { on: 'piece', in: kind, assembly: assembly.id, piece: piece.id },
          values: piece.values,
          properties: pieceKind(piece.kind).properties,
        });
      }),
    ),
  );
}

/** What pages say by themselves, whether or not the designer says it otherwise. */
function wordRows(site: Site): WordingRow[] {
  const instead = ({ name }: Property, language: string) => {
    const { [name]: said = {} } = site.words.values;
    const own = language === site.languages[0] ? EVERYWHERE : language;
    const others = Object.fromEntries(Object.entries(said).filter(([cell]) => cell !== own));
    const without = { ...site, words: { values: { ...site.words.values, [name]: others } } };
    return pageWords(without, language)[name as keyof PageWords];
  };
  return propertyRows(site, {
    source: 'words',
    path: 'words',
    of: 'Every page',
    place: { on: 'words' },
    values: site.words.values,
    properties: wordProperties,
    instead,
  });
}

const rowsOf: Record<WordingSource, (site: Site) => WordingRow[]> = {
  pages: pageRows,
  menus: menuRows,
  pieces: pieceRows,
  words: wordRows,
};

/** Every text of a site that visitors read or hear, in all its languages, by where it comes from. */
export function wordingOf(site: Site): WordingRow[] {
  return (Object.keys(wordingSources) as WordingSource[])
    .flatMap((source) => rowsOf[source](site))
    .map((row) => ({ ...row, others: withoutEmpty({ ...row.others }) }));
}

/** What was said of a text in a language of its own; empty for nothing. */
export function saidIn(site: Site, { first, others }: WordingRow, language: string): string {
  return language === site.languages[0] ? first : (others[language] ?? '');
}

/** Whether a text was not said in a language although the first language says it. */
export function isMissing(site: Site, row: WordingRow, language: string): boolean {
  return language !== site.languages[0] && row.given !== '' && saidIn(site, row, language) === '';
}
