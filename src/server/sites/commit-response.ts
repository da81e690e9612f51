import { refusal } from '../http';
import type { CommitResult } from './commit';

/** The answer to an edit or a step of history; a refusal carries where the site stands, so that the browser can catch up. */
export function commitResponse(result: CommitResult): Response {
  if (result.ok) return Response.json({ standing: result.standing });
  return refusal(result.status, result.reason, result.standing ? { standing: result.standing } : {});
}
