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
  },
};

/** The words of a page in a language; in English where none come for it. */
export function wordsIn(language: string): Words {
  return shipped[language.split('-')[0]!] ?? shipped.en!;
}

/** A word that is said of something. */
export const saidOf = (word: string, of: string) => word.replace('{}', () => of);
