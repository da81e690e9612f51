import * as v from 'valibot';
import { linkTo, pagesByPath, readTarget, type NamedTarget } from '../../menus/link-text';
import { itemLabel } from '../../menus/entries';
import { newItem, type IdSource } from '../../site/defaults';
import { labelSchema, MENU_LEVELS, type Menu, type MenuItem } from '../../site/menu';
import { pathKey } from '../../site/page';
import type { Site } from '../../site/site';
import { MOST_LINES, type LineProblem, type Reading } from '../reading';

/** What an item says beside its label and its target; null where the text says nothing of it. */
export interface ItemWords {
  title: string | null;
  description: string | null;
  badge: string | null;
  newWindow: boolean;
}

/** An item as a text from outside names it; `parent` is the index of another one of the same reading, or null. */
export interface FoundItem extends ItemWords {
  line: number;
  label: string;
  target: NamedTarget;
  parent: number | null;
}
export type MenuReading = Reading<FoundItem>;

/** A form in which menus come in and go out. */
export interface MenuFormat {
  id: string;
  name: string;
  /** The ending of its files, and their media type. */
  ending: string;
  mediaType: string;
  /** Whether a text looks like this form; the first that says so is taken. */
  looksLike(text: string): boolean;
  read(text: string): MenuReading;
  write(site: Site, menu: Menu): string;
}

/** An item as a form read it, before it was looked at. */
export interface RawItem extends Partial<ItemWords> {
  line: number;
  label: string;
  /** As it stands in an `href`; empty for a label that leads nowhere. */
  href: string;
  parent: number | null;
}

/** Keeps the items that can stand in a menu, and says of the others why not. What stands below one that was left out is left out too. */
export class ItemCollector {
  readonly reading: MenuReading = { found: [], problems: [] };
  readonly #levels: number[] = [];

  /** The index of the item in the reading; null when it was refused. */
  add({ line, label, href, parent, ...words }: RawItem): number | null {
    const target = readTarget(href);
    const level = parent === null ? 1 : this.#levels[parent]! + 1;
    const parsed = v.safeParse(labelSchema, label.replace(/\s+/g, ' '));
    const problem =
      (parsed.success ? null : parsed.issues[0].message) ??
      (level > MENU_LEVELS
        ? `“${label}” stands on level ${level}; a menu has at most ${MENU_LEVELS}.`
        : null) ??
      (target.ok ? null : target.reason) ??
      (this.reading.found.length >= MOST_LINES ? `At most ${MOST_LINES} items can be read.` : null);
    if (problem !== null || !parsed.success || !target.ok) {
      this.refuse(line, problem!);
      return null;
    }
    this.#levels.push(level);
    const empty = { title: null, description: null, badge: null, newWindow: false };
    return (
      this.reading.found.push({
        ...empty,
        ...words,
        line,
        label: parsed.output,
        target: target.target,
        parent,
      }) - 1
    );
  }

  refuse(line: number, reason: string): void {
    this.reading.problems.push({ line, reason });
  }
}

/** What became of a reading on this site: items with what stands below them, and what could not be found. */
export interface MatchedMenu {
  items: MenuItem[];
  top: string[];
  problems: LineProblem[];
}

function wordsOf({ title, description, badge, newWindow }: FoundItem): MenuItem['values'] {
  const said = { title, description, badge, newWindow: newWindow || null };
  return Object.fromEntries(
    Object.entries(said).flatMap(([name, value]) => (value === null ? [] : [[name, { all: value }]])),
  );
}

/**
 * The items of a reading as items of this site: paths become pages of the site, and a label that is the page’s title is left to
 * the page. An item whose target the site does not have is reported, and leads nowhere.
 */
export function matchItems(
  site: Site,
  found: readonly FoundItem[],
  ids: IdSource,
  pageOf = pagesByPath(site),
): MatchedMenu {
  const problems: LineProblem[] = [];
  const items = found.map((each): MenuItem => {
    const link = linkTo(site, each.target, pageOf);
    if (typeof link === 'string')
      problems.push({ line: each.line, reason: `${link} “${each.label}” will lead nowhere.` });
    const item = newItem({
      id: ids(),
      link: typeof link === 'string' ? { to: 'nothing' } : link,
      values: wordsOf(each),
    });
    return itemLabel(site, item) === each.label ? item : { ...item, label: each.label };
  });
  found.forEach(({ parent }, index) => {
    if (parent !== null) items[parent]!.children.push(items[index]!.id);
  });
  return {
    items,
    top: items.filter((_, index) => found[index]!.parent === null).map(({ id }) => id),
    problems,
  };
}

/** The paths that a reading leads to and no page of the site has, each once, with the label that first names it. */
export function unknownPaths(site: Site, found: readonly FoundItem[]): Map<string, string> {
  const known = pagesByPath(site);
  const unknown = new Map<string, string>();
  const keys = new Set<string>();
  for (const { target, label } of found) {
    if (target.named !== 'page' || known(pathKey(target.path)) || keys.has(pathKey(target.path))) continue;
    keys.add(pathKey(target.path));
    unknown.set(target.path, label);
  }
  return unknown;
}
