import * as v from 'valibot';
import { idSchema } from '../ids/id';

/** The least and the most room that a rule may keep beyond what a bar needs, in CSS px. */
export const MARGIN_LIMITS = { least: 0, most: 400 };

/** The widths, in CSS px, below which a rule may begin: the widest is also how far bars are looked at for it. */
export const RULE_LIMITS = { least: 321, most: 4000 };

/** The room that a new rule keeps: that of a scroll bar. */
export const USUAL_MARGIN = 16;

const marginSchema = v.pipe(
  v.number(),
  v.minValue(MARGIN_LIMITS.least, 'The room to spare is 0 px or more.'),
  v.maxValue(MARGIN_LIMITS.most, `The room to spare is ${MARGIN_LIMITS.most} px at most.`),
);

/**
 * When a rule begins: where its bar stops fitting, or already where its middle is no longer truly centred, with some room to spare;
 * below a width; with a band; or where the bar stops fitting as it is measured in the visitor's browser.
 */
const whenSchema = v.variant('by', [
  v.strictObject({ by: v.literal('fit'), margin: marginSchema }),
  v.strictObject({ by: v.literal('centre'), margin: marginSchema }),
  v.strictObject({
    by: v.literal('width'),
    below: v.pipe(
      v.number(),
      v.integer('A width is a whole number of px.'),
      v.minValue(RULE_LIMITS.least, 'A rule begins above 320 px.'),
      v.maxValue(RULE_LIMITS.most, `A rule begins at ${RULE_LIMITS.most} px at the widest.`),
    ),
  }),
  v.strictObject({ by: v.literal('band'), band: idSchema }),
  v.strictObject({ by: v.literal('browser') }),
]);
export type RuleWhen = v.InferOutput<typeof whenSchema>;

/** Whether the width at which a rule begins is worked out from its bar. */
export function isSolved(when: RuleWhen): when is RuleWhen & { by: 'fit' | 'centre' } {
  return when.by === 'fit' || when.by === 'centre';
}

/**
 * What a piece turns to: another value of one of its properties by width. With a step, a number goes towards the value step by
 * step, each of them only where the bar stops fitting once more: up by what is more than nothing, down by what is less.
 */
export const turnSchema = v.strictObject({
  piece: idSchema,
  property: v.string(),
  value: v.unknown(),
  step: v.optional(
    v.pipe(
      v.number(),
      v.finite('A step is a number that has an end.'),
      v.check((step) => step !== 0, 'A step is more than nothing.'),
    ),
  ),
});
export type Turn = v.InferOutput<typeof turnSchema>;

/** What a bar does as the room shrinks: when, and what its pieces turn to. It holds until something that begins later says otherwise. */
export const collapseRuleSchema = v.strictObject({
  id: idSchema,
  when: whenSchema,
  turns: v.pipe(v.array(turnSchema), v.maxLength(80, 'A rule turns at most 80 things.')),
});
export type CollapseRule = v.InferOutput<typeof collapseRuleSchema>;

/** The rules of a bar in the order in which they follow each other as the room shrinks. */
export const collapseRulesSchema = v.pipe(
  v.array(collapseRuleSchema),
  v.maxLength(8, 'A bar has at most 8 rules.'),
);
