import { together, type Some, type Varying } from '../merged/merge';
import type { Circumstance } from '../merged/merged-site';

/** A text in quotes, as TypeScript writes it. */
export const quoted = (text: string): string =>
  `'${JSON.stringify(text).slice(1, -1).replaceAll('\\"', '"').replaceAll("'", "\\'")}'`;

/** Some circumstances by language: the paths of their pages. */
function pathsByLanguage(all: readonly Circumstance[], some: Some): Map<string, Set<string>> {
  const found = new Map<string, Set<string>>();
  for (const index of some) {
    const { page, language } = all[index]!;
    found.set(language, (found.get(language) ?? new Set()).add(page.path));
  }
  return found;
}

const alike = (one: ReadonlySet<string>, other: ReadonlySet<string>) =>
  one.size === other.size && [...one].every((each) => other.has(each));

/** That the page is one of these, of those that it can be; the shorter of its two forms. */
function onPages(pages: ReadonlySet<string>, of: ReadonlySet<string>): string {
  const others = [...of].filter((path) => !pages.has(path));
  const [negated, listed] = others.length < pages.size ? ['!', others] : ['', [...pages]];
  return `${negated}on(at, ${listed.map(quoted).join(', ')})`;
}

/** The languages that tell some circumstances from all that there can be; null where pages have a part in it. */
function languagesOf(all: readonly Circumstance[], some: Some, of: Some): string[] | null {
  const [own, every] = [pathsByLanguage(all, some), pathsByLanguage(all, of)];
  const whole = [...own].every(([language, paths]) => alike(paths, every.get(language)!));
  return whole ? [...own.keys()] : null;
}

const either = (conditions: readonly string[]) =>
  conditions.length === 1 ? conditions[0]! : `(${conditions.join(' || ')})`;

/** What holds in some circumstances, of those that there can be, as an expression; null where it always does. */
export function conditionOf(all: readonly Circumstance[], some: Some, of: Some): string | null {
  if (some.length === of.length) return null;
  const spoken = languagesOf(all, some, of);
  const speaks = (language: string) => `at.language === ${quoted(language)}`;
  if (spoken) return either(spoken.map(speaks));
  const [own, every] = [pathsByLanguage(all, some), pathsByLanguage(all, of)];
  const [[, first]] = [...own] as [[string, Set<string>]];
  const [[, whole]] = [...every] as [[string, Set<string>]];
  const same = [...every].every(
    ([language, paths]) => alike(paths, whole) && alike(own.get(language) ?? new Set(), first),
  );
  if (same) return onPages(first, whole);
  const each = [...own].map(([language, paths]) => {
    const of = every.get(language)!;
    return alike(paths, of) ? speaks(language) : `(${speaks(language)} && ${onPages(paths, of)})`;
  });
  return either(each);
}

/** An expression for what differs by page and language, of expressions for what it is; that of most cases stands last. */
export function expressionOf(all: readonly Circumstance[], said: Varying<string>, of: Some): string {
  const cases = together(said);
  if (cases.length === 1) return cases[0]!.value;
  const spoken = cases.map(({ value, in: some }) => ({ value, languages: languagesOf(all, some, of) }));
  if (spoken.every(({ languages }) => languages !== null)) {
    const every = [...new Set(all.map(({ language }) => language))];
    const inEach = every.map((language) => spoken.find(({ languages }) => languages!.includes(language)));
    const key = (language: string) => (/^[a-z]+$/.test(language) ? language : quoted(language));
    const entries = inEach.map((each, index) => `${key(every[index]!)}: ${each?.value ?? 'undefined'}`);
    return `say(at, { ${entries.join(', ')} })`;
  }
  const [most, ...fewer] = cases;
  return [
    ...fewer.map(({ value, in: some }) => `${conditionOf(all, some, of)!} ? ${value} : `),
    most!.value,
  ].join('');
}
