import * as v from 'valibot';
import { integrityProblems } from './integrity';
import { problemsOf, type Problem } from './problem';
import { partKinds, siteSchema, type Site } from './site';

/** Line breaks and control characters, which no text of a site may hold: they would reach its files. */
const CONTROL = /\p{Cc}/u;

/** The texts below a value that hold a control character, each with its path. */
export function controlProblems(value: unknown, path = ''): Problem[] {
  if (typeof value === 'string')
    return CONTROL.test(value)
      ? [{ path, reason: 'holds a line break or a control character, which no text of a site may have' }]
      : [];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, inner]) =>
    typeof inner === 'string' || (typeof inner === 'object' && inner !== null)
      ? controlProblems(inner, path === '' ? key : `${path}.${key}`)
      : [],
  );
}

/** A document as the schemas of this version want it, or what is wrong with it. */
export type DocumentReading = { ok: true; site: Site } | { ok: false; problems: Problem[] };

/** Reads a document of this version from outside: by its schemas, then by what these cannot say. */
export function readDocument(value: unknown): DocumentReading {
  const parsed = v.safeParse(siteSchema, value);
  if (!parsed.success) return { ok: false, problems: problemsOf(parsed.issues) };
  const site = parsed.output;
  const problems = [...controlProblems(site), ...integrityProblems(site)];
  return problems.length > 0 ? { ok: false, problems } : { ok: true, site };
}

type Parts = Readonly<Record<string, object>>;

/** The entries of a record that are not the very objects that they were. */
function changedEntries(before: Parts, after: Parts): Parts {
  return Object.fromEntries(Object.entries(after).filter(([id, part]) => before[id] !== part));
}

/** The menus that changed, each with the items that changed: a menu may have a thousand. */
function changedMenus(before: Site['menus'], after: Site['menus']): Parts {
  const changed = changedEntries(before, after) as Site['menus'];
  return Object.fromEntries(
    Object.entries(changed).map(([id, menu]) => [
      id,
      { ...menu, items: changedEntries(before[id]?.items ?? {}, menu.items) },
    ]),
  );
}

function changedPart(before: Site, after: Site, key: keyof Site): unknown {
  if (key === 'menus') return changedMenus(before.menus, after.menus);
  const isCollection = (partKinds as readonly string[]).includes(key);
  return isCollection ? changedEntries(before[key] as Parts, after[key] as Parts) : after[key];
}

/**
 * What of a changed document, which was sound before, its own schemas would not read again, or what of it does not hold together. Of what is the
 * same object as before nothing is looked at but how what changed fits together with it, so that an edit takes no longer in a large site.
 */
export function changeProblems(before: Site, after: Site): Problem[] {
  const keys = (Object.keys(after) as (keyof Site)[]).filter((key) => before[key] !== after[key]);
  const unreadable = keys.flatMap((key) => {
    const changed = changedPart(before, after, key);
    const parsed = v.safeParse(siteSchema.entries[key] as v.GenericSchema, changed);
    const problems = parsed.success ? controlProblems(changed) : problemsOf(parsed.issues);
    return problems.map(({ path, reason }) => ({ path: path === '' ? key : `${key}.${path}`, reason }));
  });
  return unreadable.length > 0 ? unreadable : integrityProblems(after, before);
}
