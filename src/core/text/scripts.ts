/** A script, as far as it decides how letters are set. */
export type Script = 'Latin' | 'Greek' | 'Cyrillic' | 'Hebrew' | 'joined' | 'other';

/** Scripts whose letters are joined (CSS Text 3, 8.2.2 “Cursive scripts”). */
const joined =
  /^[\p{Script_Extensions=Arabic}\p{Script_Extensions=Syriac}\p{Script=Mongolian}\p{Script_Extensions=Nko}]/u;

/** What is of no script of its own. */
const shared = /^[\p{Script=Common}\p{Script=Inherited}]/u;

const letters: readonly [Script, RegExp][] = [
  ['joined', joined],
  ['Latin', /^\p{Script=Latin}/u],
  ['Greek', /^\p{Script=Greek}/u],
  ['Cyrillic', /^\p{Script=Cyrillic}/u],
  ['Hebrew', /^\p{Script=Hebrew}/u],
];

/** The script of a letter; null of what several scripts share. */
function scriptOf(letter: string): Script | null {
  const own = letters.find(([, those]) => those.test(letter));
  if (own) return own[0];
  return shared.test(letter) ? null : 'other';
}

/**
 * The scripts in which the letters of a text are set: what several scripts share is set in that of what stands before it, at the start in
 * that of the first letter; a bracket that closes in that of the one that opens (UAX 24, 5.1, 5.2).
 */
export function scriptsIn(text: readonly string[]): Script[] {
  const own = text.map(scriptOf);
  let now = own.find((script) => script !== null) ?? 'other';
  const opened: Script[] = [];
  return text.map((letter, index) => {
    now = own[index] ?? (/^\p{Pe}/u.test(letter) ? opened.pop() : null) ?? now;
    if (/^\p{Ps}/u.test(letter)) opened.push(now);
    return now;
  });
}
