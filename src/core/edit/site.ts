import * as v from 'valibot';
import { bandSchema, bandsSchema } from '../bands/band';
import { languagesSchema } from '../site/language';
import { nameSchema } from '../site/name';
import { placingSchema } from '../site/site';
import { editKind } from './edit-kind';

export const renameSite = editKind({
  title: 'Rename the site',
  schema: v.strictObject({ edit: v.literal('renameSite'), name: nameSchema }),
  apply(draft, { name }) {
    draft.name = name;
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

/** Says which header and footer stand on every page. */
export const placeOnEveryPage = editKind({
  title: 'Place on every page',
  schema: v.strictObject({ edit: v.literal('placeOnEveryPage'), placing: v.partial(placingSchema) }),
  apply(draft, { placing }) {
    Object.assign(draft.placing, placing);
    return null;
  },
});

/** Says which languages the site has, the one of its texts first. What was said in a language that goes, goes with it. */
export const setLanguages = editKind({
  title: 'Set the languages',
  schema: v.strictObject({ edit: v.literal('setLanguages'), languages: languagesSchema }),
  apply(draft, { languages }) {
    const gone = draft.languages.filter((language) => !languages.includes(language));
    draft.languages = languages;
    for (const language of [...gone, languages[0]!]) {
      for (const page of Object.values(draft.pages)) delete page.titles[language];
      for (const menu of Object.values(draft.menus))
        for (const item of Object.values(menu.items)) delete item.labels[language];
    }
    return null;
  },
});
