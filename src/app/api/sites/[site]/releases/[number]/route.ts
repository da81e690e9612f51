import { database } from '@/server/db/open';
import { refusal, route } from '@/server/http';
import { isReleasing } from '@/server/jobs/handover';
import { filesOf, hasRelease, removeRelease } from '@/server/releases/releases';

interface Context {
  params: Promise<{ site: string; number: string }>;
}

export const { GET, POST, PUT, PATCH, DELETE } = route<Context>({
  /** The files of a release with their sizes. */
  async GET(_, { params }) {
    const { site, number } = await params;
    return hasRelease(database(), site, Number(number))
      ? Response.json({ files: filesOf(database(), site, Number(number)) })
      : refusal(404, `There is no release ${number} of this site.`);
  },

  /** Removes a release that is not live, with its saved point. */
  async DELETE(_, { params }) {
    const { site, number } = await params;
    if (isReleasing())
      return refusal(409, 'A release is being made at the moment. Wait for it, then remove this one.');
    const problem = removeRelease(database(), site, Number(number));
    return problem === null ? Response.json({}) : refusal(422, problem);
  },
});
