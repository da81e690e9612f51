import type { Id } from '../ids/id';
import type { Given, Page } from './page';
import { slots, type Slot, type Where } from './placing-schema';
import type { Site } from './site';

/** Why something stands on a page: the page says so itself, a rule by its place in their order, or it stands on all other pages. */
export type Why = { by: 'page' } | { by: 'rule'; index: number } | { by: 'others' };

/** What stands in a slot of a page, and why. */
export interface Stands {
  id: Id | null;
  why: Why;
}

/** Whether a page is one that a rule is for, in a language of the site. */
function isFor({ pages }: Site, where: Where, page: Page, language: string): boolean {
  switch (where.by) {
    case 'below':
      for (let at: Page | undefined = page; at; at = at.parent === null ? undefined : pages[at.parent])
        if (at.id === where.page) return true;
      return false;
    case 'tag':
      return page.tags.includes(where.tag);
    case 'language':
      return where.language === language;
    case 'pages':
      return where.pages.includes(page.id);
  }
}

/** What stands in a slot of a page in a language. */
export function standsAt(site: Site, slot: Slot, page: Page, language = site.languages[0]!): Stands {
  const own = page.stands?.[slot];
  if (own !== undefined) return { id: own, why: { by: 'page' } };
  const { rules } = site.placing;
  const index = rules.findIndex(
    ({ where, gives }) => gives[slot] !== undefined && isFor(site, where, page, language),
  );
  return index < 0
    ? { id: site.placing[slot], why: { by: 'others' } }
    : { id: rules[index]!.gives[slot]!, why: { by: 'rule', index } };
}

/** The pages that a rule is for in some language, in their order, whatever rules come before it. */
export function pagesOf(site: Site, where: Where): Page[] {
  return site.pageOrder
    .map((id) => site.pages[id]!)
    .filter((page) => site.languages.some((language) => isFor(site, where, page, language)));
}

/** Why a rule is without effect: it is for no page, says what an earlier one says, or something else decides all of its pages first. */
export type Idle = { idle: 'no page' } | { idle: 'the same'; as: number } | { idle: 'decided' };

/** The places in their order of the rules that decide something of some page. */
function deciding(site: Site): ReadonlySet<number> {
  const found = new Set<number>();
  for (const id of site.pageOrder)
    for (const language of site.languages)
      for (const slot of slots) {
        const { why } = standsAt(site, slot, site.pages[id]!, language);
        if (why.by === 'rule') found.add(why.index);
      }
  return found;
}

/** For each rule in their order whether it is without effect, and why; null where it decides something of a page. */
export function idleRules(site: Site): (Idle | null)[] {
  const { rules } = site.placing;
  const decides = deciding(site);
  const said = rules.map(({ where, gives }) => JSON.stringify([where, slots.map((slot) => gives[slot])]));
  return rules.map(({ where }, index) => {
    const as = said.indexOf(said[index]!);
    if (as < index) return { idle: 'the same', as };
    if (decides.has(index)) return null;
    return { idle: pagesOf(site, where).length === 0 ? 'no page' : 'decided' };
  });
}

/** A page in a language. */
export interface PageInLanguage {
  page: Page;
  language: string;
}

const known = new WeakMap<Site, ReadonlyMap<Id, readonly PageInLanguage[]>>();

/** Where each header and footer stands, by their ids: pages in their order, each in the languages of the site. */
export function placements(site: Site): ReadonlyMap<Id, readonly PageInLanguage[]> {
  const kept = known.get(site);
  if (kept) return kept;
  const found = new Map<Id, PageInLanguage[]>();
  for (const id of site.pageOrder)
    for (const language of site.languages)
      for (const slot of slots) {
        const page = site.pages[id]!;
        const { id: stands } = standsAt(site, slot, page, language);
        if (stands === null) continue;
        const places = found.get(stands) ?? [];
        places.push({ page, language });
        found.set(stands, places);
      }
  known.set(site, found);
  return found;
}

/** Every header and footer that stands somewhere: where no rule comes first, also what would stand on pages that are yet to come. */
export function placed(site: Site): ReadonlySet<Id> {
  const others = slots.map((slot) => site.placing[slot]).filter((id) => id !== null);
  return new Set([...placements(site).keys(), ...others]);
}

/** The first page that a header or footer stands on; the first of the site where it stands on none, null where there is no page. */
export function firstPageOf(site: Site, id: Id): Page | null {
  return placements(site).get(id)?.[0]?.page ?? site.pages[site.pageOrder[0] ?? ''] ?? null;
}

/** What stands in a slot of the first page that a header or footer stands on: what it is seen with. */
export function seenWith(site: Site, id: Id, slot: Slot): Id | null {
  const page = firstPageOf(site, id);
  return page === null ? site.placing[slot] : standsAt(site, slot, page).id;
}

/** What is given with something else in a slot; undefined for nothing said of it. */
export function withGiven(gives: Given, slot: Slot, id: Id | null | undefined): Given {
  const others = Object.entries(gives).filter(([each]) => each !== slot);
  return Object.fromEntries(id === undefined ? others : [...others, [slot, id]]);
}

/** What is given without a header or footer that is gone; null where nothing is left. */
function givenWithout(gives: Given, gone: Id): Given | null {
  const left = Object.fromEntries(Object.entries(gives).filter(([, id]) => id !== gone));
  return Object.keys(left).length === 0 ? null : left;
}

/** Takes a header or footer off all pages: rules and pages that gave it say nothing of it any more, and nothing stands where it did on all others. */
export function takeOff(draft: Site, gone: Id): void {
  const { placing, pages } = draft;
  for (const slot of slots) if (placing[slot] === gone) placing[slot] = null;
  placing.rules = placing.rules.flatMap((rule) => {
    const gives = givenWithout(rule.gives, gone);
    return gives === null ? [] : [{ ...rule, gives }];
  });
  for (const page of Object.values(pages)) {
    if (!page.stands) continue;
    const left = givenWithout(page.stands, gone);
    if (left === null) delete page.stands;
    else page.stands = left;
  }
}

/** Lets rules forget pages that are gone; a rule that was for these alone goes with them. */
export function forgetPages(draft: Site, gone: ReadonlySet<Id>): void {
  draft.placing.rules = draft.placing.rules.flatMap((rule) => {
    const { where } = rule;
    if (where.by === 'below') return gone.has(where.page) ? [] : [rule];
    if (where.by !== 'pages') return [rule];
    const pages = where.pages.filter((page) => !gone.has(page));
    return pages.length === 0 ? [] : [{ ...rule, where: { ...where, pages } }];
  });
}
