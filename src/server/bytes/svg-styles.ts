import { ident, string, tokenize, tokenTypes, url } from 'css-tree';

/** At-rules that load nothing; every other one is refused, whatever it may come to mean. */
const plainAtRules = new Set(['media', 'supports', 'keyframes', 'layer', 'container', 'property']);

/** Functions that name what is to be loaded (CSS Images 4, CSS Values 5). Only `url()` may stand, and only for a part of the picture itself. */
const loadingFunctions = new Set(['url', 'src', 'image', 'image-set', 'cross-fade', 'element', 'paint']);

const inside = (address: string) => address.trim().startsWith('#');

/** A name as browsers understand it: escapes are undone, capitals and prefixes of browsers taken off. */
function plainName(raw: string): string {
  return ident
    .decode(raw)
    .toLowerCase()
    .replace(/^-[a-z]+-/, '');
}

/**
 * What a stylesheet, or the value of an attribute, loads from outside of the picture, in words; null for nothing. Read token by token
 * (CSS Syntax 3, 4): there is no text that has no tokens, so nothing is passed over.
 */
export function loadedBy(css: string): string | null {
  let found: string | null = null;
  let waits: 'nothing' | 'address' = 'nothing';
  tokenize(css, (type, start, end) => {
    if (found !== null) return;
    const raw = css.slice(start, end);
    const say = () => {
      found = css.slice(start, start + 60).trim();
    };
    if (type === tokenTypes.WhiteSpace || type === tokenTypes.Comment) return;
    if (waits === 'address') {
      waits = 'nothing';
      // `url("#a")` is a function with a string; anything but a part of the picture in that place is refused.
      if (type !== tokenTypes.String || !inside(string.decode(raw))) say();
      return;
    }
    if (type === tokenTypes.Url && !inside(url.decode(raw))) say();
    else if (type === tokenTypes.BadUrl || type === tokenTypes.BadString) say();
    else if (type === tokenTypes.AtKeyword && !plainAtRules.has(plainName(raw.slice(1)))) say();
    else if (type === tokenTypes.Function) {
      const name = plainName(raw.slice(0, -1));
      if (name === 'url') waits = 'address';
      else if (loadingFunctions.has(name)) say();
    }
  });
  return found;
}
