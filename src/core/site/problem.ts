import * as v from 'valibot';

/** Something wrong at a place of the document: the path inside it, such as `menus.m1.items.i2.link`, and the reason. */
export interface Problem {
  path: string;
  reason: string;
}

/** The problems that a schema found, in our form. */
export function problemsOf(issues: readonly v.BaseIssue<unknown>[]): Problem[] {
  return issues.map((issue) => ({ path: v.getDotPath(issue) ?? '', reason: issue.message }));
}

/** A problem as one sentence. */
export function problemText({ path, reason }: Problem): string {
  return path === '' ? reason : `${path}: ${reason}`;
}
