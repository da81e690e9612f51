import * as v from 'valibot';
import { database } from '@/server/db/open';
import { noSuchSite, readBody, refusal, route } from '@/server/http';
import { PORTS } from '@/server/releases/practice-host';
import { hostingOf, publish, takeDown } from '@/server/releases/publishing';
import { loadSite } from '@/server/sites/store';

const range = `A port is a whole number from ${PORTS.least} to ${PORTS.most}.`;
const bodySchema = v.strictObject({
  /** The release that is to be live; null for none. */
  release: v.nullable(v.pipe(v.number(), v.integer(), v.minValue(1))),
  port: v.optional(
    v.nullable(
      v.pipe(
        v.number(range),
        v.integer(range),
        v.minValue(PORTS.least, range),
        v.maxValue(PORTS.most, range),
      ),
    ),
    null,
  ),
});

export const { GET, POST, PUT, PATCH, DELETE } = route<{ params: Promise<{ site: string }> }>({
  /** Publishes a release at the practice host, or takes the site down. */
  async PUT(request, { params }) {
    const body = await readBody(request, bodySchema);
    if (!body.ok) return body.response;
    const { site } = await params;
    const db = database();
    if (!loadSite(db, site)) return noSuchSite();
    const { release, port } = body.value;
    const now = new Date();
    const problem = release === null ? takeDown(db, site, now) : await publish(db, site, release, port, now);
    return problem === null ? Response.json({ hosting: hostingOf(db, site) }) : refusal(422, problem);
  },
});
