import type { MenuReading } from '../menus/found-item';

/** A menu that stands on a page, with the name that it has there: that of its landmark, or of the heading before it. */
export interface FoundMenu {
  name: string;
  stands: 'header' | 'footer';
  /** Whether all of it leads elsewhere, as links to where else a site can be met do. */
  social: boolean;
  line: number;
  reading: MenuReading;
}

/** The colours of a brand that are found by what they are the colours of. */
export type ColourRole = 'ground' | 'ink' | 'accent' | 'line';

/** A colour for the brand: one that it has from the start, or one by its own name. */
export interface FoundColour {
  role: ColourRole | null;
  name: string;
  css: string;
}

/** A family that ships with the application, for what it sets. */
export interface FoundFont {
  style: 'type-body' | 'type-heading';
  family: string;
}

/** What the parts of a page that stand on every page of its site say. */
export interface FoundWebsite {
  name: string | null;
  /** The languages that it says it is in, its own first. */
  languages: string[];
  /** Its address as it is said, and where the folder of the page is there, the bytes of its file. */
  logo: { source: string; alt: string; bytes?: Uint8Array } | null;
  menus: FoundMenu[];
  /** Pages by their paths, where their files were given, titled as they are. */
  pages: { path: string; title: string }[];
  /** The lines of the address, numbers as they are dialled, and where to write to. */
  address: string[];
  telephone: string | null;
  mail: string | null;
  /** The line of the footer that says whose rights these are. */
  rights: string | null;
  colours: FoundColour[];
  fonts: FoundFont[];
}

/** Something that was understood, with the line that it stands in, and what of the website it gives. */
export interface WebsitePart {
  line: number;
  words: string;
  gives: Partial<FoundWebsite>;
}

/** What some parts of a page give together. */
export function foundIn(parts: readonly WebsitePart[]): FoundWebsite {
  const found: FoundWebsite = {
    name: null,
    languages: [],
    logo: null,
    menus: [],
    pages: [],
    address: [],
    telephone: null,
    mail: null,
    rights: null,
    colours: [],
    fonts: [],
  };
  for (const { gives } of parts)
    Object.assign(
      found,
      gives,
      // Of these, several parts may each give some.
      Object.fromEntries(
        (['languages', 'menus', 'pages', 'colours', 'fonts'] as const).map((several) => [
          several,
          [...found[several], ...(gives[several] ?? [])],
        ]),
      ),
    );
  return found;
}
