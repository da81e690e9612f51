import * as v from 'valibot';
import { idSchema } from '../ids/id';
import { languageSchema } from './language';
import { givenSchema, tagSchema } from './page';

/** What can be placed on pages. */
export const slots = ['header', 'footer'] as const;
export type Slot = (typeof slots)[number];

/** The pages that a rule is for: one and all below it, those with a tag, all in a language, or some by hand. */
const whereSchema = v.variant('by', [
  v.strictObject({ by: v.literal('below'), page: idSchema }),
  v.strictObject({ by: v.literal('tag'), tag: tagSchema }),
  v.strictObject({ by: v.literal('language'), language: languageSchema }),
  v.strictObject({
    by: v.literal('pages'),
    pages: v.pipe(v.array(idSchema), v.maxLength(5000, 'At most 5000 pages.')),
  }),
]);
export type Where = v.InferOutput<typeof whereSchema>;

/** A rule that gives some pages a header, a footer, or none. */
export const placingRuleSchema = v.strictObject({ id: idSchema, where: whereSchema, gives: givenSchema });
export type PlacingRule = v.InferOutput<typeof placingRuleSchema>;

/** The most rules of a site. */
export const MOST_PLACING_RULES = 100;

/** Which header and footer stand where: of the rules in their order the first that says something of it, else what stands on all other pages. */
export const placingSchema = v.strictObject({
  header: v.nullable(idSchema),
  footer: v.nullable(idSchema),
  rules: v.pipe(
    v.array(placingRuleSchema),
    v.maxLength(MOST_PLACING_RULES, `At most ${MOST_PLACING_RULES} rules.`),
  ),
});
