import * as v from 'valibot';
import { linkReferences, linkSchema, type Link } from '../link';
import type { Reference } from '../reference';
import type { Kind } from './kind';
import { textKind } from './text';

/** Words that lead somewhere. */
export interface LinkedWords {
  words: string;
  link: Link;
}
/** A line of text in which some words are links: plain text and linked words in their order. */
export type Words = readonly (string | LinkedWords)[];

/** The line without its links. */
export function plainWords(words: Words): string {
  return words.map((run) => (typeof run === 'string' ? run : run.words)).join('');
}

/** A line as it is typed, with `[words](target)` for words that lead somewhere; `target` writes a link as what is typed for it. */
export function typedWords(words: Words, target: (link: Link) => string): string {
  return words.map((run) => (typeof run === 'string' ? run : `[${run.words}](${target(run.link)})`)).join('');
}

type LinkRead = { ok: true; link: Link } | { ok: false; reason: string };

/** Reads a typed line; `readLink` reads what stands between the round brackets. */
export function readWords(
  text: string,
  readLink: (target: string) => LinkRead,
): { ok: true; value: Words } | { ok: false; reason: string } {
  const runs: (string | LinkedWords)[] = [];
  let at = 0;
  for (const match of text.matchAll(/\[([^\]]+)\]\(([^()\s]+)\)/g)) {
    const [whole, words, target] = match as unknown as [string, string, string];
    const reading = readLink(target);
    if (!reading.ok) return reading;
    if (match.index > at) runs.push(text.slice(at, match.index));
    runs.push({ words, link: reading.link });
    at = match.index + whole.length;
  }
  if (at < text.length) runs.push(text.slice(at));
  return { ok: true, value: runs };
}

/** A line of text of at most `most` characters in which words may be links. */
export function wordsKind(most: number): Kind<Words> {
  const line = textKind(most).schema;
  return {
    editor: { as: 'words' },
    schema: v.pipe(
      v.array(v.union([line, v.strictObject({ words: line, link: linkSchema })])),
      v.check((words) => plainWords(words).length <= most, `At most ${most} characters.`),
    ),
    text: plainWords,
    references: (value): Reference[] =>
      value.flatMap((run) => (typeof run === 'string' ? [] : linkReferences(run.link))),
    redirected: (value, gone, link) =>
      value.map((run) =>
        typeof run !== 'string' &&
        linkReferences(run.link).some(({ to, id }) => to === gone.to && id === gone.id)
          ? { ...run, link }
          : run,
      ),
  };
}
