import { isHandoverForm, type HandoverFormId } from '@/core/render/forms';
import { slug } from '@/core/render/names';
import { database } from '@/server/db/open';
import { download, lines, noSuchSite, refusal, route } from '@/server/http';
import { makeZip, takeZip } from '@/server/jobs/handover';
import { hasRelease } from '@/server/releases/releases';
import { sentFile } from '@/server/sent-file';
import { loadSite } from '@/server/sites/store';

/** What of a site an archive is made of: a release, or the site as it stands, in a form. */
interface Asked {
  site: string;
  release: number | null;
  form: HandoverFormId;
  name: string;
}

/** Reads what is asked for, or says why it cannot be had. */
function askedOf(site: string, request: Request): Asked | Response {
  const stored = loadSite(database(), site);
  if (!stored) return noSuchSite();
  const query = new URL(request.url).searchParams;
  const form = query.get('form') ?? 'website';
  if (!isHandoverForm(form)) return refusal(404, `There is no form “${form}” of a site.`);
  const name = `${slug(stored.site.name, 'site')}${form === 'website' ? '' : `-${form}`}`;
  const said = query.get('release');
  if (said === null) return { site, release: null, form, name: `${name}.zip` };
  const release = Number(said);
  if (!Number.isInteger(release) || !hasRelease(database(), site, release))
    return refusal(404, `There is no release ${said} of this site.`);
  return { site, release, form, name: `${name}-release-${release}.zip` };
}

/** Makes an archive to its end, for whoever does not want to hear how far it is; no further than they wait for it. */
async function made(
  { site, release, form }: Asked,
  { signal }: Request,
): Promise<{ key: string } | { reason: string }> {
  for await (const news of makeZip(site, release, form)) {
    if (signal.aborted) break;
    if (news.says === 'ready') return { key: news.key! };
    if (news.says === 'failed') return { reason: news.reason };
  }
  return { reason: 'Nothing was made.' };
}

export const { GET, POST, PUT, PATCH, DELETE } = route<{ params: Promise<{ site: string }> }>({
  /** The site, or a release of it (`release`), in a form (`form`, that of a website where none is said): the archive that was made under `key`, or a new one. */
  async GET(request, { params }) {
    const asked = askedOf((await params).site, request);
    if (asked instanceof Response) return asked;
    const key = new URL(request.url).searchParams.get('key');
    const found = key === null ? await made(asked, request) : { key };
    if ('reason' in found) return refusal(500, found.reason);
    const zip = takeZip(found.key);
    if (!zip) return refusal(404, 'This archive was fetched already, or has waited too long. Make it again.');
    return download(await sentFile(zip.file, zip.away), asked.name, 'application/zip');
  },

  /** Makes the archive and tells line by line how far it is; the last line has the key under which it is fetched. */
  async POST(request, { params }) {
    const asked = askedOf((await params).site, request);
    return asked instanceof Response ? asked : lines(makeZip(asked.site, asked.release, asked.form));
  },
});
