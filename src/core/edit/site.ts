import { current, isDraft } from 'mutative';
import * as v from 'valibot';
import { bandSchema, bandsSchema } from '../bands/band';
import { idSchema, own } from '../ids/id';
import { EVERYWHERE } from '../bands/follow';
import { wordProperties } from '../pieces/words';
import { itemLabel } from '../menus/entries';
import { hostsSchema } from '../properties/hosts';
import { acceptedSchema, findingKeySchema, reasonSchema } from '../site/accepted';
import { languagesSchema } from '../site/language';
import { nameSchema } from '../site/name';
import { siteAddressSchema } from '../site/site-address';
import { givenSchema } from '../site/page';
import { MOST_PLACING_RULES, placingRuleSchema, placingSchema } from '../site/placing-schema';
import type { Site } from '../site/site';
import { allValues } from '../site/uses';
import { editKind } from './edit-kind';

export const renameSite = editKind({
  title: 'Rename the site',
  schema: v.strictObject({ edit: v.literal('renameSite'), name: nameSchema }),
  apply(draft, { name }) {
    draft.name = name;
    return null;
  },
});

/** Says where the site stands, with or without a slash at its end; null that it is not known. */
export const setAddress = editKind({
  title: 'Set the address',
  schema: v.strictObject({ edit: v.literal('setAddress'), address: v.nullable(v.string()) }),
  apply(draft, { address }) {
    const parsed = v.safeParse(v.nullable(siteAddressSchema), address && address.trim().replace(/\/+$/, ''));
    if (!parsed.success) return parsed.issues[0].message;
    draft.address = parsed.output;
    return null;
  },
});

/** Leaves what a check found as it is, for a reason; null looks at it again. */
export const acceptFinding = editKind({
  title: 'Accept a finding',
  schema: v.strictObject({
    edit: v.literal('acceptFinding'),
    finding: findingKeySchema,
    reason: v.nullable(reasonSchema),
  }),
  apply(draft, { finding, reason }) {
    const others = Object.fromEntries(
      Object.entries(draft.accepted ?? {}).filter(([key]) => key !== finding),
    );
    const accepted = reason === null ? others : { ...others, [finding]: reason };
    const parsed = v.safeParse(acceptedSchema, accepted);
    if (!parsed.success) return parsed.issues[0].message;
    if (Object.keys(accepted).length === 0) delete draft.accepted;
    else draft.accepted = accepted;
    return null;
  },
});

/** Says from which hosts pages may be embedded. */
export const setEmbeds = editKind({
  title: 'Set the hosts of embedded pages',
  schema: v.strictObject({ edit: v.literal('setEmbeds'), hosts: hostsSchema }),
  apply(draft, { hosts }) {
    draft.embeds = hosts;
    return null;
  },
});

/** Moves the lower edge of a band (CSS px). */
export const moveBreakpoint = editKind({
  title: 'Move a breakpoint',
  schema: v.strictObject({
    edit: v.literal('moveBreakpoint'),
    band: bandSchema.entries.id,
    from: bandSchema.entries.from,
  }),
  apply(draft, edit) {
    const band = draft.bands.find((each) => each.id === edit.band);
    if (!band) return 'This band is no longer there.';
    const moved = draft.bands.map((each) => ({
      ...each,
      from: each.id === edit.band ? edit.from : each.from,
    }));
    const parsed = v.safeParse(bandsSchema, moved);
    if (!parsed.success) return parsed.issues[0].message;
    band.from = edit.from;
    return null;
  },
});

/** Says which header and footer stand on all pages of which no rule says anything. */
export const placeOnOthers = editKind({
  title: 'Place on all other pages',
  schema: v.strictObject({
    edit: v.literal('placeOnOthers'),
    placing: v.partial(v.omit(placingSchema, ['rules'])),
  }),
  apply(draft, { placing }) {
    Object.assign(draft.placing, placing);
    return null;
  },
});

/** Sets a rule of placing: puts it in at a place among the others, or changes the one with its id, where that stands or elsewhere. */
export const setPlacingRule = editKind({
  title: 'Set a rule of placing',
  schema: v.strictObject({
    edit: v.literal('setPlacingRule'),
    rule: placingRuleSchema,
    index: v.optional(v.pipe(v.number(), v.integer(), v.minValue(0))),
  }),
  apply(draft, { rule, index }) {
    if (rule.gives.header === undefined && rule.gives.footer === undefined)
      return 'A rule gives a header, a footer, or none of one.';
    const { rules } = draft.placing;
    const at = rules.findIndex(({ id }) => id === rule.id);
    if (at >= 0) rules.splice(at, 1);
    rules.splice(index ?? (at < 0 ? rules.length : at), 0, rule);
    return rules.length > MOST_PLACING_RULES ? `At most ${MOST_PLACING_RULES} rules.` : null;
  },
});

export const removePlacingRule = editKind({
  title: 'Remove a rule of placing',
  schema: v.strictObject({ edit: v.literal('removePlacingRule'), rule: idSchema }),
  apply(draft, { rule }) {
    const { rules } = draft.placing;
    const at = rules.findIndex(({ id }) => id === rule);
    if (at < 0) return 'This rule is no longer there.';
    rules.splice(at, 1);
    return null;
  },
});

/** Says what stands on a page whatever rules say: an id, null for nothing; where it is left out, the rules decide. */
export const placeOnPage = editKind({
  title: 'Place on a page',
  schema: v.strictObject({ edit: v.literal('placeOnPage'), page: idSchema, stands: givenSchema }),
  apply(draft, { page: id, stands }) {
    const page = own(draft.pages, id);
    if (!page) return 'This page is no longer there.';
    if (stands.header === undefined && stands.footer === undefined) delete page.stands;
    else page.stands = stands;
    return null;
  },
});

/** Everything that is said by language, with the values that hold it, open to change where the site is. */
function textsByLanguage(site: Site) {
  return allValues(site).flatMap(({ values, properties }) =>
    properties
      .filter(({ name, by }) => by === 'language' && values[name])
      .map((property) => ({ values: values as Record<string, Record<string, unknown>>, property })),
  );
}

/** Lets another language be the first: what stands in each changes places; where nothing was said in the new first one, the words stay. */
function swapFirst(draft: Site, before: string, after: string): void {
  const site = isDraft(draft) ? current(draft) : draft;
  for (const menu of Object.values(site.menus))
    for (const item of Object.values(menu.items)) {
      const label = item.labels[after];
      if (label === undefined && item.label === null) continue;
      const target = draft.menus[menu.id]!.items[item.id]!;
      target.label = label ?? item.label;
      target.labels[before] = itemLabel(site, item, before).slice(0, 80);
      delete target.labels[after];
    }
  for (const { values, property } of textsByLanguage(draft)) {
    const cells = values[property.name]!;
    const { [EVERYWHERE]: said, [after]: translated } = cells;
    if (translated === undefined && said === undefined) continue;
    // Words of pages come for each language by themselves: none has those of another.
    const own = wordProperties.includes(property);
    cells[EVERYWHERE] = translated ?? (own ? undefined : said);
    cells[before] = said ?? (own ? undefined : property.initial);
    delete cells[after];
    for (const cell of [EVERYWHERE, before]) if (cells[cell] === undefined) delete cells[cell];
  }
  for (const page of Object.values(draft.pages)) {
    const { title } = page;
    page.title = page.titles[after] ?? title;
    page.titles[before] = title;
    delete page.titles[after];
  }
}

/** How many words of a site stand in the languages that it would lose: titles of pages, labels of items, and texts of pieces. */
export function wordsLost(site: Site, next: readonly string[]): Map<string, number> {
  const { languages, pages, menus } = site;
  const texts = textsByLanguage(site).map(({ values, property }) => values[property.name]!);
  const titles = Object.values(pages).map((page) => page.titles);
  const labels = Object.values(menus).flatMap(({ items }) => Object.values(items).map((item) => item.labels));
  const said = (language: string) =>
    language === languages[0]
      ? [...titles, ...labels, ...texts].filter((each) => Object.hasOwn(each, next[0]!)).length
      : [...titles, ...labels, ...texts].filter((each) => Object.hasOwn(each, language)).length;
  return new Map(
    languages
      .filter((language) => !next.includes(language))
      .map((language): [string, number] => [language, said(language)])
      .filter(([, count]) => count > 0),
  );
}

/**
 * Says which languages the site has, the one of its texts first. Another first one changes places with it; what was said in a language
 * that goes, goes with it.
 */
export const setLanguages = editKind({
  title: 'Set the languages',
  schema: v.strictObject({ edit: v.literal('setLanguages'), languages: languagesSchema }),
  apply(draft, { languages }) {
    const [before, after] = [draft.languages[0]!, languages[0]!];
    // Items first: a label that comes from a page is that of the page as it was.
    if (before !== after) swapFirst(draft, before, after);
    for (const language of draft.languages.filter((each) => !languages.includes(each))) {
      for (const page of Object.values(draft.pages)) delete page.titles[language];
      for (const menu of Object.values(draft.menus))
        for (const item of Object.values(menu.items)) delete item.labels[language];
      for (const { values, property } of textsByLanguage(draft)) {
        delete values[property.name]![language];
        if (Object.keys(values[property.name]!).length === 0) delete values[property.name];
      }
    }
    draft.placing.rules = draft.placing.rules.filter(
      ({ where }) => where.by !== 'language' || languages.includes(where.language),
    );
    draft.languages = languages;
    return null;
  },
});
