import * as v from 'valibot';
import { EVERYWHERE } from '../bands/follow';

/** A language tag (BCP 47), in its usual forms. */
export const languageSchema = v.pipe(
  v.string(),
  v.regex(/^[a-z]{2,3}(-[A-Za-z0-9]{2,8})*$/, 'A language tag such as en or de-AT.'),
  // What the first language says stands under this word.
  v.check((tag) => tag !== EVERYWHERE, `“${EVERYWHERE}” cannot be the tag of a language here.`),
);

/** The languages of a site, the first one being that of its texts. */
/** The most languages of a site. */
export const MOST_LANGUAGES = 12;

export const languagesSchema = v.pipe(
  v.array(languageSchema),
  v.minLength(1, 'A site has at least one language.'),
  v.maxLength(MOST_LANGUAGES, `A site has at most ${MOST_LANGUAGES} languages.`),
  // Tags differ by more than capitals (RFC 5646, 2.1.1), also as folders of the hand-over.
  v.check(
    (tags) => new Set(tags.map((tag) => tag.toLowerCase())).size === tags.length,
    'A language is named once.',
  ),
);

/** A text in other languages than the site’s first. */
export function translations<S extends v.GenericSchema<unknown, string>>(text: S) {
  return v.record(languageSchema, text);
}

/** Names of languages in themselves. The renderer writes the same bytes everywhere, so it cannot ask the machine for them. */
const names: Record<string, string> = {
  ar: 'العربية',
  bg: 'Български',
  cs: 'Čeština',
  cy: 'Cymraeg',
  da: 'Dansk',
  de: 'Deutsch',
  el: 'Ελληνικά',
  en: 'English',
  es: 'Español',
  et: 'Eesti',
  fi: 'Suomi',
  fr: 'Français',
  ga: 'Gaeilge',
  he: 'עברית',
  hr: 'Hrvatski',
  hu: 'Magyar',
  is: 'Íslenska',
  it: 'Italiano',
  ja: '日本語',
  ko: '한국어',
  lt: 'Lietuvių',
  lv: 'Latviešu',
  nl: 'Nederlands',
  no: 'Norsk',
  pl: 'Polski',
  pt: 'Português',
  ro: 'Română',
  ru: 'Русский',
  sk: 'Slovenčina',
  sl: 'Slovenščina',
  sr: 'Српски',
  sv: 'Svenska',
  tr: 'Türkçe',
  uk: 'Українська',
  zh: '中文',
};

/** Languages that are written from right to left, unless their tag names another script. */
const rightToLeft = new Set(['ar', 'dv', 'fa', 'he', 'ps', 'ur', 'yi']);

/** The direction in which a language is written (HTML, 3.2.6.4 "The dir attribute"). */
export function directionOf(tag: string): 'ltr' | 'rtl' {
  const [language, script = ''] = tag.split('-') as [string, string?];
  if (/^[A-Z][a-z]{3}$/.test(script)) return ['Arab', 'Hebr', 'Thaa'].includes(script) ? 'rtl' : 'ltr';
  return rightToLeft.has(language) ? 'rtl' : 'ltr';
}

/** A language’s name in itself, with its region or script where it has one; the tag where it is not known. */
export function languageName(tag: string): string {
  const [language, ...rest] = tag.split('-') as [string, ...string[]];
  const name = names[language];
  if (name === undefined) return tag;
  return rest.length === 0 ? name : `${name} (${rest.join('-')})`;
}
