import { EVERYWHERE } from '../bands/follow';
import * as v from 'valibot';
import type { Kind } from '../properties/kinds/kind';
import { textKind } from '../properties/kinds/text';
import { property, type Values } from '../properties/property';

/** What a page says by itself, seen or only to readers; `{}` stands for what it is said of. */
export interface Words {
  /** The link over the header to what the page is about. */
  skip: string;
  menu: string;
  close: string;
  more: string;
  /** Of an entry whose drop-down a button opens. */
  moreOf: string;
  newWindow: string;
  dismiss: string;
  search: string;
  /** Of the button that sends a search. */
  go: string;
  basket: string;
  pagesFound: string;
  /** How many pages were found. */
  found: string;
  language: string;
  account: string;
}

/** The words of the languages that come with the product, by their primary tag (RFC 5646, 2.2.1). */
const shipped: Record<string, Words> = {
  en: {
    skip: 'Skip to content',
    menu: 'Menu',
    close: 'Close',
    more: 'More',
    moreOf: '{}: more',
    newWindow: 'opens in a new window',
    dismiss: 'Dismiss this notice',
    search: 'Search',
    go: '{}: go',
    basket: 'Basket',
    pagesFound: 'Pages found',
    found: '{} found',
    language: 'Language',
    account: 'Account',
  },
  de: {
    skip: 'Zum Inhalt',
    menu: 'Menü',
    close: 'Schließen',
    more: 'Mehr',
    moreOf: '{}: mehr',
    newWindow: 'öffnet in neuem Fenster',
    dismiss: 'Hinweis ausblenden',
    search: 'Suche',
    go: '{} starten',
    basket: 'Warenkorb',
    pagesFound: 'Gefundene Seiten',
    found: '{} gefunden',
    language: 'Sprache',
    account: 'Konto',
  },
  fr: {
    skip: 'Aller au contenu',
    menu: 'Menu',
    close: 'Fermer',
    more: 'Plus',
    moreOf: '{} : plus',
    newWindow: 's’ouvre dans une nouvelle fenêtre',
    dismiss: 'Masquer',
    search: 'Recherche',
    go: '{} : lancer',
    basket: 'Panier',
    pagesFound: 'Pages trouvées',
    found: '{} trouvées',
    language: 'Langue',
    account: 'Compte',
  },
  es: {
    skip: 'Saltar al contenido',
    menu: 'Menú',
    close: 'Cerrar',
    more: 'Más',
    moreOf: '{}: más',
    newWindow: 'se abre en una ventana nueva',
    dismiss: 'Ocultar',
    search: 'Búsqueda',
    go: '{}: empezar',
    basket: 'Cesta',
    pagesFound: 'Páginas encontradas',
    found: '{} encontradas',
    language: 'Idioma',
    account: 'Cuenta',
  },
  it: {
    skip: 'Vai al contenuto',
    menu: 'Menu',
    close: 'Chiudi',
    more: 'Altro',
    moreOf: '{}: altro',
    newWindow: 'si apre in una nuova finestra',
    dismiss: 'Nascondi',
    search: 'Ricerca',
    go: '{}: avvia',
    basket: 'Carrello',
    pagesFound: 'Pagine trovate',
    found: '{} trovate',
    language: 'Lingua',
    account: 'Conto personale',
  },
  nl: {
    skip: 'Naar de inhoud',
    menu: 'Menu',
    close: 'Sluiten',
    more: 'Meer',
    moreOf: '{}: meer',
    newWindow: 'opent in een nieuw venster',
    dismiss: 'Verbergen',
    search: 'Zoeken',
    go: '{}: starten',
    basket: 'Winkelmand',
    pagesFound: 'Gevonden pagina’s',
    found: '{} gevonden',
    language: 'Taal',
    account: 'Account',
  },
  pl: {
    skip: 'Przejdź do treści',
    menu: 'Menu',
    close: 'Zamknij',
    more: 'Więcej',
    moreOf: '{}: więcej',
    newWindow: 'otwiera się w nowym oknie',
    dismiss: 'Ukryj',
    search: 'Szukaj',
    go: '{}: rozpocznij',
    basket: 'Koszyk',
    pagesFound: 'Znalezione strony',
    found: 'Znaleziono: {}',
    language: 'Język',
    account: 'Konto',
  },
  pt: {
    skip: 'Saltar para o conteúdo',
    menu: 'Menu',
    close: 'Fechar',
    more: 'Mais',
    moreOf: '{}: mais',
    newWindow: 'abre numa nova janela',
    dismiss: 'Ocultar',
    search: 'Pesquisa',
    go: '{}: iniciar',
    basket: 'Cesto',
    pagesFound: 'Páginas encontradas',
    found: '{} encontradas',
    language: 'Idioma',
    account: 'Conta',
  },
  sv: {
    skip: 'Hoppa till innehållet',
    menu: 'Meny',
    close: 'Stäng',
    more: 'Mer',
    moreOf: '{}: mer',
    newWindow: 'öppnas i ett nytt fönster',
    dismiss: 'Dölj',
    search: 'Sök',
    go: '{}: starta',
    basket: 'Varukorg',
    pagesFound: 'Sidor som hittades',
    found: '{} hittades',
    language: 'Språk',
    account: 'Konto',
  },
  ar: {
    skip: 'انتقل إلى المحتوى',
    menu: 'القائمة',
    close: 'إغلاق',
    more: 'المزيد',
    moreOf: '{}: المزيد',
    newWindow: 'يفتح في نافذة جديدة',
    dismiss: 'إخفاء',
    search: 'بحث',
    go: '{}: ابدأ',
    basket: 'السلة',
    pagesFound: 'الصفحات التي عثر عليها',
    found: 'عدد النتائج: {}',
    language: 'اللغة',
    account: 'الحساب',
  },
};

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
};

/** A word of pages; one that is said of something has to say where that stands. */
function wordKind(english: string): Kind<string> {
  const kind = textKind(80, `“${english}”, in the page’s language`);
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
    kind: wordKind(shipped.en![name as keyof Words]),
    by: 'language',
    initial: '',
  }),
);

/** The words that come for a language; null for none. */
const comeFor = (language: string): Words | null => shipped[language.split('-')[0]!] ?? null;

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
    shipped.en![name];
  const names = Object.keys(labels) as (keyof Words)[];
  return Object.fromEntries(names.map((name) => [name, word(name)])) as unknown as Words;
}

/** A word that is said of something. */
export const saidOf = (word: string, of: string) => word.replace('{}', () => of);
