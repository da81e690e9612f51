import { database } from '@/server/db/open';
import { noSuchSite, refusal } from '@/server/http';
import { standingSince } from '@/server/sites/commit';

/** What came after the revision `since`. */
export async function GET(request: Request, { params }: { params: Promise<{ site: string }> }) {
  const since = Number(new URL(request.url).searchParams.get('since'));
  if (!Number.isInteger(since) || since < 0)
    return refusal(400, '“since” has to be the number of a revision.');
  const standing = standingSince(database(), (await params).site, since);
  return standing ? Response.json({ standing }) : noSuchSite();
}
