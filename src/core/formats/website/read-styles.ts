import { generate, parse, walk, type CssNode } from 'css-tree';
import { shippedFamilies } from '../../brand/fonts';
import { readColour } from '../../colour/read-colour';
import type { LineProblem } from '../reading';
import type { ColourRole, WebsitePart } from './found-website';

/** The colours of a brand that a stylesheet tells by what it is the colour of, or by how it is called. */
const roles = {
  ground: { label: 'Ground', called: /^(bg|background|ground|paper|page|surface)$/ },
  ink: { label: 'Ink', called: /^(ink|text|fg|foreground|body|copy)$/ },
  accent: { label: 'Accent', called: /^(accent|primary|brand|link|action)$/ },
  line: { label: 'Line', called: /^(line|border|rule|divider|hairline)$/ },
} as const satisfies Record<ColourRole, object>;

interface Sheet {
  line: number;
  css: string;
}

/** What a declaration says, of which selectors. */
interface Said {
  line: number;
  selectors: string[];
  property: string;
  value: string;
}

/** The declarations of a stylesheet outside of any condition, in a layer or not; what is no CSS says nothing. */
function declarationsOf({ line, css }: Sheet): Said[] {
  const found: Said[] = [];
  const sheet = parse(css, { positions: true, parseValue: false, parseCustomProperty: false });
  walk(sheet, {
    visit: 'Declaration',
    enter(node) {
      if (!this.rule || (this.atrule && this.atrule.name !== 'layer')) return;
      found.push({
        line: line + (node.loc?.start.line ?? 1) - 1,
        selectors: generate(this.rule.prelude as CssNode).split(','),
        property: node.property,
        value: node.value.type === 'Raw' ? node.value.value.trim() : generate(node.value),
      });
    },
  });
  return found;
}

/** The most names that properties may stand for one behind another. */
const MOST_NAMES = 8;

/** What a value comes to where it is the value of a custom property (CSS Custom Properties 1, 3). */
function resolved(value: string, properties: ReadonlyMap<string, string>): string {
  let at = value;
  for (let count = 0; count < MOST_NAMES; count += 1) {
    const named = /^var\(\s*(--[\w-]+)/.exec(at);
    if (!named) break;
    at = properties.get(named[1]!) ?? '';
  }
  return at;
}

const colourOf = (value: string): string | null => {
  const reading = readColour(value);
  // A bare number or word of few letters is none that a stylesheet would have.
  return reading.ok && /^(#|[a-z]+\(|[a-z]{3,}$)/i.test(value) && value !== 'transparent'
    ? reading.css
    : null;
};

/** The words of a custom property, without one in front that only says that it is a colour: `--color-deep-water` is `deep`, `water`. */
const wordsOf = (property: string): string[] =>
  property
    .replace(/^--(?:(?:colou?r|clr|c)[-_])?/i, '')
    .split(/[-_]+/)
    .filter(Boolean);

/** `--brand-deep-water` as the name of a colour: `Brand deep water`. */
function nameOf(property: string): string {
  const words = wordsOf(property).join(' ');
  return (words.charAt(0).toUpperCase() + words.slice(1)).slice(0, 40);
}

function roleCalled(property: string): ColourRole | null {
  const words = wordsOf(property).map((word) => word.toLowerCase());
  const fits = (role: ColourRole) => words.length > 0 && words.every((word) => roles[role].called.test(word));
  return (Object.keys(roles) as ColourRole[]).find(fits) ?? null;
}

const isOf = ({ selectors }: Said, ...wanted: string[]) =>
  selectors.some((each) => wanted.includes(each.trim()));

/** The role of a colour by what it is said of. */
function roleOf(said: Said): ColourRole | null {
  const { property } = said;
  if (/^background(-color)?$/.test(property)) return isOf(said, 'body', 'html', ':root') ? 'ground' : null;
  if (property !== 'color') return null;
  return isOf(said, 'body', 'html', ':root') ? 'ink' : isOf(said, 'a', 'a:link') ? 'accent' : null;
}

/** The most colours by their own names that are proposed. */
const MOST_COLOURS = 12;

/** The colours of stylesheets by their roles, first by what they are the colours of, then by their names; the others by name. */
function coloursOf(all: readonly Said[], properties: ReadonlyMap<string, string>): WebsitePart[] {
  const parts: WebsitePart[] = [];
  const given = new Set<string>();
  const give = ({ line, property }: Said, role: ColourRole | null, css: string) => {
    const name = role ? roles[role].label : nameOf(property);
    if (name === '' || given.has(role ?? name)) return;
    given.add(role ?? name);
    given.add(css.toLowerCase());
    parts.push({ line, words: `${name}: ${css}, of ${property}`, gives: { colours: [{ role, name, css }] } });
  };
  const coloured = all.flatMap((said) => {
    const css = colourOf(resolved(said.value, properties));
    return css === null ? [] : [{ said, css }];
  });
  for (const { said, css } of coloured) {
    const role = roleOf(said);
    if (role) give(said, role, css);
  }
  // What a part of a page calls a colour is its own.
  const named = coloured.filter(
    ({ said }) => said.property.startsWith('--') && isOf(said, ':root', 'html', 'body'),
  );
  for (const { said, css } of named) {
    const role = roleCalled(said.property);
    if (role) give(said, role, css);
  }
  let count = 0;
  for (const { said, css } of named) {
    if (given.has(css.toLowerCase()) || count === MOST_COLOURS) continue;
    give(said, null, css);
    count += 1;
  }
  return parts;
}

/** The first family of a list of them (CSS Fonts 4, 2.1). */
const firstFamily = (value: string) =>
  value
    .split(',')[0]!
    .trim()
    .replace(/^["']|["']$/g, '');
const generic = /^(serif|sans-serif|monospace|system-ui|ui-[a-z-]+|inherit|initial|-apple-system)?$/i;

/** The families of texts and of headings: those that ship are proposed, others are told. */
function fontsOf(
  all: readonly Said[],
  properties: ReadonlyMap<string, string>,
): { parts: WebsitePart[]; problems: LineProblem[] } {
  const parts: WebsitePart[] = [];
  const problems: LineProblem[] = [];
  const uses = [
    { style: 'type-body', of: ['body', 'html', ':root'], says: 'texts' },
    { style: 'type-heading', of: ['h1', 'h2', 'h3'], says: 'headings' },
  ] as const;
  for (const { style, of, says } of uses) {
    const said = all.find((each) => each.property === 'font-family' && isOf(each, ...of));
    const name = said ? firstFamily(resolved(said.value, properties)) : '';
    if (!said || generic.test(name)) continue;
    const family = shippedFamilies.find((each) => each.name.toLowerCase() === name.toLowerCase());
    if (family)
      parts.push({
        line: said.line,
        words: `Font of ${says}: ${family.name}`,
        gives: { fonts: [{ style, family: family.id }] },
      });
    else
      problems.push({
        line: said.line,
        reason: `The font “${name.slice(0, 60)}” of ${says} is none that ships: add its files on the Brand screen.`,
      });
  }
  return { parts, problems };
}

/** The colours and fonts of stylesheets, as values of a brand. */
export function readStyles(sheets: readonly Sheet[]): { parts: WebsitePart[]; problems: LineProblem[] } {
  const all = sheets.flatMap(declarationsOf);
  const properties = new Map(
    all
      .filter(({ property }) => property.startsWith('--'))
      .map(({ property, value }): [string, string] => [property, value]),
  );
  const fonts = fontsOf(all, properties);
  return { parts: [...coloursOf(all, properties), ...fonts.parts], problems: fonts.problems };
}
