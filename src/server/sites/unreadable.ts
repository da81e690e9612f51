import { problemText, type Problem } from '@/core/site/problem';

/** A site that stands in the database, but that this version cannot read: its name, and what is wrong at which place. */
export class UnreadableSite extends Error {
  override readonly name = 'UnreadableSite';

  constructor(
    readonly site: { id: string; name: string },
    readonly problems: readonly Problem[],
  ) {
    super(`The site “${site.name}” cannot be read. ${problems[0] ? problemText(problems[0]) : ''}`.trim());
  }
}
