import { expect, test } from '@jest/globals';
import * as v from 'valibot';
import { readDocument } from '../site/soundness';
import { applyEdits, applyPatches } from './apply';
import { everyEdit, everyKind, fullSample } from './every-edit.test-data';
import { editKinds, editSchema } from './index';

test('there is an edit of every kind', () => {
  expect(Object.keys(everyKind).sort()).toEqual(Object.keys(editKinds).sort());
});

test.each(everyEdit.map((edit) => [edit.edit, edit] as const))(
  '%s is read from JSON, changes the site, can be read again, and its inverse takes it back',
  (_, edit) => {
    const site = fullSample();
    const before = structuredClone(site);
    const outcome = applyEdits(site, [v.parse(editSchema, JSON.parse(JSON.stringify(edit)))]);
    if (!outcome.ok) throw new Error(outcome.reason);
    const { site: after, patches, inverse } = outcome;
    expect(after).not.toEqual(before);
    expect(site).toEqual(before);
    expect(readDocument(JSON.parse(JSON.stringify(after)))).toEqual({ ok: true, site: after });
    expect(applyPatches(site, JSON.parse(JSON.stringify(patches)))).toEqual(after);
    expect(applyPatches(after, JSON.parse(JSON.stringify(inverse)))).toEqual(before);
  },
);

/** Every edit that comes of one when one text in it is another one. */
function withText(value: unknown, text: string): unknown[] {
  if (typeof value === 'string') return [text];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, inner]) =>
    key === 'edit'
      ? []
      : withText(inner, text).map((changed) =>
          Array.isArray(value)
            ? value.map((each, index) => (String(index) === key ? changed : each))
            : { ...value, [key]: changed },
        ),
  );
}

const inherited = ['__proto__', 'constructor', 'prototype', 'toString', 'hasOwnProperty', '__defineGetter__'];

test.each(everyEdit.map((edit) => [edit.edit, edit] as const))(
  '%s with a name that every object has in any place is refused or a plain word, and changes no prototype',
  (_, edit) => {
    const site = fullSample();
    const names = Object.getOwnPropertyNames(Object.prototype);
    for (const name of inherited)
      for (const hostile of withText(edit, name)) {
        const parsed = v.safeParse(editSchema, hostile);
        if (!parsed.success) continue;
        const outcome = applyEdits(site, [parsed.output]);
        if (outcome.ok)
          expect(readDocument(JSON.parse(JSON.stringify(outcome.site)))).toMatchObject({ ok: true });
        else expect(outcome.reason).not.toBe('');
      }
    expect(Object.getOwnPropertyNames(Object.prototype)).toEqual(names);
  },
);

test('an id that every object has is refused by name', () => {
  for (const name of inherited) {
    const parsed = v.safeParse(editSchema, { edit: 'renameMenu', menu: name, name: 'X' });
    expect(parsed.success ? '' : parsed.issues[0].message).toContain('no name that every object has');
  }
});
