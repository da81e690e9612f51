import type { Words } from '../pieces/shipped-words';
import { wordsIn } from '../pieces/words';
import type { Site } from './site';

const known = new WeakMap<Site['words'], Map<string, Words>>();

/** What pages of a site say by themselves in one of its languages. */
export function pageWords({ words, languages }: Pick<Site, 'words' | 'languages'>, language: string): Words {
  const kept = known.get(words) ?? new Map<string, Words>();
  known.set(words, kept);
  const asked = `${language} ${languages[0]}`;
  const made = kept.get(asked) ?? wordsIn(language, languages, words.values);
  kept.set(asked, made);
  return made;
}
