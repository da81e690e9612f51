import * as v from 'valibot';
import { idSchema } from '../ids/id';
import { collapseRuleSchema } from '../site/collapse-rule';
import { findBar } from './bars';
import { editKind } from './edit-kind';
import { assemblyPlaceSchema } from './place';
import { placeName } from './place-name';

/** Puts a collapse rule into a bar: in place of the one with its id, else after all others. */
export const setRule = editKind({
  title: 'Set a collapse rule',
  says: (site, { at, bar }) => `Set a collapse rule of ${placeName(site, { on: 'bar', ...at, bar })}`,
  schema: v.strictObject({
    edit: v.literal('setRule'),
    at: assemblyPlaceSchema,
    bar: idSchema,
    rule: collapseRuleSchema,
  }),
  apply(draft, edit) {
    const found = findBar(draft, edit);
    if (typeof found === 'string') return found;
    const { bar } = found;
    const rules = bar.rules ?? [];
    const index = rules.findIndex(({ id }) => id === edit.rule.id);
    if (index < 0) bar.rules = [...rules, edit.rule];
    else rules[index] = edit.rule;
    return null;
  },
});

export const removeRule = editKind({
  title: 'Remove a collapse rule',
  says: (site, { at, bar }) => `Remove a collapse rule of ${placeName(site, { on: 'bar', ...at, bar })}`,
  schema: v.strictObject({
    edit: v.literal('removeRule'),
    at: assemblyPlaceSchema,
    bar: idSchema,
    rule: idSchema,
  }),
  apply(draft, edit) {
    const found = findBar(draft, edit);
    if (typeof found === 'string') return found;
    const { bar } = found;
    const rules = bar.rules ?? [];
    const left = rules.filter(({ id }) => id !== edit.rule);
    if (left.length === rules.length) return `The rule is no longer in “${bar.name}”.`;
    if (left.length === 0) delete bar.rules;
    else bar.rules = left;
    return null;
  },
});
