import { applyEdits } from '@/core/edit/apply';
import type { Edit } from '@/core/edit';
import type { Assembly } from '@/core/site/assembly';
import type { Page } from '@/core/site/page';
import { idleRules, standsAt, type Idle, type Why } from '@/core/site/placing';
import { slots, type Slot } from '@/core/site/placing-schema';
import { whereText } from '@/core/site/where-text';
import type { Site } from '@/core/site/site';

/** How many titles of pages are told before the rest is counted. */
const MOST_TOLD = 6;

/** Titles of pages in a few words: `Home, Routes and 12 more`. */
export function pagesText(pages: readonly Page[]): string {
  const told = pages.slice(0, MOST_TOLD).map(({ title }) => title);
  const more = pages.length - told.length;
  return more > 0 ? `${told.join(', ')} and ${more} more` : told.join(', ');
}

export const countText = (count: number): string => (count === 1 ? 'one page' : `${count} pages`);

/** Why something stands on a page, in words. */
export function whyText(site: Site, why: Why): string {
  if (why.by === 'page') return 'the page itself';
  if (why.by === 'others') return 'all other pages';
  return `rule ${why.index + 1}: ${whereText(site, site.placing.rules[why.index]!.where)}`;
}

/** Why a rule is without effect, in a sentence for the designer. */
function idleText(idle: Idle, index: number): string {
  const rule = `Rule ${index + 1}`;
  switch (idle.idle) {
    case 'no page':
      return `${rule} is for no page: nothing comes of it until there is one.`;
    case 'the same':
      return `${rule} says what rule ${idle.as + 1} says; one of them can go.`;
    case 'decided':
      return `${rule} never takes effect: rules before it, or the pages themselves, decide all of its pages. Move it up, or remove it.`;
  }
}

/** What is to be said of the rules that are without effect. */
export const idleTexts = (site: Site): string[] =>
  idleRules(site).flatMap((idle, index) => (idle === null ? [] : [idleText(idle, index)]));

/** Whether nothing of a header or footer would be seen. */
const isBare = (assembly: Assembly | undefined): boolean =>
  assembly === undefined || Object.keys(assembly.pieces).length === 0;

/** The pages that edits would leave without anything to see in a slot, which had something before, slot by slot. */
export function leftBare(site: Site, edits: Edit[]): { slot: Slot; pages: Page[] }[] {
  const outcome = applyEdits(site, edits);
  if (!outcome.ok) return [];
  const bareIn = (of: Site, slot: Slot, page: Page) =>
    of.languages.some((language) => isBare(of[`${slot}s`][standsAt(of, slot, page, language).id ?? '']));
  return slots
    .map((slot) => ({
      slot,
      pages: site.pageOrder
        .map((id) => site.pages[id]!)
        .filter(
          (page) => !bareIn(site, slot, page) && bareIn(outcome.site, slot, outcome.site.pages[page.id]!),
        ),
    }))
    .filter(({ pages }) => pages.length > 0);
}
