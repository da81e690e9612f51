import { turnedInto } from '@/core/edit/turned-into';
import { keptBytes } from '@/core/formats/site-file';
import { problemText } from '@/core/site/problem';
import { changeProblems } from '@/core/site/soundness';
import { blobSize } from '../bytes/blobs';
import type { Db } from '../db/open';
import { beginCommit, type CommitResult, type Request } from './commit';
import { siteAtPoint } from './point-documents';
import { pointAt } from './points';
import { saveSteps } from './store';

/** Goes back to a saved point, as one edit that undo takes back. Refused where others changed the site since the window saw it. */
export function commitReturn(
  db: Db,
  id: string,
  { point, ...request }: Request & { point: string },
  now: Date,
): CommitResult {
  const begun = beginCommit(db, id, request);
  if ('ok' in begun) return begun;
  const { stored, refuse, done } = begun;
  const { base, batch, owner } = request;
  if (base < stored.revision)
    return refuse(
      409,
      'Another window changed the site meanwhile. Look at what has changed since the saved point now, and go back again if you still want to.',
    );
  const kept = pointAt(db, id, point);
  const document = kept && siteAtPoint(db, id, point);
  if (!document) return refuse(422, 'This saved point is no longer there.');
  const gone = keptBytes(document).find(({ hash }) => blobSize(db, hash) === 0);
  if (gone)
    return refuse(
      422,
      `${gone.path}: its bytes are no longer kept, so the site cannot go back to this point.`,
    );
  const { site, patches, inverse } = turnedInto(stored.site, document);
  const [problem] = changeProblems(stored.site, site);
  if (problem) return refuse(422, `This cannot be gone back to: ${problemText(problem)}`);
  if (patches.length === 0) return done(stored);
  const step = {
    revision: stored.revision + 1,
    kind: 'edit' as const,
    of: null,
    group: null,
    batch,
    window: owner.window,
    title: `Go back to “${kept.name}”`,
    patches,
    inverse,
  };
  return done(saveSteps(db, site, [step], now));
}
